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
  private static final Path OUT = Path.of("docs/benchmarks.md");

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
    report.addAll(sizes());
    try (var server = new RunningDemo(folder.resolve("data"))) {
      add(report, server.report());
      add(report, new Endpoint(server, folder).measure());
      add(report, new InChromium(server).measure());
      add(report, new Walls(server, folder).measure());
      add(report, new Labels(server).measure());
      add(report, new Desk(server, folder).measure());
      add(report, new Views(server, folder).measure());
      add(report, server.memoryAfterLoad());
    }
    add(report, Composing.measure());
    add(report, Estimating.measure());
    add(report, new CsvImport(folder).measure());
    add(report, new Killing(folder).measure());
    System.out.println("Written to " + OUT.toAbsolutePath());
  }

  /** Writes after each part, so that a run that is broken off has said what it measured. */
  private static void add(List<String> report, List<String> part) throws IOException {
    report.addAll(part);
    Files.createDirectories(OUT.getParent());
    Files.writeString(OUT, String.join("\n", report) + "\n", StandardCharsets.UTF_8);
    System.out.println(String.join("\n", part));
  }

  private static List<String> sizes() throws IOException {
    var sizes =
        new ArrayList<>(
            List.of(
                "",
                "## Sizes",
                "",
                "What a shop page loads: nodyes.js with the star line in it, and the file of each kind that is on the"
                    + " page; the form when someone opens it.",
                "",
                "| what | bytes | with brotli |",
                "| --- | ---: | ---: |",
                "| app jar | " + Files.size(Path.of("app/target/nodyes.jar")) + " | |",
                size(Path.of("web/dist/nodyes.js"))));
    try (var files = Files.list(Path.of("web/dist/nodyes"))) {
      for (Path file : files.filter(one -> one.toString().endsWith(".js")).sorted().toList()) {
        sizes.add(size(file));
      }
    }
    return sizes;
  }

  private static String size(Path file) throws IOException {
    return "| %s | %d | %d |"
        .formatted(
            String.valueOf(file.getFileName()).replaceAll("part-.*", "a part that kinds share"),
            Files.size(file),
            Files.size(Path.of(file + ".br")));
  }
}
