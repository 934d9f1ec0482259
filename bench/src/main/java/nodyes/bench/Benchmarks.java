package nodyes.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Runs all measurements and writes docs/benchmarks.md. */
public final class Benchmarks {
  private Benchmarks() {}

  /** Needs the built jar; sqlite3, nginx and wrk are used where they are installed. */
  public static void main(String[] args) throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("nodyes-bench");
    // nginx reads as another user
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
    var report = new ArrayList<String>();
    report.add("# Benchmarks");
    report.add("");
    report.add(
        "Written by `./nodyes bench` on "
            + LocalDate.now(java.time.ZoneOffset.UTC)
            + ", on a machine with "
            + Runtime.getRuntime().availableProcessors()
            + " cores. Each figure stands beside a general-purpose reference measured in the same run.");
    try (var server = new RunningDemo(folder.resolve("data"))) {
      report.addAll(server.report());
      report.addAll(new Endpoint(server, folder).measure());
      report.addAll(new CsvImport(server, folder).measure());
      report.addAll(server.memoryAfterLoad());
      report.addAll(new Desk(server, folder).measure());
      report.addAll(server.memoryAfterLoad());
    }
    report.addAll(new Killing(folder).measure());
    report.addAll(sizes());
    report.add("");
    Path out = Path.of("docs/benchmarks.md");
    Files.createDirectories(out.getParent());
    Files.writeString(out, String.join("\n", report), StandardCharsets.UTF_8);
    System.out.println(String.join("\n", report));
    System.out.println("Written to " + out.toAbsolutePath());
  }

  private static List<String> sizes() throws IOException {
    return List.of(
        "",
        "## Sizes",
        "",
        "| what | bytes |",
        "| --- | ---: |",
        "| app jar | " + Files.size(Path.of("app/target/nodyes.jar")) + " |",
        "| nodyes.js | " + Files.size(Path.of("web/dist/nodyes.js")) + " |",
        "| nodyes.js with brotli, what a shop page loads | "
            + Files.size(Path.of("web/dist/nodyes.js.br"))
            + " |");
  }
}
