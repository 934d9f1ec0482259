package nodyes.server.access;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.RunningServer;
import org.testng.annotations.Test;

/** Any number of files could come in side by side, each a gigabyte on the disk. */
public class UploadRoomTest {
  private static Socket begun(RunningServer server) throws IOException {
    var socket = new Socket(InetAddress.getLoopbackAddress(), server.port());
    socket
        .getOutputStream()
        .write(
            ("POST /api/v1/imports HTTP/1.1\r\nHost: 127.0.0.1\r\nAuthorization: Bearer "
                    + RunningServer.KEY
                    + "\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 1000000"
                    + "\r\n\r\n--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a\""
                    + "\r\n\r\nRating,Words\r\n")
                .getBytes(StandardCharsets.US_ASCII));
    return socket;
  }

  private static int answered(List<Socket> all) throws IOException {
    int answered = 0;
    for (Socket one : all) {
      answered += one.getInputStream().available() > 0 ? 1 : 0;
    }
    return answered;
  }

  private static int status(RunningServer server, Path file) throws Exception {
    HttpResponse<String> answer = server.upload("/api/v1/imports", file);
    if (answer.statusCode() == 429) {
      assertEquals(answer.headers().firstValue("Retry-After").orElse(""), "10");
    }
    return answer.statusCode();
  }

  @Test
  public void fourFilesComeInAtATimeAndMoreAreAskedToWait() throws Exception {
    Path file = Files.createTempFile("reviews", ".csv");
    Files.writeString(file, "Rating,Words\n5,fine\n");
    try (var server = new RunningServer()) {
      List<Socket> slow = new ArrayList<>();
      try {
        for (int i = 0; i < 8; i++) {
          slow.add(begun(server));
        }
        // four of them are answered at once: the others have come in, and stay
        for (int i = 0; i < 400 && answered(slow) < 4; i++) {
          Thread.sleep(50);
        }
        assertEquals(answered(slow), 4);
        assertEquals(status(server, file), 429);
      } finally {
        for (Socket one : slow) {
          one.close();
        }
      }
      for (int i = 0; i < 100 && status(server, file) == 429; i++) {
        Thread.sleep(50);
      }
      assertEquals(status(server, file), 201);
    }
  }
}
