package nodyes.server.access;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import nodyes.server.RunningServer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * 200 MB of a form sent by someone who was not signed in lay on the disk before the answer 401, on
 * any path, also with {@code GET /embed/v1/page}.
 */
public class BodiesOfStrangersTest {
  private static final long MUCH = 200_000_000L;
  private static final int PIECE = 1 << 16;

  /** What the kernel's buffers of both ends take, and what is swallowed to be polite. */
  private static final long LITTLE = 20_000_000L;

  private RunningServer server;

  @BeforeClass
  public void start() throws Exception {
    server = new RunningServer();
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws Exception {
    server.close();
  }

  private record Outcome(String status, long sent) {}

  /** Sends until the server has answered and closed, or all is sent. */
  private Outcome send(String method, String path, String headers, long length) throws IOException {
    try (var socket = new Socket(InetAddress.getLoopbackAddress(), server.port())) {
      socket.setSoTimeout(60_000);
      OutputStream out = socket.getOutputStream();
      out.write(
          (method + " " + path + " HTTP/1.1\r\nHost: 127.0.0.1\r\n" + headers + "\r\n")
              .getBytes(StandardCharsets.US_ASCII));
      long sent = 0;
      byte[] piece = new byte[PIECE];
      try {
        out.write(
            "--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a\"\r\n\r\n"
                .getBytes(StandardCharsets.US_ASCII));
        while (sent < length) {
          out.write(piece);
          sent += piece.length;
        }
      } catch (IOException e) {
        // closed while sending: as it should be
      }
      String status;
      try {
        status =
            new BufferedReader(
                    new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                .readLine();
      } catch (IOException e) {
        status = "reset";
      }
      return new Outcome(String.valueOf(status), sent);
    }
  }

  private long onDisk() throws IOException {
    long bytes = 0;
    for (Path folder : new Path[] {server.data.resolve("uploads")}) {
      try (Stream<Path> files = Files.walk(folder)) {
        bytes += files.filter(Files::isRegularFile).mapToLong(file -> file.toFile().length()).sum();
      }
    }
    return bytes;
  }

  @DataProvider
  Object[][] ways() {
    return new Object[][] {
      {"POST", "/api/v1/imports"},
      {"POST", "/api/v1/catalogue/imports"},
      {"POST", "/api/v1/session"},
      {"POST", "/"},
      {"POST", "/nowhere"},
      {"PUT", "/api/v1/shop"},
      {"GET", "/embed/v1/page"},
      {"GET", "/api/v1/session"},
      {"GET", "/healthz"},
      {"POST", "/embed/v1/reviews"},
      {"POST", "/embed/v1/views"},
      {"POST", "/embed/v1/seen"},
      {"DELETE", "/api/v1/session"},
      {"OPTIONS", "/embed/v1/reviews"},
    };
  }

  @Test(dataProvider = "ways")
  public void nothingOfAFormIsKeptBeforeItIsAllowed(String method, String path) throws IOException {
    Outcome outcome =
        send(
            method,
            path,
            "Content-Type: multipart/form-data; boundary=x\r\nContent-Length: " + MUCH + "\r\n",
            MUCH);
    assertTrue(outcome.sent() < LITTLE, outcome + " of " + method + " " + path);
    assertFalse(outcome.status().contains(" 20"), outcome.status());
    assertEquals(onDisk(), 0L);
  }

  @Test
  public void aFormInPiecesIsNotReadEither() throws IOException {
    Outcome outcome =
        send(
            "POST",
            "/api/v1/imports",
            "Content-Type: multipart/form-data; boundary=x\r\nTransfer-Encoding: chunked\r\n",
            MUCH);
    assertTrue(outcome.sent() < LITTLE, outcome.toString());
    assertEquals(onDisk(), 0L);
  }

  @DataProvider
  Object[][] kinds() {
    return new Object[][] {
      {"application/x-www-form-urlencoded", 100, 415},
      {"application/yaml", 100, 415},
      {"text/html", 100, 415},
      {"not a kind", 100, 415},
      {"application/json", 64_001, 413},
    };
  }

  @Test(dataProvider = "kinds")
  public void bodiesOfOtherKindsAndLengthsAreRefusedByTheirHeaders(
      String kind, int length, int status) throws IOException {
    Outcome outcome =
        send(
            "POST",
            "/embed/v1/reviews",
            "Content-Type: " + kind + "\r\nContent-Length: " + length + "\r\n",
            0);
    assertTrue(outcome.status().contains(" " + status), outcome.status());
  }

  /** A parameter may not stand for the header, nor be looked for in a body. */
  @Test
  public void aFormThatNamesATokenIsNotReadForIt() throws IOException {
    Outcome outcome =
        send(
            "POST",
            "/api/v1/preview-tokens?_page=guess&_csrf=guess",
            "Cookie: nodyes=nobody\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                + "Content-Length: 2000000\r\n",
            2_000_000);
    assertTrue(outcome.status().contains(" 415") || outcome.status().equals("reset"));
  }
}
