package nodyes.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** Runs programs of the machine. */
final class Shell {
  private Shell() {}

  static boolean has(String program) {
    return run(List.of("sh", "-c", "command -v " + program)).isPresent();
  }

  /** What it printed, or empty where it failed. */
  static Optional<String> run(List<String> command) {
    try {
      Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
      String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      return process.waitFor() == 0 ? Optional.of(out) : Optional.empty();
    } catch (IOException e) {
      return Optional.empty();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }
}
