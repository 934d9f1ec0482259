package nodyes.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Bringing a CSV file of reviews in, beside sqlite3's own .import of the same file. */
final class CsvImport {
  private static final int ROWS = 100_000;
  private static final String BOUNDARY = "nodyes-bench-boundary";
  private static final Pattern ID = Pattern.compile("\"id\":(\\d+)");

  private final RunningDemo server;
  private final Path folder;

  CsvImport(RunningDemo server, Path folder) {
    this.server = server;
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
            + " rows of six columns. Ours parses, checks every cell, finds the product, tells copies"
            + " apart, maps the rating and writes into a table with five indexes; sqlite3 splits the"
            + " lines and stores text into a table without one.");
    report.add("");
    report.add("| round | looking, rows/s | reading, rows/s | sqlite3 .import, rows/s |");
    report.add("| ---: | ---: | ---: | ---: |");
    for (int round = 1; round <= 3; round++) {
      Path file = write(round);
      long start = System.nanoTime();
      String looked = look(file);
      double looking = seconds(start);
      Matcher id = ID.matcher(looked);
      if (!id.find()) {
        throw new IOException("looking failed: " + looked);
      }
      double reading = read(id.group(1));
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

  private static final String[] SAID = {
    "the pot",
    "stands",
    "in the wind",
    "and",
    "the saucer",
    "holds",
    "a whole watering",
    "my",
    "rosemary",
    "likes",
    "the glaze",
    "came",
    "well packed",
    "after",
    "nine days",
    "but",
    "one",
    "was chipped",
    "they sent",
    "another",
    "without",
    "a word",
    "heavy",
    "lovely",
    "too small",
    "for",
    "the balcony",
    "I would buy",
    "it again",
    "winter",
    "frost",
    "colour",
    "greener than",
    "the picture",
    "a gift",
    "mother",
    "herbs",
    "deep",
    "drains",
    "slowly",
    "clay",
    "rim",
    "handle"
  };

  /** Reviews of 8 to 40 parts each, as varied as people's are: few are nearly alike. */
  private static String words(Random random) {
    var words = new StringBuilder();
    for (int i = 8 + random.nextInt(33); i > 0; i--) {
      words.append(SAID[random.nextInt(SAID.length)]).append(i == 1 ? "." : " ");
    }
    return words.toString();
  }

  private Path write(int round) throws IOException {
    Path file = folder.resolve("reviews" + round + ".csv");
    var random = new Random(round);
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      out.write("Product,Rating,Title,Words,Reviewer,Date\n");
      String[] products = {"slate-pot", "celadon-planter", "moss-can", "trowel", "sill-lamp"};
      for (int i = 0; i < ROWS; i++) {
        out.write(
            products[i % products.length]
                + ","
                + (1 + i % 5)
                + ",Title "
                + i
                + ",\""
                + words(random)
                + "\",Reviewer "
                + i
                + ",2026-0"
                + (1 + i % 9)
                + "-11\n");
      }
    }
    return file;
  }

  private String look(Path file) throws IOException, InterruptedException {
    var body = new java.io.ByteArrayOutputStream();
    body.writeBytes(
        ("--"
                + BOUNDARY
                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"bench.csv\"\r\n"
                + "Content-Type: text/csv\r\n\r\n")
            .getBytes(java.nio.charset.StandardCharsets.US_ASCII));
    body.writeBytes(Files.readAllBytes(file));
    body.writeBytes(
        ("\r\n--" + BOUNDARY + "--\r\n").getBytes(java.nio.charset.StandardCharsets.US_ASCII));
    return server
        .send(
            HttpRequest.newBuilder(URI.create(server.address("/api/v1/bring-in")))
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())))
        .body();
  }

  private double read(String id) throws IOException, InterruptedException {
    long start = System.nanoTime();
    server.send(
        HttpRequest.newBuilder(URI.create(server.address("/api/v1/bring-in/" + id + "/read")))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString("{\"permitted\":true}")));
    String state = "";
    while (!state.contains("\"state\":\"READ\"")) {
      Thread.sleep(25);
      state = server.get("/api/v1/bring-in/" + id).body();
      if (state.contains("FAILED")) {
        throw new IOException("reading failed: " + state);
      }
    }
    double seconds = seconds(start);
    if (!state.contains("\"taken\":" + ROWS)) {
      throw new IOException("not all rows were taken: " + state);
    }
    return seconds;
  }

  private static double seconds(long start) {
    return (System.nanoTime() - start) / 1e9;
  }
}
