package nodyes.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A new installation of its own, as an owner starts it. */
final class Served implements AutoCloseable {
  private static final Pattern CODE = Pattern.compile("one-time code: ([A-Z0-9-]+)");

  final String office;
  final String code;
  private final Process server;

  Served() throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("nodyes-serve");
    Path log = folder.resolve("log.txt");
    server = Demo.start(log, "serve", "--port", "0", "--data", folder.resolve("data").toString());
    for (int i = 0; i < 900 && !Files.readString(log).contains("All it stores"); i++) {
      Thread.sleep(100);
    }
    String said = Files.readString(log);
    office = Demo.address(said, "Nod Yes runs").replace("localhost", "127.0.0.1");
    Matcher found = CODE.matcher(said);
    if (!found.find()) {
      throw new IllegalStateException(said);
    }
    code = found.group(1);
  }

  /** Its clock. */
  Instant now() throws IOException, InterruptedException {
    try (var client = HttpClient.newHttpClient()) {
      return Instant.ofEpochMilli(
          Long.parseLong(
              client
                  .send(
                      HttpRequest.newBuilder(
                              URI.create(office + "/embed/v1/page?kind=home&lang=en"))
                          .build(),
                      HttpResponse.BodyHandlers.ofString())
                  .headers()
                  .firstValue("Nodyes-Time")
                  .orElseThrow()));
    }
  }

  @Override
  public void close() {
    server.destroy();
    server.onExit().join();
  }
}
