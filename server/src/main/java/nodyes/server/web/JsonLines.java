package nodyes.server.web;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
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

  /** What is wrong with a line, counted from 1. */
  public record LineProblem(long line, String reason) {}

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
      } catch (JacksonException e) {
        add(problems, number, "is not JSON: " + e.getOriginalMessage());
      } catch (IllegalArgumentException | ArithmeticException | DateTimeParseException e) {
        add(problems, number, String.valueOf(e.getMessage()));
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

  private static void add(List<LineProblem> problems, long line, String reason) {
    if (problems.size() < MOST_PROBLEMS) {
      problems.add(new LineProblem(line, reason));
    }
  }
}
