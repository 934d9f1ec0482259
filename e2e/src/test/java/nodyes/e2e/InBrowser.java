package nodyes.e2e;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Frame;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.testng.ITestResult;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/**
 * A demo and a browser to a class, a fresh page to a test; anything the browser complains of fails.
 */
public abstract class InBrowser {
  private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
  private static final int PATIENCE_MILLIS = 90_000;
  private static final Pattern PROBE = Pattern.compile(".*\\?is-heard");

  /**
   * What the driver leaves out by itself (a later list takes the place of an earlier one), and the
   * browser's own surfaces that each window would make ready.
   */
  private static final List<String> UNUSED =
      List.of(
          "PreloadTopChromeWebUI",
          "AvoidUnnecessaryBeforeUnloadCheckSync",
          "BoundaryEventDispatchTracksNodeRemoval",
          "DestroyProfileOnBrowserClose",
          "DialMediaRouteProvider",
          "GlobalMediaControls",
          "HttpsUpgrades",
          "LensOverlay",
          "MediaRouter",
          "PaintHolding",
          "ThirdPartyStoragePartitioning",
          "BlockOriginHeaderModificationOnRedirect",
          "Translate",
          "OptimizationHints");

  /** One demo and one browser for all classes; each leaves the demo as it found it. */
  private static @Nullable Demo sharedDemo;

  private static @Nullable Playwright playwright;
  private static @Nullable Browser sharedBrowser;

  protected Demo demo;
  protected Browser browser;
  private @Nullable BrowserContext context;
  protected Page page;
  protected final List<String> complaints = new ArrayList<>();

  @BeforeClass
  public void startAll() throws IOException, InterruptedException {
    if (sharedDemo == null) {
      sharedDemo = new Demo();
      // each class is a suite where classes are shared out over processes: the last one is unknown
      Runtime.getRuntime().addShutdownHook(new Thread(InBrowser::stopAll));
      launchBrowser();
    }
    demo = requireNonNull(sharedDemo);
    browser = requireNonNull(sharedBrowser);
  }

  private static void launchBrowser() {
    // a busy machine is slow, not wrong: what is waited for may take its time to come
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    sharedBrowser =
        requireNonNull(playwright)
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(CHROMIUM)
                    .setHeadless(true)
                    .setChromiumSandbox(false)
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync",
                            "--disable-features=" + String.join(",", UNUSED))));
  }

  /** What goes on in a page that nobody looks at any more slows down all that come later. */
  @AfterClass(alwaysRun = true)
  public void closePages() {
    List.copyOf(browser.contexts()).forEach(BrowserContext::close);
    context = null;
  }

  @BeforeMethod
  public void openPage() {
    closePages();
    page = open(1280, 800);
  }

  /**
   * Answers requests in the server's place. A page that is open already hears of it late: what it
   * asks for at once would go past.
   */
  protected void answer(String requests, Consumer<Route> how) {
    page.route(requests, how);
    if (page.url().startsWith("http")) {
      page.route(PROBE, route -> route.fulfill(new Route.FulfillOptions().setStatus(204)));
      page.waitForFunction(
          "() => fetch(location.pathname + '?is-heard').then(answer => answer.status === 204)");
      page.unroute(PROBE);
    }
  }

  /** Lets the browser paint what it has. */
  protected void painted() {
    page.evaluate("new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
  }

  /** The shop's page as the owner looks at it on a wide screen. */
  protected FrameLocator frame() {
    return page.frameLocator("iframe[title*='on a desktop']");
  }

  protected Page open(int width, int height) {
    return open(new Browser.NewContextOptions().setViewportSize(width, height));
  }

  /** A phone in the hand: narrow, and touched. */
  protected Page openPhone() {
    return open(new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true));
  }

  /** A browser in a time zone, which tells where its shopper is. */
  protected Page openIn(String zone, int width) {
    return open(new Browser.NewContextOptions().setViewportSize(width, 844).setTimezoneId(zone));
  }

  private Page open(Browser.NewContextOptions options) {
    options.setLocale("en-GB");
    if (context != null) {
      context.close();
    }
    complaints.clear();
    BrowserContext fresh = browser.newContext(options);
    context = fresh;
    fresh.setDefaultTimeout(PATIENCE_MILLIS);
    page = fresh.newPage();
    listen(page);
    return page;
  }

  private void listen(Page watched) {
    watched.onConsoleMessage(
        message -> {
          if (message.type().equals("error") || message.type().equals("warning")) {
            complaints.add(message.text());
          }
        });
    watched.onPageError(complaints::add);
    watched.onRequest(
        request -> {
          String url = request.url();
          boolean here =
              url.startsWith("http://127.0.0.1:")
                  || url.startsWith("http://localhost:")
                  || url.startsWith("data:")
                  || url.startsWith("blob:");
          if (!here) {
            complaints.add("a request left this machine: " + url);
          }
        });
  }

  @AfterMethod(alwaysRun = true)
  public void nothingToComplainOf(ITestResult result) {
    if (!result.isSuccess()) {
      System.out.println(
          result.getName() + " failed at " + page.url() + " showing:\n" + page.innerText("body"));
      System.out.println("The browser said: " + complaints);
    }
    assertEquals(String.join("\n", complaints), "");
  }

  private static void stopAll() {
    if (playwright != null) {
      playwright.close();
    }
    try {
      if (sharedDemo != null) {
        sharedDemo.close();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Opens a face of the nod that is open. */
  protected void face(String name) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
  }

  /** What axe-core finds wrong in a frame, a line to a finding. */
  @SuppressWarnings("unchecked")
  protected List<String> axe(Frame frame) throws IOException {
    frame.evaluate(Files.readString(Path.of(System.getProperty("axe.js"))));
    return (List<String>)
        frame.evaluate(
            "async () => (await axe.run(document, {resultTypes: ['violations'], iframes: false}))"
                + ".violations.flatMap(v => v.nodes.map(n => v.id + ': ' + v.help + ' ' + n.target.join(' ')"
                + " + ' ' + n.failureSummary.replaceAll('\\n', ' ')))");
  }

  /** The button with that name, and no more than that. */
  protected Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, named(name).setExact(true));
  }

  protected static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  protected static Page.GetByLabelOptions exactly() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  /** The frame is drawn smaller than it is, which the driver's own clicks do not reckon with. */
  protected void moveOver(String selector) {
    var frameBox = page.locator("iframe[title*='on a desktop']").boundingBox();
    double scale = frameBox.width / 1280;
    Object at =
        frame()
            .locator(selector)
            .evaluate(
                "e => { const b = e.getBoundingClientRect();"
                    + " return (b.left + 8) + ' ' + (b.top + b.height / 2); }");
    String[] parts = at.toString().split(" ");
    page.mouse()
        .move(
            frameBox.x + Double.parseDouble(parts[0]) * scale,
            frameBox.y + Double.parseDouble(parts[1]) * scale);
  }

  /** Whether what is pointed at is that, as the page draws it. */
  protected boolean drawnOver(String selector) {
    return (boolean)
        frame()
            .locator(selector)
            .evaluate(
                "e => { const drawn = document.getElementById('nodyes-pointing');"
                    + " return !!drawn && drawn.style.borderWidth === '2px'"
                    + " && Math.abs(parseFloat(drawn.style.top) - e.getBoundingClientRect().top) < 1; }");
  }
}
