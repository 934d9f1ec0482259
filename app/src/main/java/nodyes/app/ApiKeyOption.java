package nodyes.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

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

  @Nullable String read() throws IOException {
    if (key != null) {
      return key;
    }
    if (file != null) {
      return Files.readAllLines(file).stream().findFirst().map(String::strip).orElse(null);
    }
    String set = System.getenv(VARIABLE);
    return set == null || set.isBlank() ? null : set.strip();
  }
}
