package nodyes.simulators;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;

/** Asks a stand-in as anyone would. One client serves all, and is never closed. */
public final class Asking {
  private static final HttpClient CLIENT =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

  private Asking() {}

  /** A page. */
  public static HttpResponse<String> get(String address, String... headers)
      throws IOException, InterruptedException {
    return send(HttpRequest.newBuilder(URI.create(address)), headers);
  }

  /** JSON sent to it. */
  public static HttpResponse<String> post(String address, String json)
      throws IOException, InterruptedException {
    return send(
        HttpRequest.newBuilder(URI.create(address))
            .POST(HttpRequest.BodyPublishers.ofString(json)));
  }

  private static HttpResponse<String> send(HttpRequest.Builder request, String... headers)
      throws IOException, InterruptedException {
    if (headers.length > 0) {
      request.headers(headers);
    }
    return CLIENT.send(
        request.timeout(Duration.ofSeconds(10)).build(), HttpResponse.BodyHandlers.ofString());
  }
}
