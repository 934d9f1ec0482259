package nodyes.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Starting and stopping. */
public class StartupIT {
  private Demo demo;

  @BeforeClass
  public void start() throws Exception {
    demo = new Demo();
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws Exception {
    demo.close();
  }

  @Test
  public void aSecondDemoOnTakenPortsSaysSoInOneLine() throws Exception {
    Path log = Files.createTempFile("second", ".txt");
    Process second =
        Demo.start(log, "demo", "--port", "" + demo.port, "--shop-port", "" + demo.shopPort);
    assertTrue(second.waitFor(30, TimeUnit.SECONDS));
    assertEquals(second.exitValue(), 1);
    assertEquals(
        Files.readString(log).strip(),
        "Port "
            + demo.port
            + " is taken, perhaps by another demo; choose others with --port and --shop-port.");
  }

  @Test
  public void anUnknownOptionIsExplained() throws Exception {
    Path log = Files.createTempFile("wrong", ".txt");
    Process wrong = Demo.start(log, "demo", "--clock", "yesterday");
    assertTrue(wrong.waitFor(30, TimeUnit.SECONDS));
    assertEquals(wrong.exitValue(), 2);
    String said = Files.readString(log);
    assertTrue(said.contains("Invalid value for option '--clock'"), said);
    assertFalse(said.contains("\tat "), said);
  }

  /** RFC 9110, 10.1.1: who asks before sending learns it before a gigabyte is on its way. */
  @Test
  public void aFileThatIsTooLargeIsToldSoAtOnce() throws Exception {
    String head =
        "POST /api/v1/imports HTTP/1.1\r\nHost: 127.0.0.1\r\nAuthorization: Bearer "
            + Demo.KEY
            + "\r\nContent-Type: multipart/form-data; boundary=b\r\nContent-Length: 1200000000"
            + "\r\nExpect: 100-continue\r\nConnection: close\r\n\r\n";
    try (var socket = new Socket(InetAddress.getLoopbackAddress(), demo.port)) {
      socket.setSoTimeout(10_000);
      socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertTrue(answer.contains("HTTP/1.1 413"), answer);
      assertTrue(answer.contains("application/problem+json"), answer);
      assertTrue(answer.contains("The file is over 1 GB."), answer);
    }
  }

  @Test
  public void theDemoShopLivesOnAnOriginOfItsOwnAndTheOwnerIsSignedInHereAlone() throws Exception {
    assertEquals(demo.ask(demo.shop("/")).statusCode(), 200);
    assertEquals(demo.ask(demo.office("")).statusCode(), 200, "the address that is printed");
    try (var client = HttpClient.newHttpClient()) {
      var session = HttpRequest.newBuilder(URI.create(demo.office("/api/v1/session"))).build();
      assertTrue(
          client.send(session, HttpResponse.BodyHandlers.ofString()).body().contains("SIGNED_IN"));
      // another page in the owner's browser may make it send requests, but not with the token
      var foreign =
          HttpRequest.newBuilder(URI.create(demo.office("/api/v1/layout/publish")))
              .POST(HttpRequest.BodyPublishers.noBody())
              .build();
      assertEquals(client.send(foreign, HttpResponse.BodyHandlers.discarding()).statusCode(), 403);
    }
  }

  @Test(priority = 1)
  public void whatWasDoneOutlivesBeingStopped() throws Exception {
    String before = demo.ask(demo.office("/api/v1/reviews/counts")).body();
    demo.interrupt();
    Path log = Files.createTempFile("again", ".txt");
    Process again =
        Demo.start(
            log,
            "demo",
            "--port",
            "0",
            "--shop-port",
            "0",
            "--data",
            demo.data.resolve("data").toString(),
            "--api-key",
            Demo.KEY);
    try {
      for (int i = 0; i < 3000 && !Files.readString(log).contains("Ctrl+C"); i++) {
        Thread.sleep(100);
      }
      assertFalse(Files.readString(log).contains("Filling the demo shop"), Files.readString(log));
      String office = Demo.address(Files.readString(log), "Back office");
      assertEquals(demo.ask(office + "/api/v1/reviews/counts").body(), before);
    } finally {
      again.destroy();
      again.waitFor();
    }
  }
}
