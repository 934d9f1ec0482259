package nodyes.simulators.web;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A small server on this machine's loopback address, on an origin of its own. */
public final class SimulatorServer implements AutoCloseable {
  private static final int LONGEST_BODY = 200_000;

  private final HttpServer server;

  /**
   * A request.
   *
   * @param query its parameters
   * @param body what was sent
   */
  public record Request(
      String method,
      String path,
      Map<String, String> query,
      Map<String, String> headers,
      String body) {
    /** A header by its name in lower case; empty if there is none. */
    public String header(String name) {
      return headers.getOrDefault(name, "");
    }
  }

  /** An answer. */
  public static final class Answer {
    private final int status;
    private final String type;
    private final byte[] body;
    private final Map<String, String> headers;

    private Answer(int status, String type, byte[] body, Map<String, String> headers) {
      this.status = status;
      this.type = type;
      this.body = body;
      this.headers = headers;
    }

    /** Text of a type. */
    public static Answer of(int status, String type, String body) {
      return of(status, type, body.getBytes(StandardCharsets.UTF_8));
    }

    /** Bytes of a type. */
    public static Answer of(int status, String type, byte[] body) {
      return new Answer(status, type, body, Map.of());
    }

    /** A web page. */
    public static Answer page(String html) {
      return of(200, "text/html; charset=utf-8", html);
    }

    /** To another place, with a cookie if one is given. */
    public static Answer to(String place, @Nullable String cookie) {
      var headers = new HashMap<String, String>();
      headers.put("Location", place);
      if (cookie != null) {
        headers.put("Set-Cookie", cookie + "; Path=/; HttpOnly; SameSite=Lax");
      }
      return new Answer(303, "text/plain", new byte[0], headers);
    }
  }

  /** Starts it; port 0 stands for a free one. */
  public SimulatorServer(int port, Function<Request, Answer> answering) {
    try {
      server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
    server.createContext("/", exchange -> answer(exchange, answering));
    server.start();
  }

  /** Where it answers. */
  public String address() {
    return "http://localhost:" + server.getAddress().getPort();
  }

  @Override
  public void close() {
    server.stop(0);
  }

  private static void answer(HttpExchange exchange, Function<Request, Answer> answering)
      throws IOException {
    try (exchange) {
      Answer answer = answering.apply(request(exchange));
      answer.headers.forEach(exchange.getResponseHeaders()::set);
      exchange.getResponseHeaders().set("Content-Type", answer.type);
      exchange.sendResponseHeaders(
          answer.status, answer.body.length == 0 ? -1 : answer.body.length);
      if (answer.body.length > 0) {
        try (OutputStream out = exchange.getResponseBody()) {
          out.write(answer.body);
        }
      }
    }
  }

  private static Request request(HttpExchange exchange) throws IOException {
    var query = new HashMap<String, String>();
    String raw = exchange.getRequestURI().getRawQuery();
    for (String pair : raw == null ? new String[0] : raw.split("&")) {
      int equals = pair.indexOf('=');
      if (equals > 0) {
        query.put(
            pair.substring(0, equals),
            URLDecoder.decode(pair.substring(equals + 1), StandardCharsets.UTF_8));
      }
    }
    var headers = new HashMap<String, String>();
    exchange
        .getRequestHeaders()
        .forEach(
            (name, values) ->
                headers.put(name.toLowerCase(java.util.Locale.ROOT), values.getFirst()));
    String body =
        new String(exchange.getRequestBody().readNBytes(LONGEST_BODY), StandardCharsets.UTF_8);
    return new Request(
        exchange.getRequestMethod(), exchange.getRequestURI().getPath(), query, headers, body);
  }
}
