package nodyes.server.web;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
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

  /** What an exception says of a line; empty where it is no fault of the line. */
  public static Optional<LineProblem> problem(long line, RuntimeException e) {
    return switch (e) {
      case JacksonException bad ->
          Optional.of(new LineProblem(line, "", "", "is not JSON: " + bad.getOriginalMessage()));
      case BadField bad ->
          Optional.of(
              new LineProblem(line, bad.field, bad.value, String.valueOf(bad.getMessage())));
      case DateTimeParseException bad ->
          Optional.of(
              new LineProblem(line, "", bad.getParsedString(), String.valueOf(bad.getMessage())));
      case IllegalArgumentException bad ->
          Optional.of(new LineProblem(line, "", "", String.valueOf(bad.getMessage())));
      case ArithmeticException bad ->
          Optional.of(new LineProblem(line, "", "", String.valueOf(bad.getMessage())));
      default -> Optional.empty();
    };
  }

  /**
   * Reads each line that is not blank.
   *
   * @param meaning what a line says; its {@link IllegalArgumentException} tells what is wrong
   */
  public <T> Result read(BufferedReader lines, Function<JsonNode, T> meaning, Consumer<T> taken)
      throws IOException {
    var problems = new ArrayList<LineProblem>();
    int count = 0;
    long number = 0;
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      number++;
      if (line.isBlank()) {
        continue;
      }
      try {
        taken.accept(meaning.apply(json.readTree(line)));
        count++;
      } catch (JacksonException
          | IllegalArgumentException
          | ArithmeticException
          | DateTimeParseException e) {
        if (problems.size() < MOST_PROBLEMS) {
          problem(number, e).ifPresent(problems::add);
        }
      }
    }
    return new Result(count, List.copyOf(problems));
  }

  /** A reader of an uploaded file; refuses an empty one. */
  public static BufferedReader open(MultipartFile file) throws IOException {
    if (file.isEmpty()) {
      throw Refusal.unusable("The file is empty.");
    }
    return new BufferedReader(new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8));
  }

  /**
   * The text or number under a name; throws {@link IllegalArgumentException} where there is none.
   */
  public static String text(JsonNode node, String name) {
    JsonNode value = node.path(name);
    if (!value.isString() && !value.isNumber()) {
      throw new IllegalArgumentException("has no " + name);
    }
    return value.asString();
  }
}
