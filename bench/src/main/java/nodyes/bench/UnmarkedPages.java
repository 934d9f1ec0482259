package nodyes.bench;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Pages that carry the one line and nothing else of ours, in headless Chromium. */
final class UnmarkedPages {
  private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
  private static final int CARDS = 60;
  private static final int LOADS = 10;
  private static final int SLOWER = 4;
  private static final int ROUTES = 500;
  private static final int WARMING = 40;
  private static final String PRODUCT = "/products/celadon-planter";
  private static final List<String> PRODUCTS = List.of("celadon-planter", "oat-trough");

  /** Tasks over 50 ms (W3C Long Tasks) and shifts (Layout Instability). */
  private static final String WATCH =
      """
      window.longTasks = []; window.shift = 0;
      new PerformanceObserver(list => list.getEntries().forEach(one => longTasks.push(one.duration)))
        .observe({type: 'longtask', buffered: true});
      new PerformanceObserver(list => list.getEntries().forEach(one => {
        if (!one.hadRecentInput) window.shift += one.value;
      })).observe({type: 'layout-shift', buffered: true});
      const look = () => document.querySelector('nod-yes[data-kind=star-line]')
        ? setTimeout(() => console.log('nods stand'), 800) : setTimeout(look, 100);
      look();
      """;

  private final RunningDemo server;
  private final HttpServer pages;

  /** What the server of the pages answers with, whatever is asked for. */
  private volatile String html = "";

  UnmarkedPages(RunningDemo server) throws IOException {
    this.server = server;
    pages = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    pages.createContext(
        "/",
        exchange -> {
          byte[] body = html.getBytes(StandardCharsets.UTF_8);
          exchange.getResponseHeaders().set("Content-Type", "text/html; charset=utf-8");
          exchange.sendResponseHeaders(200, body.length);
          exchange.getResponseBody().write(body);
          exchange.close();
        });
    pages.start();
  }

  private String address(String path) {
    return "http://localhost:" + pages.getAddress().getPort() + path;
  }

  List<String> measure() {
    if (!Files.exists(CHROMIUM)) {
      return List.of("", "## Pages without marks", "", "Not measured: needs Chromium.");
    }
    try (Playwright playwright =
            Playwright.create(
                new Playwright.CreateOptions()
                    .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser browser =
            playwright
                .chromium()
                .launch(
                    new BrowserType.LaunchOptions()
                        .setExecutablePath(CHROMIUM)
                        .setArgs(List.of("--no-sandbox", "--disable-gpu")))) {
      Shop shop = shop(browser);
      String product = product(shop.line());
      String held = shop.line().replace("<script ", "<script blocking=\"render\" ");
      var report =
          new ArrayList<>(
              List.of(
                  "",
                  "## Pages without marks",
                  "",
                  "Pages of plain HTML with the one line, beside the same without it, %d loads each in a fresh context, the processor slowed %d times. A held line waits for the nods, a second at most."
                      .formatted(LOADS, SLOWER),
                  "",
                  "| page | tasks over 50 ms | longest, ms | without the line | shift, first view | seen before |",
                  "| --- | ---: | ---: | ---: | ---: | ---: |"));
      report.add(
          slowed(
              browser,
              "listing of %d cards".formatted(CARDS),
              "/everything",
              listing(shop, shop.line())));
      report.add(slowed(browser, "listing, held line", "/everything", listing(shop, held)));
      report.add(slowed(browser, "product page", PRODUCT, product));
      report.add(slowed(browser, "product page, held line", PRODUCT, product(held)));
      report.add("");
      report.add(routes(browser, product));
      return report;
    } finally {
      pages.stop(0);
    }
  }

  /** The line as the demo's shop has it, and the addresses of its products. */
  private record Shop(String line, List<String> products) {}

  private Shop shop(Browser browser) {
    try (var context = browser.newContext()) {
      Page page = context.newPage();
      page.navigate(server.shop("/"));
      Object found =
          page.evaluate(
              """
              async () => {
                const lists = [...document.querySelectorAll('a[href^="/categories/"]')];
                const texts = await Promise.all(lists.map(({href}) =>
                  fetch(href).then(one => one.text())));
                const links = texts.join('').match(/\\/products\\/[a-z0-9-]+/g);
                return [document.querySelector('script[data-shop]').outerHTML, ...new Set(links)];
              }""");
      List<String> all = ((List<?>) found).stream().map(String::valueOf).toList();
      return new Shop(all.getFirst(), all.subList(1, all.size()));
    }
  }

  private static String listing(Shop shop, String line) {
    return "<!doctype html><title>All</title>"
        + line
        + "<h1>All we have</h1><ul>"
        + IntStream.range(0, CARDS)
            .mapToObj(n -> n < shop.products().size() ? shop.products().get(n) : "/about/" + n)
            .map(to -> "<li><a href='%s'>A thing</a><p>€ 9.00</p></li>".formatted(to))
            .collect(Collectors.joining())
        + "</ul>";
  }

  private static String product(String line) {
    return "<!doctype html><title>A planter</title>"
        + line
        + "<main><h1>A planter</h1><p>€ 25.00</p><form action=/basket/add><button>Buy</button></form>"
        + "<p>Thrown by hand and glazed, with a saucer that catches the water of the day, for a sill"
        + " or a step.</p></main>";
  }

  private String slowed(Browser browser, String name, String path, String whole) {
    var longest = new ArrayList<Double>();
    int many = 0;
    int without = 0;
    double first = 0;
    double again = 0;
    for (int i = 0; i < LOADS; i++) {
      html = whole;
      try (var context =
          browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
        Page page = slow(context.newPage());
        double[] seen = load(page, path);
        many += (int) seen[0];
        longest.add(seen[1]);
        first = Math.max(first, seen[2]);
        again = Math.max(again, load(page, path)[2]);
      }
      try (var context = browser.newContext()) {
        html = whole.replaceFirst("<script[^>]*></script>", "");
        Page page = slow(context.newPage());
        page.navigate(address(path));
        page.waitForTimeout(400);
        without += ((Number) page.evaluate("longTasks.length")).intValue();
      }
    }
    return "| %s | %d | %.0f | %d | %.4f | %.4f |"
        .formatted(
            name,
            many,
            longest.stream().mapToDouble(Double::doubleValue).max().orElse(0),
            without,
            first,
            again);
  }

  private static Page slow(Page page) {
    page.addInitScript(WATCH);
    var rate = new JsonObject();
    rate.addProperty("rate", SLOWER);
    page.context().newCDPSession(page).send("Emulation.setCPUThrottlingRate", rate);
    return page;
  }

  /** How many long tasks, the longest, and the shift. */
  private double[] load(Page page, String path) {
    // the page says so itself: a driver that asks it again and again has long tasks of its own
    page.waitForConsoleMessage(
        new Page.WaitForConsoleMessageOptions()
            .setPredicate(message -> message.text().equals("nods stand")),
        () -> page.navigate(address(path)));
    return new double[] {
      ((Number) page.evaluate("longTasks.length")).doubleValue(),
      ((Number) page.evaluate("Math.max(0, ...longTasks)")).doubleValue(),
      ((Number) page.evaluate("window.shift")).doubleValue()
    };
  }

  /** From a change of the address to the right stars, and what is kept of it all. */
  private String routes(Browser browser, String whole) {
    html = whole;
    try (var context = browser.newContext()) {
      Page page = context.newPage();
      page.navigate(address("/products/" + PRODUCTS.getFirst()));
      page.waitForSelector("nod-yes[data-kind=star-line]");
      CDPSession devtools = context.newCDPSession(page);
      double before = 0;
      var times = new double[ROUTES];
      for (int i = -WARMING; i < ROUTES; i++) {
        if (i == 0) {
          before = heap(devtools);
        }
        String to = PRODUCTS.get(Math.floorMod(i + 1, 2));
        double took =
            ((Number)
                    page.evaluate(
                        """
                        to => new Promise(done => {
                          const from = performance.now();
                          history.pushState({}, '', '/products/' + to);
                          const look = () => document.querySelector(
                              `nod-yes[data-kind=star-line][data-product="${to}"]`)
                            ? done(performance.now() - from) : requestAnimationFrame(look);
                          look();
                        })""",
                        to))
                .doubleValue();
        if (i >= 0) {
          times[i] = took;
        }
      }
      double after = heap(devtools);
      Arrays.sort(times);
      return ("%d changes of the address to another product without loading, after %d that warm both sides: the right stars"
              + " stand after p50 %.0f ms, p95 %.0f ms (aim under 150). The page's heap after a collection: %.2f MB before, %.2f MB after.")
          .formatted(
              ROUTES, WARMING, times[ROUTES / 2], times[ROUTES * 95 / 100 - 1], before, after);
    }
  }

  private static double heap(CDPSession devtools) {
    devtools.send("HeapProfiler.collectGarbage");
    return devtools.send("Runtime.getHeapUsage").get("usedSize").getAsDouble() / 1_000_000;
  }
}
