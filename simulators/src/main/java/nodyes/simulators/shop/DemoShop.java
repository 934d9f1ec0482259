package nodyes.simulators.shop;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;

/** The demo shop's server. It knows nothing of the product but the address of its script. */
public final class DemoShop implements AutoCloseable {
  private static final String COOKIE = "quillwort-basket";
  private static final int LONGEST_FORM = 10_000;

  private final HttpServer server;
  private final ShopCatalogue goods;
  private final ShopPages pages;
  private final InstantSource clock;
  private final AtomicInteger orders = new AtomicInteger(90_001);

  /**
   * Takes a port of this machine's loopback address; nobody is answered before the shop opens.
   *
   * @param port the port; 0 for a free one
   */
  public static HttpServer bind(int port) throws IOException {
    return HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
  }

  /**
   * Opens it.
   *
   * @param server a port taken for it
   * @param catalogue its catalogue, JSON Lines of schema.org ProductGroup
   * @param script address of the script that its pages carry
   * @param key the key in the script tag
   * @param clock what its orders are dated by
   */
  public DemoShop(HttpServer server, Path catalogue, String script, String key, InstantSource clock)
      throws IOException {
    goods = new ShopCatalogue(catalogue, clock);
    pages = new ShopPages(goods, script, key);
    this.clock = clock;
    this.server = server;
    server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
    server.createContext("/", this::answer);
    server.start();
  }

  /** The port it answers on. */
  public int port() {
    return server.getAddress().getPort();
  }

  @Override
  public void close() {
    server.stop(0);
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      List<String> path =
          Arrays.stream(exchange.getRequestURI().getPath().split("/"))
              .filter(part -> !part.isEmpty())
              .toList();
      if (exchange.getRequestMethod().equals("POST")) {
        post(exchange, path);
      } else {
        get(exchange, path);
      }
    }
  }

  private void get(HttpExchange exchange, List<String> path) throws IOException {
    Basket basket = basket(exchange);
    String place = path.isEmpty() ? "" : path.getFirst();
    String name = path.size() == 2 ? path.get(1) : "";
    Optional<String> page =
        switch (place) {
          case "" -> Optional.of(pages.home(basket));
          case "categories" -> goods.category(name).map(found -> pages.listing(found, basket));
          case "products" ->
              goods.product(name).map(found -> pages.product(found, sku(exchange), basket));
          case "basket" -> Optional.of(pages.basket(basket));
          case "order" -> {
            Map<String, String> told = parameters(exchange.getRequestURI().getRawQuery());
            yield Optional.of(
                pages.ordered(name, told.getOrDefault("placed", ""), Basket.parse(told.get("of"))));
          }
          default -> Optional.empty();
        };
    if (place.equals("pictures") && name.matches("[a-z0-9-]+\\.svg")) {
      picture(exchange, name.substring(0, name.length() - ".svg".length()));
    } else if (place.equals("shop.css")) {
      send(exchange, 200, "text/css", ShopPages.bytes("shop.css"));
    } else if (page.isPresent()) {
      send(exchange, 200, "text/html; charset=utf-8", utf8(page.get()));
    } else {
      send(exchange, 404, "text/html; charset=utf-8", utf8(pages.missing(basket)));
    }
  }

  private void picture(HttpExchange exchange, String slug) throws IOException {
    try (InputStream in =
        DemoShop.class.getResourceAsStream("/nodyes/demo/pictures/" + slug + ".svg")) {
      if (in == null) {
        send(exchange, 404, "text/plain", utf8("no such picture"));
      } else {
        exchange.getResponseHeaders().set("Cache-Control", "public, max-age=3600");
        send(exchange, 200, "image/svg+xml", in.readAllBytes());
      }
    }
  }

  private void post(HttpExchange exchange, List<String> path) throws IOException {
    Map<String, String> form = form(exchange);
    String sku = form.getOrDefault("sku", "");
    Basket basket = basket(exchange);
    switch (String.join("/", path)) {
      case "basket/add" -> {
        boolean sold = goods.selling(sku).isPresent();
        go(exchange, "/basket", sold ? basket.plus(sku, quantity(form)) : basket);
      }
      case "basket/remove" -> go(exchange, "/basket", basket.without(sku));
      case "basket/order" ->
          go(
              exchange,
              "/order/Q-"
                  + orders.getAndIncrement()
                  + "?placed="
                  + clock.instant().truncatedTo(ChronoUnit.SECONDS)
                  + "&of="
                  + basket.text(),
              Basket.parse(null));
      default -> send(exchange, 404, "text/plain", utf8("nothing to post here"));
    }
  }

  private static int quantity(Map<String, String> form) {
    String given = form.getOrDefault("quantity", "1");
    return given.matches("[1-9]\\d?") ? Integer.parseInt(given) : 1;
  }

  private static void go(HttpExchange exchange, String place, Basket basket) throws IOException {
    exchange
        .getResponseHeaders()
        .set(
            "Set-Cookie",
            COOKIE + "=" + basket.text() + "; Path=/; HttpOnly; SameSite=Lax; Max-Age=604800");
    exchange.getResponseHeaders().set("Location", place);
    exchange.sendResponseHeaders(303, -1);
  }

  private static Basket basket(HttpExchange exchange) {
    String cookies = exchange.getRequestHeaders().getFirst("Cookie");
    return Basket.parse(
        cookies == null
            ? null
            : Arrays.stream(cookies.split(";\\s*"))
                .filter(cookie -> cookie.startsWith(COOKIE + "="))
                .map(cookie -> cookie.substring(COOKIE.length() + 1))
                .findFirst()
                .orElse(null));
  }

  private static Optional<String> sku(HttpExchange exchange) {
    return Optional.ofNullable(parameters(exchange.getRequestURI().getRawQuery()).get("variant"));
  }

  private static Map<String, String> form(HttpExchange exchange) throws IOException {
    byte[] body = exchange.getRequestBody().readNBytes(LONGEST_FORM);
    return parameters(new String(body, StandardCharsets.UTF_8));
  }

  private static Map<String, String> parameters(@Nullable String query) {
    var parameters = new HashMap<String, String>();
    if (query != null) {
      for (String pair : query.split("&")) {
        int at = pair.indexOf('=');
        if (at > 0) {
          parameters.put(
              pair.substring(0, at),
              URLDecoder.decode(pair.substring(at + 1), StandardCharsets.UTF_8));
        }
      }
    }
    return parameters;
  }

  private static void send(HttpExchange exchange, int status, String type, byte[] body)
      throws IOException {
    exchange.getResponseHeaders().set("Content-Type", type);
    exchange.sendResponseHeaders(status, body.length);
    exchange.getResponseBody().write(body);
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
