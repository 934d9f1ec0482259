package nodyes.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/** The review wall of one product with fifty thousand reviews, and a large picture for it. */
final class Walls {
  private static final int ROWS = 50_000;
  private static final int ROUNDS = 40;
  private static final int PAUSE = 150;
  private static final int PICTURES = 5;
  private static final String PRODUCT = "hose-rose";
  private static final String WALL = "/embed/v1/reviews?size=6&product=" + PRODUCT;

  private final RunningDemo server;
  private final Path folder;

  Walls(RunningDemo server, Path folder) {
    this.server = server;
    this.folder = folder;
  }

  private static Map<String, String> asked() {
    var asked = new LinkedHashMap<String, String>();
    asked.put("newest", "");
    asked.put("most helpful", "&order=MOST_HELPFUL");
    asked.put("highest", "&order=HIGHEST");
    asked.put("lowest", "&order=LOWEST");
    asked.put("2 stars", "&stars=2");
    asked.put("in German", "&language=de");
    asked.put("in German, lowest", "&language=de&order=LOWEST");
    asked.put("with pictures", "&pictured=true");
    asked.put("a common word", "&words=saucer");
    asked.put("a common word, lowest", "&words=saucer&order=LOWEST");
    asked.put("a rare word", "&words=chipped%20balcony%20mother%20frost");
    return asked;
  }

  List<String> measure() throws IOException, InterruptedException {
    fill();
    var report =
        new ArrayList<>(
            List.of(
                "",
                "## A wall over fifty thousand reviews",
                "",
                "First page of 6, through HTTP, with the exact count of what fits. The first time that a filter is"
                    + " asked for since a review changed, all that fits is counted; then "
                    + ROUNDS
                    + " times more.",
                "",
                "| shown | first time, ms | p50, ms | p95, ms |",
                "| --- | ---: | ---: | ---: |"));
    for (Map.Entry<String, String> filter : asked().entrySet()) {
      double first = time(WALL + filter.getValue());
      var times = new double[ROUNDS];
      for (int i = 0; i < ROUNDS; i++) {
        // shop pages are limited to so many asks a minute
        Thread.sleep(PAUSE);
        times[i] = time(WALL + filter.getValue());
      }
      Arrays.sort(times);
      report.add(
          "| %s | %.1f | %.1f | %.1f |"
              .formatted(filter.getKey(), first, times[ROUNDS / 2], times[ROUNDS * 95 / 100 - 1]));
    }
    report.add("");
    report.add(
        "Its page answer, summary and first six reviews, is %,d bytes."
            .formatted(
                server
                    .get("/embed/v1/page?kind=product&lang=en&country=PT&product=" + PRODUCT)
                    .body()
                    .getBytes(StandardCharsets.UTF_8)
                    .length));
    report.add("");
    report.add(picture());
    return report;
  }

  /** All of one product, and published in one act. */
  private void fill() throws IOException, InterruptedException {
    Path file = SampleFile.write(folder.resolve("wall.csv"), ROWS, 7);
    Files.writeString(
        file,
        Files.readString(file)
            .replaceAll(
                "(?m)^(slate-pot|celadon-planter|moss-can|trowel|sill-lamp),", PRODUCT + ","));
    var bringing = new ImportBench(server);
    String id = bringing.look(file);
    bringing.begin(id);
    bringing.await(id, ROWS);
    server.post("/api/v1/import-checks/" + id + "/publish", "{}");
  }

  private double time(String address) throws IOException, InterruptedException {
    long start = System.nanoTime();
    var answer = server.get(address);
    double time = (System.nanoTime() - start) / 1e6;
    if (answer.statusCode() != 200) {
      throw new IOException(address + " answered " + answer.statusCode() + ": " + answer.body());
    }
    return time;
  }

  /** From sending a picture of about 12 MB to having its small form. */
  private String picture() throws IOException, InterruptedException {
    var times = new double[PICTURES];
    long bytes = 0;
    for (int i = 0; i < PICTURES; i++) {
      byte[] picture = noise(i);
      bytes = picture.length;
      long start = System.nanoTime();
      String kept =
          server
              .send(
                  HttpRequest.newBuilder(URI.create(server.address("/embed/v1/reviews/pictures")))
                      .header("Content-Type", "application/octet-stream")
                      .POST(HttpRequest.BodyPublishers.ofByteArray(picture)))
              .body();
      String address = kept.replaceAll("(?s).*\"address\":\"([^\"]+)\".*", "$1");
      if (server.get(address + "?size=SMALL").statusCode() != 200) {
        throw new IOException("the picture was not kept: " + kept);
      }
      times[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(times);
    return "From sending a picture of %.1f MB to its small form: median %.0f ms, most %.0f ms."
        .formatted(bytes / 1e6, times[PICTURES / 2], times[PICTURES - 1]);
  }

  /** Nothing that compresses: a picture of that many pixels is as large as a camera's. */
  private static byte[] noise(int seed) throws IOException {
    var random = new Random(seed);
    var image = new BufferedImage(4750, 3600, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        image.setRGB(x, y, random.nextInt());
      }
    }
    var out = new ByteArrayOutputStream();
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (var stream = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam settings = writer.getDefaultWriteParam();
      settings.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      settings.setCompressionQuality(0.82f);
      writer.setOutput(stream);
      writer.write(null, new IIOImage(image, null, null), settings);
    } finally {
      writer.dispose();
    }
    return out.toByteArray();
  }
}
