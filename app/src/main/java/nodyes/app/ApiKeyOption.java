package nodyes.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/**
 * A key for programs that is given at the start. On the command line others on the machine see it;
 * the environment and a file keep it to themselves.
 */
final class ApiKeyOption {
  static final String VARIABLE = "NODYES_API_KEY";

  @Option(
      names = "--api-key",
      description =
          "a key for programs: Authorization: Bearer KEY (others on this machine see it here;"
              + " rather set NODYES_API_KEY or use --api-key-file)")
  private @Nullable String key;

  @Option(names = "--api-key-file", description = "a file whose first line is the key")
  private @Nullable Path file;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec = CommandSpec.create();

  @Nullable String read() {
    if (key != null) {
      return key;
    }
    if (file != null) {
      return read(file);
    }
    String set = System.getenv(VARIABLE);
    return set == null || set.isBlank() ? null : set.strip();
  }

  private String read(Path given) {
    try {
      return Files.readAllLines(given).stream()
          .map(String::strip)
          .findFirst()
          .filter(line -> !line.isEmpty())
          .orElseThrow(
              () -> new ParameterException(spec.commandLine(), "There is no key in " + given));
    } catch (IOException e) {
      throw new ParameterException(
          spec.commandLine(), "The file of the key cannot be read: " + given, e);
    }
  }
}
