package nodyes.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Brings files of products and orders in, beside sqlite3's own .import of the same files. */
final class FeedBench {
  private static final int ROWS = 100_000;
  private static final int HEAP_MEGABYTES = 300;

  private final Path folder;
  private final int rows;

  FeedBench(Path folder) {
    this(folder, ROWS);
  }

  FeedBench(Path folder, int rows) {
    this.folder = folder;
    this.rows = rows;
  }

  List<String> measure() throws IOException, InterruptedException {
    var report = new ArrayList<>(List.of("", "## Files of products and orders", ""));
    if (!Shell.has("sqlite3")) {
      report.add("Not measured: needs sqlite3 on this machine.");
      return report;
    }
    report.add(
        ("%,d rows each, as CSV; products have two variants, orders two lines. Ours parses and checks every cell,"
                + " writes prices with their history, categories, tags and lines into tables with their"
                + " indexes, and notes each row that it changes, so that it can be undone; sqlite3"
                + " splits the lines and stores text into a table without an index. The heap was at"
                + " most %d MB.")
            .formatted(rows, HEAP_MEGABYTES));
    report.add("");
    report.add("| file | reading, rows/s | sqlite3 .import, rows/s |");
    report.add("| --- | ---: | ---: |");
    try (var server = new RunningDemo(folder.resolve("feeds"), HEAP_MEGABYTES)) {
      Path products = products(1);
      report.add(row(server, "products, new", "products", products));
      report.add(row(server, "the same again", "products", products));
      report.add(row(server, "the same with other prices", "products", products(2)));
      Path orders = orders();
      report.add(row(server, "orders, new", "orders", orders));
      report.add(row(server, "the same again", "orders", orders));
      report.add("");
      report.add("Memory after it: " + server.memory() + ".");
    }
    return report;
  }

  Path products(int prices) throws IOException {
    Path file = folder.resolve("products" + prices + ".csv");
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      out.write("Product,Variant,SKU,Price,Old price,Stock,Category,Brand,Tags\n");
      for (int n = 0; n < rows; n++) {
        int product = n / 2;
        out.write(
            "Thing number %d,size %d,T-%d-%d,%d.%d0,%d.00,%d,Tools > Kind %d,Maker %d,k%d%n"
                .formatted(
                    product,
                    n % 2,
                    product,
                    n % 2,
                    10 + product % 90,
                    prices,
                    110 + product % 90,
                    product % 50,
                    product % 40,
                    product % 7,
                    product % 20));
      }
    }
    return file;
  }

  Path orders() throws IOException {
    Path file = folder.resolve("orders.csv");
    var random = new Random(7);
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      out.write("Order number,Date,SKU,Quantity,Status,Country,Town\n");
      for (int n = 0; n < rows; n++) {
        out.write(
            "A-%d,%02d.11.2026,T-%d-%d,%d,shipped,Germany,Town %d%n"
                .formatted(
                    n / 2,
                    1 + n / 2 % 20,
                    random.nextInt(rows / 2),
                    random.nextInt(2),
                    1 + n % 3,
                    n % 300));
      }
    }
    return file;
  }

  String row(RunningDemo server, String what, String kind, Path file)
      throws IOException, InterruptedException {
    long start = System.nanoTime();
    String run = server.upload("/api/v1/feeds/" + kind + "/files", file);
    double ours = (System.nanoTime() - start) / 1e9;
    if (!run.contains("\"state\":\"DONE\"") || !run.contains("\"wrong\":0")) {
      throw new IOException("not all rows were taken: " + run);
    }
    start = System.nanoTime();
    Path reference = Files.createTempFile(folder, "reference", ".sqlite");
    boolean isDone =
        Shell.run(
                List.of("sqlite3", reference.toString(), ".mode csv", ".import " + file + " rows"))
            .isPresent();
    if (!isDone) {
      throw new IOException("sqlite3 failed");
    }
    double theirs = (System.nanoTime() - start) / 1e9;
    return "| %s | %,.0f | %,.0f |".formatted(what, rows / ours, rows / theirs);
  }
}
