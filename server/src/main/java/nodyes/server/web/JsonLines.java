package nodyes.server.web;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.server.messages.Texts;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Reads files of one JSON object to a line, keeping the good lines. */
@Component
public class JsonLines {
  private static final int MOST_PROBLEMS = 200;

  private final ObjectMapper json;

  JsonLines(ObjectMapper json) {
    this.json = json;
  }

  /** What came of it: lines taken, and what is wrong with the others (the first 200 of them). */
  public record Result(int taken, List<LineProblem> problems) {}

  /**
   * What is wrong with a line, counted from 1.
   *
   * @param field the term it is about; empty where it is the whole line
   * @param value what was given; empty where nothing was
   */
  public record LineProblem(long line, String field, String value, String reason) {
    private static final int LONGEST = 120;

    /** Keeps a value short enough to be read. */
    public LineProblem {
      value = value.length() > LONGEST ? value.substring(0, LONGEST) + "…" : value;
    }
  }

  /** A value that cannot be taken. */
  public static final class BadField extends IllegalArgumentException {
    private static final long serialVersionUID = 1;
    private final String field;
    private final String value;

    /** Names the term, what was given for it, and why it cannot be taken. */
    public BadField(String field, String value, String reason) {
      super(reason);
      this.field = field;
      this.value = value;
    }
  }

  /** Takes what lines say. */
  @FunctionalInterface
  public interface Taker {
    /**
     * Takes a node.
     *
     * @param line on which it stands, counted from 1
     * @throws IllegalArgumentException telling what is wrong with it; also an {@link
     *     ArithmeticException} or a {@link DateTimeParseException}
     */
    void take(long line, JsonNode node);
  }

  /** What is wrong with a node, if its taker refuses it. */
  public static Optional<LineProblem> take(long line, JsonNode node, Taker taker) {
    try {
      taker.take(line, node);
      return Optional.empty();
    } catch (IllegalArgumentException | ArithmeticException | DateTimeParseException e) {
      return Optional.of(problem(line, e));
    }
  }

  private static LineProblem problem(long line, RuntimeException e) {
    String reason =
        e instanceof IllegalArgumentException refused
            ? Texts.why(refused)
            : String.valueOf(e.getMessage());
    return switch (e) {
      case BadField bad -> new LineProblem(line, bad.field, bad.value, reason);
      case DateTimeParseException bad ->
          new LineProblem(line, "", bad.getParsedString(), Texts.text("feeds.notADate"));
      default -> new LineProblem(line, "", "", reason);
    };
  }

  /** A line that is no JSON. */
  public static LineProblem notJson(long line, JacksonException e) {
    return new LineProblem(
        line, "", "", Texts.text("feeds.notJson", "why", e.getOriginalMessage()));
  }

  /** Reads each line that is not blank. */
  public Result read(Reader reader, Taker taker) throws IOException {
    var lines = reader instanceof LineReader bounded ? bounded : new LineReader(reader);
    var problems = new ArrayList<LineProblem>();
    int count = 0;
    for (long number = 1; ; number++) {
      Optional<LineProblem> problem;
      try {
        String line = lines.readLine();
        if (line == null) {
          return new Result(count, List.copyOf(problems));
        }
        if (line.isBlank()) {
          continue;
        }
        problem = take(number, json.readTree(line), taker);
      } catch (JacksonException e) {
        problem = Optional.of(notJson(number, e));
      } catch (LineReader.TooLong e) {
        problem = Optional.of(tooLong(number, e));
      }
      count += problem.isEmpty() ? 1 : 0;
      if (problems.size() < MOST_PROBLEMS) {
        problem.ifPresent(problems::add);
      }
    }
  }

  /** A line that is longer than lines may be. */
  public static LineProblem tooLong(long line, LineReader.TooLong e) {
    return new LineProblem(line, "", "", String.valueOf(e.getMessage()));
  }

  /** A reader of an uploaded file; refuses an empty one. */
  public static LineReader open(MultipartFile file) throws IOException {
    if (file.isEmpty()) {
      throw ApiProblem.unusable(Texts.text("problems.fileEmpty"));
    }
    return new LineReader(new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8));
  }

  /**
   * The text or number under a name; throws {@link IllegalArgumentException} where there is none.
   */
  public static String text(JsonNode node, String name) {
    JsonNode value = node.path(name);
    if (!value.isString() && !value.isNumber()) {
      throw new IllegalArgumentException(Texts.text("feeds.lacks", "value", name));
    }
    return value.asString();
  }
}
