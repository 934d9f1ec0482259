package nodyes.server;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;

/** A server outside, on this machine, that says what tests put into it. */
public final class OutsideServer {
  private static final Map<String, byte[]> ANSWERS = new ConcurrentHashMap<>();
  private static final Map<String, String> TYPES = new ConcurrentHashMap<>();
  private static final Map<String, String> SEEN = new ConcurrentHashMap<>();
  private static final HttpServer SERVER = start();

  private OutsideServer() {}

  private static HttpServer start() {
    try {
      HttpServer server =
          HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
      server.setExecutor(
          Executors.newCachedThreadPool(Thread.ofPlatform().daemon().name("outside-").factory()));
      server.createContext("/", OutsideServer::answer);
      server.start();
      return server;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void answer(HttpExchange exchange) throws IOException {
    String asked = exchange.getRequestURI().toString();
    try (exchange) {
      SEEN.put(asked, String.valueOf(exchange.getRequestHeaders().getFirst("Authorization")));
      byte[] body = ANSWERS.get(asked);
      if (body == null) {
        exchange.sendResponseHeaders(404, -1);
        return;
      }
      exchange.getResponseHeaders().set("Content-Type", TYPES.get(asked));
      exchange.sendResponseHeaders(200, body.length);
      exchange.getResponseBody().write(body);
    }
  }

  public static String host() {
    return "127.0.0.1:" + SERVER.getAddress().getPort();
  }

  public static String address(String path) {
    return "http://" + host() + path;
  }

  public static void says(String path, String type, String text) {
    says(path, type, text.getBytes(StandardCharsets.UTF_8));
  }

  public static void says(String path, String type, byte[] body) {
    TYPES.put(path, type);
    ANSWERS.put(path, body);
  }

  /** No such path from now on. */
  public static void forgets(String path) {
    ANSWERS.remove(path);
  }

  /** The key that a path was asked with. */
  public static String keyFor(String path) {
    return SEEN.getOrDefault(path, "");
  }
}
