package nodyes.server.outbound;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import nodyes.server.web.ApiProblem;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Against a hostile server on this machine. */
public class OutboundHttpTest {
  private static final OutboundHttp.Limits SMALL =
      new OutboundHttp.Limits(100_000, Duration.ofSeconds(2));

  private final AtomicInteger asked = new AtomicInteger();
  private HttpServer server;
  private String trusted;
  private OutboundHttp fetch;

  @BeforeClass
  public void serve() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
    server.createContext("/", this::answer);
    server.start();
    trusted = "127.0.0.1:" + server.getAddress().getPort();
    fetch = new OutboundHttp(Set.of(trusted), SystemDefaultDnsResolver.INSTANCE);
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws IOException {
    fetch.close();
    server.stop(0);
  }

  private void answer(HttpExchange exchange) throws IOException {
    asked.incrementAndGet();
    String path = exchange.getRequestURI().getPath();
    try (exchange) {
      switch (path) {
        case "/plain" -> send(exchange, 200, "hello");
        case "/loop" -> redirect(exchange, "/loop");
        case "/to-private" -> redirect(exchange, "http://127.0.0.1/secret");
        case "/to-decimal" -> redirect(exchange, "http://2130706433/");
        case "/to-metadata" -> redirect(exchange, "http://169.254.169.254/latest");
        case "/to-file" -> redirect(exchange, "file:///etc/passwd");
        case "/once" -> redirect(exchange, "plain");
        case "/endless" -> {
          exchange.sendResponseHeaders(200, 0);
          var block = new byte[8192];
          for (long sent = 0; sent < 10_000_000_000L; sent += block.length) {
            exchange.getResponseBody().write(block);
          }
        }
        case "/slow" -> {
          exchange.sendResponseHeaders(200, 0);
          for (int i = 0; i < 100; i++) {
            exchange.getResponseBody().write('x');
            exchange.getResponseBody().flush();
            sleep();
          }
        }
        default -> send(exchange, 404, "nothing");
      }
    }
  }

  private static void sleep() {
    try {
      Thread.sleep(100);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static void redirect(HttpExchange exchange, String to) throws IOException {
    exchange.getResponseHeaders().set("Location", to);
    exchange.sendResponseHeaders(302, -1);
  }

  private static void send(HttpExchange exchange, int status, String text) throws IOException {
    byte[] body = text.getBytes(UTF_8);
    exchange.sendResponseHeaders(status, body.length);
    exchange.getResponseBody().write(body);
  }

  private String said(String address) {
    return String.valueOf(
        expectThrows(ApiProblem.class, () -> fetch.get(address, SMALL)).getMessage());
  }

  @Test
  public void whatIsTrustedByNameAndPortIsAsked() {
    OutboundResponse plain = fetch.get("http://" + trusted + "/once", SMALL);
    assertEquals(plain.text(), "hello");
    assertEquals(plain.address().getPath(), "/plain");
  }

  @DataProvider
  public Object[][] hostile() {
    return new Object[][] {
      {"/loop", "This address redirects again and again without an end"},
      {"/to-private", "is not on the public internet, so it cannot be opened from here"},
      {"/to-decimal", "” is not the address of a public web page"},
      {"/to-metadata", "is not on the public internet, so it cannot be opened from here"},
      {"/to-file", "A web address starts with https:// or http://"},
      {"/endless", "more than 0 MB"},
      {"/slow", "took too long. Nothing was imported"},
      {"/gone", "no page at this address"},
    };
  }

  @Test(dataProvider = "hostile")
  public void hostileAnswersAreRefusedWithAReason(String path, String reason) {
    long start = System.nanoTime();
    String text = said("http://" + trusted + path);
    assertTrue(text.contains(reason), text);
    assertTrue(System.nanoTime() - start < 9e9, "took longer than it may");
  }

  @Test
  public void thisMachineIsNotAskedUnderAnyOtherName() {
    int before = asked.get();
    int port = server.getAddress().getPort();
    for (String host : new String[] {"localhost", "[::1]", "[::ffff:127.0.0.1]", "0.0.0.0"}) {
      String text = said("http://" + host + ":" + port + "/plain");
      assertTrue(
          text.contains("is not on the public internet, so it cannot be opened from here"),
          host + ": " + text);
    }
    assertEquals(asked.get(), before);
  }

  /** An answer of the name server that changes: the judged address is the one that is asked. */
  @Test
  public void aChangingNameIsJudgedAtEachConnection() throws IOException {
    var answers = new AtomicInteger();
    DnsResolver changing =
        new DnsResolver() {
          @Override
          public InetAddress[] resolve(String host) {
            String address = answers.incrementAndGet() == 1 ? "203.0.113.1" : "127.0.0.1";
            return new InetAddress[] {InetAddress.ofLiteral(address)};
          }

          @Override
          public String resolveCanonicalHostname(String host) throws UnknownHostException {
            throw new UnknownHostException(host);
          }
        };
    var changed = new OutboundHttp(Set.of(), changing);
    int before = asked.get();
    for (int i = 0; i < 3; i++) {
      expectThrows(
          ApiProblem.class,
          () ->
              changed.get(
                  "http://rebinds.example:" + server.getAddress().getPort() + "/plain", SMALL));
    }
    assertEquals(answers.get(), 3);
    assertEquals(asked.get(), before);
    changed.close();
  }

  @Test
  public void aShopInTheOwnNetworkIsOpenedOnceTheOwnerSaidSoAndNothingElseThere()
      throws IOException {
    var own =
        new OutboundHttp(Set.of(), SystemDefaultDnsResolver.INSTANCE, () -> Optional.of(trusted));
    assertEquals(own.get("http://" + trusted + "/plain", SMALL).text(), "hello");
    expectThrows(NonPublicProblem.class, () -> own.get("http://127.0.0.1/secret", SMALL));
    expectThrows(NonPublicProblem.class, () -> own.get("http://" + trusted + "/to-private", SMALL));
    own.close();
  }

  /** Clouds hand out secrets at link-local addresses (common practice). */
  @Test
  public void whatTheOwnerSaysIsNoWayToLinkLocalAddresses() throws IOException {
    DnsResolver metadata =
        new DnsResolver() {
          @Override
          public InetAddress[] resolve(String host) {
            return new InetAddress[] {InetAddress.ofLiteral("169.254.169.254")};
          }

          @Override
          public String resolveCanonicalHostname(String host) {
            return host;
          }
        };
    var own = new OutboundHttp(Set.of(), metadata, () -> Optional.of("shop.internal"));
    expectThrows(NonPublicProblem.class, () -> own.get("http://shop.internal/", SMALL));
    own.close();
  }
}
