package nodyes.server.pictures;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import nodyes.server.RunningServer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/**
 * One picture of 16 kB with 60 million pixels, sent by anyone, exhausted the heap; a file that
 * begins as GIF and is none was an error 500.
 */
public class PicturesOfStrangersTest {
  private RunningServer server;
  private String token;

  @BeforeClass
  public void start() throws Exception {
    server = new RunningServer("--nodyes.views-per-minute=100000");
    String product =
        """
        {"@type":"ProductGroup","productGroupID":"pot","name":"A pot","hasVariant":[{"@type":\
        "Product","sku":"pot-1","name":"24 cm","offers":{"price":"29.00","priceCurrency":"EUR"}}]}
        """;
    var file = java.nio.file.Files.createTempFile("catalogue", ".jsonl");
    java.nio.file.Files.writeString(file, product);
    assertEquals(server.upload("/api/v1/catalogue/imports", file).statusCode(), 200);
    token =
        JsonMapper.shared()
            .readTree(server.get("/embed/v1/form?product=pot").body())
            .path("token")
            .asString();
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    server.close();
  }

  private HttpResponse<String> send(byte[] picture, String form)
      throws IOException, InterruptedException {
    return server.send(
        server
            .request("/embed/v1/reviews/pictures")
            .header("Content-Type", "application/octet-stream")
            .header("Nodyes-Form", form)
            .POST(HttpRequest.BodyPublishers.ofByteArray(picture)));
  }

  /** All of one colour, so that it is small as a file. */
  private static byte[] plain(int width, int height) throws IOException {
    var picture = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY);
    var out = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", out);
    return out.toByteArray();
  }

  @Test
  public void aSmallFileWithManyPixelsIsRefusedByItsHeader() throws Exception {
    byte[] bomb = plain(7700, 7700);
    assertTrue(bomb.length < 20_000, bomb.length + "");
    HttpResponse<String> answer = send(bomb, token);
    assertEquals(answer.statusCode(), 422, answer.body());
    assertTrue(answer.body().contains("16 megapixels"), answer.body());
  }

  @Test
  public void withoutAFormNoPictureIsTaken() throws Exception {
    assertEquals(send(plain(10, 10), "").statusCode(), 400);
    assertEquals(send(plain(10, 10), "pot.1.2.3").statusCode(), 400);
    assertEquals(send(plain(10, 10), token + "x").statusCode(), 400);
  }

  /** What lies of itself: begins as a picture and goes on as something else. */
  @DataProvider
  Object[][] liars() throws IOException {
    byte[] png = plain(40, 40);
    byte[] cut = java.util.Arrays.copyOf(png, png.length / 2);
    return new Object[][] {
      {"GIF89a/*<svg/onload=alert(1)>*/=1;".getBytes(StandardCharsets.US_ASCII)},
      {"GIF89a=1;alert(1)//".getBytes(StandardCharsets.US_ASCII)},
      {"GIF89a".getBytes(StandardCharsets.US_ASCII)},
      {"GIF89a\0\0\0\0\0\0\0,\0\0\0\0\0\0\0\0\0".getBytes(StandardCharsets.US_ASCII)},
      {"\u0089PNG\r\n\u001a\n<script>".getBytes(StandardCharsets.ISO_8859_1)},
      {"\u00ff\u00d8\u00ff\u00e0 JFIF".getBytes(StandardCharsets.ISO_8859_1)},
      {"RIFF\0\0\0\0WEBPVP8 ".getBytes(StandardCharsets.ISO_8859_1)},
      {"BM and nothing".getBytes(StandardCharsets.US_ASCII)},
      {"<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.US_ASCII)},
      {cut},
      {new byte[] {0}},
    };
  }

  @Test(dataProvider = "liars")
  public void whatOnlyBeginsAsAPictureIsNone(byte[] file) throws Exception {
    HttpResponse<String> answer = send(file, token);
    assertEquals(answer.statusCode(), 422, answer.body());
  }

  /** Thirty pictures of 16 megapixels and three files at once: all are answered, and read on. */
  @Test(priority = 1)
  public void manyAtOnceNeitherExhaustTheHeapNorHoldReadersUp() throws Exception {
    byte[] large = plain(4000, 4000);
    var file = java.nio.file.Files.createTempFile("reviews", ".csv");
    java.nio.file.Files.writeString(
        file, "Product,Rating,Words\n" + "pot,5,\"Good, and it drains\"\n".repeat(600_000));
    var waited = Collections.synchronizedList(new ArrayList<Long>());
    try (var threads = Executors.newVirtualThreadPerTaskExecutor()) {
      List<Future<Integer>> sent = new ArrayList<>();
      for (int i = 0; i < 30; i++) {
        sent.add(threads.submit(() -> send(large, token).statusCode()));
      }
      for (int i = 0; i < 3; i++) {
        sent.add(threads.submit(() -> server.upload("/api/v1/imports", file).statusCode()));
      }
      while (sent.stream().anyMatch(one -> !one.isDone())) {
        long start = System.nanoTime();
        assertEquals(server.get("/embed/v1/page?kind=home&lang=en").statusCode(), 200);
        waited.add((System.nanoTime() - start) / 1_000_000);
      }
      for (Future<Integer> one : sent) {
        int status = one.get();
        assertTrue(status == 201 || status == 429, status + "");
      }
    }
    assertTrue(server.isAlive());
    assertEquals(server.get("/healthz").statusCode(), 200);
    System.out.println(
        "while 30 pictures and 3 files came in: "
            + waited.size()
            + " readings, p99 "
            + waited.stream().sorted().toList().get(waited.size() * 99 / 100)
            + " ms, the slowest "
            + waited.stream().max(Long::compare).orElse(0L)
            + " ms, memory at most "
            + server.mostMemoryMegabytes()
            + " MB");
  }
}
