package nodyes.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Bringing a CSV file of reviews in, beside sqlite3's own .import of the same file. */
final class CsvImport {
  private static final int ROWS = 100_000;

  private final Bringing bringing;
  private final Path folder;

  CsvImport(RunningDemo server, Path folder) {
    this.bringing = new Bringing(server);
    this.folder = folder;
  }

  List<String> measure() throws IOException, InterruptedException {
    var report = new ArrayList<>(List.of("", "## Bringing a CSV file in", ""));
    if (!Shell.has("sqlite3")) {
      report.add("Not measured: needs sqlite3 on this machine.");
      return report;
    }
    report.add(
        ROWS
            + " rows of nine columns. Ours parses, checks every cell, finds the product, tells copies"
            + " and near-copies apart, maps the rating, indexes the words for searching and writes"
            + " into a table with five indexes; sqlite3 splits the lines and stores text into a"
            + " table without one.");
    report.add("");
    report.add("| round | looking, rows/s | reading, rows/s | sqlite3 .import, rows/s |");
    report.add("| ---: | ---: | ---: | ---: |");
    for (int round = 1; round <= 3; round++) {
      Path file = SampleFile.write(folder.resolve("reviews" + round + ".csv"), ROWS, round);
      long start = System.nanoTime();
      String id = bringing.look(file);
      double looking = seconds(start);
      start = System.nanoTime();
      bringing.begin(id);
      bringing.await(id, ROWS);
      double reading = seconds(start);
      start = System.nanoTime();
      boolean done =
          Shell.run(
                  List.of(
                      "sqlite3",
                      folder.resolve("reference" + round + ".sqlite").toString(),
                      ".mode csv",
                      ".import " + file + " review"))
              .isPresent();
      double theirs = seconds(start);
      if (!done) {
        throw new IOException("sqlite3 failed");
      }
      report.add(
          "| %d | %,.0f | %,.0f | %,.0f |"
              .formatted(round, ROWS / looking, ROWS / reading, ROWS / theirs));
    }
    return report;
  }

  private static double seconds(long start) {
    return (System.nanoTime() - start) / 1e9;
  }
}
