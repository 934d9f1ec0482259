package nodyes.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A million rows of each kind, read with the heap that a small machine has to spare. */
final class MillionRows {
  private static final int ROWS = 1_000_000;
  private static final int HEAP_MEGABYTES = 300;

  private final Path folder;

  MillionRows(Path folder) {
    this.folder = folder;
  }

  List<String> measure() throws IOException, InterruptedException {
    var report =
        new ArrayList<>(
            List.of(
                "",
                "## A million rows",
                "",
                "%,d rows of each kind in one file, with a heap of at most %d MB: what does not fit fails."
                    .formatted(ROWS, HEAP_MEGABYTES),
                "",
                "| file | reading, rows/s | sqlite3 .import, rows/s |",
                "| --- | ---: | ---: |"));
    try (var server = new RunningDemo(folder.resolve("million"), HEAP_MEGABYTES)) {
      var feeds = new FeedBench(folder, ROWS);
      report.add(feeds.row(server, "products", "products", feeds.products(1)));
      report.add(feeds.row(server, "orders", "orders", feeds.orders()));
      var reviews = new ImportBench(server);
      Path file = SampleFile.write(folder.resolve("reviews.csv"), ROWS, 5);
      long start = System.nanoTime();
      String id = reviews.look(file);
      reviews.begin(id);
      reviews.await(id, ROWS);
      report.add(
          "| reviews, looking included | %,.0f | |"
              .formatted(ROWS / ((System.nanoTime() - start) / 1e9)));
      report.add("");
      report.add("Memory after it: " + server.memory() + ".");
    }
    return report;
  }
}
