package nodyes.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** What a shopper's and the owner's browser make of it, in headless Chromium. */
final class InChromium {
  private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
  private static final int LOADS = 20;
  private static final int CHANGES = 60;

  /** Changes that are not counted: they warm the JVM's compiler and the browser's. */
  private static final int WARMING = 20;

  /** Collects layout shifts (Layout Instability) and the largest paint (LCP) of a page. */
  private static final String WATCH =
      """
      window.shift = 0; window.largest = 0;
      new PerformanceObserver(list => list.getEntries().forEach(entry => {
        if (!entry.hadRecentInput) window.shift += entry.value;
      })).observe({type: 'layout-shift', buffered: true});
      new PerformanceObserver(list => list.getEntries().forEach(entry => {
        window.largest = entry.startTime;
      })).observe({type: 'largest-contentful-paint', buffered: true});
      """;

  private final RunningDemo server;

  InChromium(RunningDemo server) {
    this.server = server;
  }

  List<String> measure() {
    if (!Files.exists(CHROMIUM)) {
      return List.of("", "## In the browser", "", "Not measured: needs Chromium on this machine.");
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
      var report =
          new ArrayList<>(
              List.of(
                  "",
                  "## In the browser",
                  "",
                  LOADS
                      + " loads each at 1280 and 390 x 800, in turns with the script and with it blocked, each"
                      + " in a fresh context, with all that the demo shows there. Aim: no shift, and at most 50 ms"
                      + " added. Shift is the sum of layout shifts (Layout Instability),"
                      + " largest paint as LCP defines it.",
                  "",
                  "| page | shift, worst | shift without | largest paint p50, ms | without, ms | added, ms |",
                  "| --- | ---: | ---: | ---: | ---: | ---: |"));
      report.add(loads(browser, "product page", "/products/celadon-planter", 1280));
      report.add(loads(browser, "listing", "/categories/planters", 1280));
      report.add(loads(browser, "product page, narrow", "/products/celadon-planter", 390));
      report.add(loads(browser, "listing, narrow", "/categories/planters", 390));
      report.add("");
      report.add(changes(browser));
      report.addAll(Drift.measure(browser, server));
      return report;
    }
  }

  private record Load(double shift, double largest) {}

  private String loads(Browser browser, String name, String path, int width) {
    var with = new ArrayList<Load>();
    var without = new ArrayList<Load>();
    for (int i = 0; i <= LOADS; i++) {
      Load one = load(browser, path, width, true);
      Load other = load(browser, path, width, false);
      if (i > 0) { // the first warms both sides
        with.add(one);
        without.add(other);
      }
    }
    double largest = median(with);
    double bare = median(without);
    return "| %s | %.4f | %.4f | %.0f | %.0f | %.0f |"
        .formatted(
            name,
            with.stream().mapToDouble(Load::shift).max().orElse(0),
            without.stream().mapToDouble(Load::shift).max().orElse(0),
            largest,
            bare,
            largest - bare);
  }

  private static double median(List<Load> loads) {
    double[] sorted = loads.stream().mapToDouble(Load::largest).sorted().toArray();
    return sorted[sorted.length / 2];
  }

  private Load load(Browser browser, String path, int width, boolean withScript) {
    try (var context =
        browser.newContext(new Browser.NewContextOptions().setViewportSize(width, 800))) {
      Page page = context.newPage();
      page.addInitScript(WATCH);
      if (!withScript) {
        page.route("**/nodyes.js", route -> route.abort());
      }
      page.navigate(server.shop(path));
      if (withScript) {
        page.waitForSelector("nod-yes");
      }
      page.waitForTimeout(400);
      return new Load(number(page, "window.shift"), number(page, "window.largest"));
    }
  }

  private static double middle(List<Double> times) {
    return times.stream().sorted().skip(times.size() / 2).findFirst().orElse(Double.NaN);
  }

  private static double number(Page page, String expression) {
    return ((Number) page.evaluate(expression)).doubleValue();
  }

  /** From a stroke of a key in a face to the frame's next picture with it. */
  private String changes(Browser browser) {
    try (var context =
        browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
      Page page = context.newPage();
      page.navigate(server.address("/pages/product/celadon-planter?as=wide"));
      page.frameLocator("iframe").locator("nod-yes[data-nod=reviews]").waitFor();
      page.getByRole(
              com.microsoft.playwright.options.AriaRole.BUTTON,
              new Page.GetByRoleOptions().setName("Review wall").setExact(true))
          .click();
      var field = page.getByLabel("English", new Page.GetByLabelOptions().setExact(true));
      field.waitFor();
      Frame frame =
          page.frames().stream()
              .filter(one -> one.url().contains("/products/"))
              .findFirst()
              .orElseThrow();
      var times = new double[WARMING + CHANGES];
      var stored = new ArrayList<Double>();
      var answered = new ArrayList<Double>();
      page.onRequestFinished(
          request -> {
            if (request.method().equals("PUT")) {
              stored.add(request.timing().responseEnd);
            } else if (request.url().contains("/embed/v1/page?")) {
              answered.add(request.timing().responseEnd);
            }
          });
      for (int i = 0; i < times.length; i++) {
        String text = "Heading " + i;
        frame.evaluate(
            """
            text => {
              const look = () => {
                const heading = document.querySelector('nod-yes[data-nod=reviews]')
                  ?.shadowRoot?.querySelector('h2');
                if (heading?.textContent !== text) return requestAnimationFrame(look);
                const channel = new MessageChannel();
                channel.port1.onmessage = () => { window.painted = Date.now(); };
                channel.port2.postMessage(0);
              };
              window.painted = 0;
              requestAnimationFrame(look);
            }""",
            text);
        page.evaluate(
            "() => document.addEventListener('input', () => { window.typed = Date.now(); },"
                + " {capture: true, once: true})");
        field.fill(text);
        frame.waitForFunction("() => window.painted > 0");
        times[i] =
            ((Number) frame.evaluate("window.painted")).doubleValue()
                - number(page, "window.typed");
      }
      times = Arrays.copyOfRange(times, WARMING, times.length);
      Arrays.sort(times);
      return ("From a stroke of a key in a face to its paint in the frame, %d changes one behind the other, after %d more that warm both sides:"
              + " p50 %.0f ms, p95 %.0f ms (aim under 200). Of it half of the changes were stored in %.0f ms and"
              + " the page answered in %.0f ms; the rest is the browser's, which shares the machine with the server.")
          .formatted(
              CHANGES,
              WARMING,
              times[CHANGES / 2],
              times[CHANGES * 95 / 100 - 1],
              middle(stored.subList(WARMING, stored.size())),
              middle(answered.subList(WARMING, answered.size())));
    }
  }
}
