package nodyes.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Runs all measurements and writes docs/benchmarks.md. */
public final class Benchmarks {
  private static final CpuSteal STOLEN = new CpuSteal();
  private static final Path OUT = Path.of("docs/benchmarks.md");

  private Benchmarks() {}

  /** A part that can be measured again by itself. */
  private interface Part {
    List<String> measure(RunningDemo server, Path folder) throws IOException, InterruptedException;
  }

  private static final Map<String, Part> PARTS =
      Map.of(
          "endpoint", (server, folder) -> new Endpoint(server, folder).measure(),
          "browser", (server, _) -> new InChromium(server).measure(),
          "unmarked", (server, _) -> new UnmarkedPages(server).measure(),
          "walls", (server, folder) -> new Walls(server, folder).measure(),
          "labels", (server, _) -> new Labels(server).measure(),
          "desk", (server, folder) -> new Desk(server, folder).measure(),
          "views", (server, folder) -> new Views(server, folder).measure());

  /** Parts that need no running demo. */
  private interface Alone {
    List<String> measure(Path folder) throws IOException, InterruptedException;
  }

  private static final Map<String, Alone> ALONE =
      Map.of(
          "sizes", _ -> Sizes.measure(),
          "composing", _ -> Composing.measure(),
          "estimating", _ -> Estimating.measure(),
          "csv", folder -> new CsvImport(folder).measure(),
          "feeds", folder -> new FeedBench(folder).measure(),
          "million", folder -> new MillionRows(folder).measure(),
          "killing", folder -> new CrashRecoveryBench(folder).measure());

  /**
   * Needs the built jar; sqlite3, nginx and wrk are used where they are installed.
   *
   * @param args names of parts to measure again, each put in the place of its old figures; none for
   *     all of it
   */
  public static void main(String[] args) throws IOException, InterruptedException {
    Path folder = readable(Files.createTempDirectory("nodyes-bench"));
    if (args.length == 0) {
      measureAll(folder);
      return;
    }
    for (String name : args) {
      STOLEN.line(); // counts from now on
      var lines = new ArrayList<>(measure(name, folder));
      lines.add("");
      lines.add(STOLEN.line() + " It was measured again by itself.");
      replace(lines);
    }
  }

  /** nginx reads as another user. */
  private static Path readable(Path folder) throws IOException {
    return Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
  }

  private static List<String> measure(String name, Path folder)
      throws IOException, InterruptedException {
    Alone alone = ALONE.get(name);
    if (alone != null) {
      return alone.measure(folder);
    }
    Part part = PARTS.get(name);
    if (part == null) {
      var known = new TreeSet<>(PARTS.keySet());
      known.addAll(ALONE.keySet());
      throw new IllegalArgumentException("One of " + known + ", not " + name);
    }
    Path own = readable(Files.createDirectories(folder.resolve(name)));
    try (var server = new RunningDemo(own.resolve("data"))) {
      return part.measure(server, own);
    }
  }

  /** Puts a part in the place of the one with its heading. */
  private static void replace(List<String> part) throws IOException {
    List<String> all = new ArrayList<>(Files.readAllLines(OUT));
    List<String> fresh = part.stream().dropWhile(String::isEmpty).toList();
    int start = all.indexOf(fresh.getFirst());
    if (start < 0) { // measured for the first time
      all.addAll(part);
      Files.write(OUT, all);
      System.out.println(String.join("\n", part));
      return;
    }
    // a part may have several headings
    long left = fresh.stream().filter(Benchmarks::isHeading).count();
    int end = start + 1;
    while (end < all.size() && (left > 1 || !isHeading(all.get(end)))) {
      left -= isHeading(all.get(end)) ? 1 : 0;
      end++;
    }
    all.subList(start, end).clear();
    all.addAll(start, fresh);
    if (start + fresh.size() < all.size()) {
      all.add(start + fresh.size(), "");
    }
    Files.write(OUT, all);
    System.out.println(String.join("\n", part));
  }

  private static boolean isHeading(String line) {
    return line.startsWith("## ");
  }

  private static void measureAll(Path folder) throws IOException, InterruptedException {
    var report = new ArrayList<String>();
    report.add("# Benchmarks");
    report.add("");
    report.add(
        "Written by `./nodyes bench` on "
            + LocalDate.now(java.time.ZoneOffset.UTC)
            + ", on a machine with "
            + Runtime.getRuntime().availableProcessors()
            + " cores. Each figure stands beside a general-purpose reference measured in the same run.");
    report.addAll(Sizes.measure());
    try (var server = new RunningDemo(folder.resolve("data"))) {
      add(report, server.report());
      add(report, new Endpoint(server, folder).measure());
      add(report, new InChromium(server).measure());
      add(report, new UnmarkedPages(server).measure());
      add(report, new Walls(server, folder).measure());
      add(report, new Labels(server).measure());
      add(report, new Desk(server, folder).measure());
      add(report, new Views(server, folder).measure());
      add(report, server.memoryAfterLoad());
    }
    add(report, Composing.measure());
    add(report, Estimating.measure());
    add(report, new CsvImport(folder).measure());
    add(report, new FeedBench(folder).measure());
    add(report, new CrashRecoveryBench(folder).measure());
    System.out.println("Written to " + OUT.toAbsolutePath());
  }

  /** Writes after each part, so that a run that is broken off has said what it measured. */
  private static void add(List<String> report, List<String> part) throws IOException {
    report.addAll(part);
    report.add("");
    report.add(STOLEN.line());
    Files.createDirectories(OUT.getParent());
    Files.writeString(OUT, String.join("\n", report) + "\n", StandardCharsets.UTF_8);
    System.out.println(String.join("\n", part));
  }
}
