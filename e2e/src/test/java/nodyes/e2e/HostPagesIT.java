package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pages of any make, with the one line of script and nothing else of ours. */
public class HostPagesIT extends InBrowser {
  private static final String PICTURE =
      "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 4 3'><path d='M0 0h4v3H0z' fill='#9ab'/></svg>";
  private static final String STARS = "nod-yes[data-kind=star-line]";

  private final List<String> asked = new ArrayList<>();
  private volatile String host = "";
  private HttpServer server;

  /** A server that answers with the page under test, whatever is asked for. */
  @BeforeClass
  public void anotherShop() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext("/", this::answer);
    server.start();
  }

  @AfterClass(alwaysRun = true)
  public void closeShop() {
    server.stop(0);
  }

  private void answer(HttpExchange exchange) throws IOException {
    boolean isPicture = exchange.getRequestURI().getPath().equals("/pic.svg");
    byte[] body = (isPicture ? PICTURE : host).getBytes(StandardCharsets.UTF_8);
    exchange.getResponseHeaders().set("Content-Type", isPicture ? "image/svg+xml" : "text/html");
    exchange.sendResponseHeaders(200, body.length);
    exchange.getResponseBody().write(body);
    exchange.close();
  }

  @BeforeMethod
  public void noteWhatIsAsked() {
    asked.clear();
    page.onRequest(
        request -> {
          if (request.url().contains("/embed/v1/page?")) {
            asked.add(request.url());
          }
        });
  }

  private void open(String name, String path) {
    open(name, path, "<script ");
  }

  /** With a line that begins so. */
  private void open(String name, String path, String line) {
    try (InputStream file =
        Objects.requireNonNull(getClass().getResourceAsStream("/hosts/" + name + ".html"))) {
      host =
          new String(file.readAllBytes(), StandardCharsets.UTF_8)
              .replace("{office}", demo.office(""))
              .replace("{key}", key())
              .replaceFirst("<script (?=[^>]*nodyes\\.js)", line);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    page.navigate("http://localhost:" + server.getAddress().getPort() + path);
  }

  private String key() {
    try {
      return demo.ask(demo.office("/api/v1/shop"))
          .body()
          .replaceFirst("(?s).*\"publicKey\":\"([^\"]+)\".*", "$1");
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private Locator stars(String product) {
    return page.locator(STARS + "[data-product=" + product + "]");
  }

  @DataProvider
  Object[][] products() {
    return new Object[][] {
      {"plain", "/products/celadon-planter"},
      {"plain", "/pt-BR/products/celadon-planter?utm_source=letter"},
      {"data", "/thing/77"},
      {"late", "/products/celadon-planter"},
      {"frames", "/products/celadon-planter"},
      {"reset", "/products/celadon-planter"},
      {"policy", "/products/celadon-planter"},
      {"rtl", "/products/celadon-planter"},
      {"microdata", "/item/9"},
    };
  }

  @Test
  public void aPageWithAHeldLineDoesNotMove() {
    page.addInitScript(
        """
        window.shift = 0;
        new PerformanceObserver(list => list.getEntries().forEach(one => {
          if (!one.hadRecentInput) window.shift += one.value;
        })).observe({type: 'layout-shift', buffered: true});""");
    for (String view : List.of("first", "again")) {
      open("plain", "/products/celadon-planter", "<script blocking=\"render\" ");
      assertThat(stars("celadon-planter")).isVisible();
      assertThat(page.locator("h1")).isVisible();
      page.evaluate("() => new Promise(done => requestIdleCallback(done))");
      double shift = ((Number) page.evaluate("window.shift")).doubleValue();
      assertTrue(shift < 0.02, view + " view moves by " + shift);
    }
  }

  @Test(dataProvider = "products")
  public void aProductPageShowsItsStarsUnderItsTitle(String name, String path) {
    open(name, path);
    Locator stars = stars("celadon-planter");
    assertThat(stars).hasCount(1);
    assertThat(stars).isVisible();
    var title = page.locator("h1").first().boundingBox();
    var box = stars.boundingBox();
    assertTrue(box.height >= 12 && box.height < 120, name + " is " + box.height + " tall");
    assertTrue(box.y >= title.y + title.height - 2, name + ": under the title");
    assertTrue(box.y - title.y - title.height < 60, name + ": next to the title");
  }

  @Test
  public void whatIsInTheHeadTheFootAndMenusIsNoCard() {
    open("plain", "/gift-ideas");
    assertThat(stars("oat-trough")).hasCount(1);
    assertThat(stars("slate-pot")).hasCount(1);
    assertThat(stars("fern-jar")).hasCount(0);
    assertThat(page.locator("li " + STARS)).hasCount(2);
  }

  @DataProvider
  Object[][] listings() {
    return new Object[][] {{"components", "/all"}, {"tables", "/pots.htm"}, {"scroll", "/all"}};
  }

  @Test(dataProvider = "listings")
  public void cardsOfAListingShowTheirStars(String name, String path) {
    open(name, path);
    assertThat(stars("celadon-planter")).isVisible();
    assertThat(stars("oat-trough")).isVisible();
    assertThat(page.locator(STARS)).hasCount(2);
  }

  @Test
  public void cardsThatComeLaterShowTheirsAndTheOthersStay() {
    open("scroll", "/all");
    assertThat(page.locator(STARS)).hasCount(2);
    page.evaluate("document.querySelector('nod-yes').isTheSame = true");
    page.locator("#more").click();
    assertThat(page.locator(STARS)).hasCount(4);
    assertEquals(page.evaluate("document.querySelector('nod-yes').isTheSame"), true);
  }

  @Test
  public void aPageThatChangesWithoutLoadingShowsWhatIsTrueOfTheNewOne() {
    open("routes", "/products/celadon-planter");
    assertThat(stars("celadon-planter")).isVisible();
    page.locator("#b").click();
    assertThat(stars("oat-trough")).isVisible();
    assertThat(page.locator("nod-yes[data-product=celadon-planter]")).hasCount(0);
    page.locator("#c").click();
    assertThat(page.locator("nod-yes")).hasCount(0);
    page.goBack();
    assertThat(stars("oat-trough")).isVisible();
    page.goBack();
    assertThat(stars("celadon-planter")).isVisible();
  }

  @Test
  public void whatAFrameworkEmptiedIsPutThereAgainWithoutAsking() {
    open("routes", "/products/celadon-planter");
    assertThat(stars("celadon-planter")).isVisible();
    // what we tell machines ourselves is no change of the page
    assertThat(page.locator("#nodyes-structured")).hasCount(1);
    answer("**/embed/v1/page*", Route::abort);
    page.evaluate("draw()");
    assertThat(stars("celadon-planter")).isVisible();
  }

  @Test
  public void aStrictPolicyBlocksNothingOfIt() {
    page.addInitScript(
        "window.blocked = []; addEventListener('securitypolicyviolation', one =>"
            + " window.blocked.push(one.violatedDirective + ' ' + one.blockedURI))");
    open("policy", "/products/celadon-planter");
    assertThat(stars("celadon-planter")).isVisible();
    assertThat(page.locator("#nodyes-structured")).hasCount(1);
    assertEquals(page.evaluate("window.blocked.join()"), "");
  }

  @Test
  public void theStarLineLeadsToTheReviewsOnAPageThatSaysNothing() {
    open("plain", "/products/celadon-planter");
    Locator link = stars("celadon-planter").locator("a");
    assertThat(link).hasAttribute("href", "#nodyes-reviews");
    link.click();
    assertThat(page.locator("#nodyes-reviews")).isInViewport();
    open("scroll", "/all");
    assertThat(stars("oat-trough").locator("a"))
        .hasAttribute("href", java.util.regex.Pattern.compile(".*/oat-trough#nodyes-reviews"));
  }

  @Test
  public void inDoubtNothingShows() {
    open("several", "/set");
    page.waitForCondition(() -> !asked.isEmpty());
    page.waitForFunction(
        "performance.getEntriesByType('resource').some(one => one.name.includes('/embed/v1/page') && one.responseEnd)");
    assertThat(page.locator("nod-yes")).hasCount(0);
  }

  @Test
  public void anotherVariantOfTheSameProductMovesNothing() {
    open("plain", "/products/celadon-planter");
    assertThat(stars("celadon-planter")).isVisible();
    page.evaluate("document.querySelector('nod-yes').isTheSame = true");
    page.waitForRequest(
        "**/embed/v1/page*",
        () -> page.evaluate("history.replaceState({}, '', '?variant=PL-CEL-30')"));
    assertThat(page.locator("h1 + nod-yes")).isVisible();
    assertEquals(page.evaluate("document.querySelector('nod-yes').isTheSame"), true);
    assertTrue(asked.getLast().contains("PL-CEL-30"), asked.toString());
  }

  /** What stood there before has its space again before anything is answered. */
  @Test
  public void aBarePageThatWasSeenBeforeDoesNotMoveWhenItsNodsCome() {
    open("bare", "/products/celadon-planter");
    assertThat(stars("celadon-planter")).isVisible();
    painted();
    var held = new ArrayList<Route>();
    page.route("**/embed/v1/page?*", held::add);
    open("bare", "/products/celadon-planter");
    assertThat(page.locator("nod-space").first()).isAttached();
    page.waitForCondition(() -> !held.isEmpty());
    Locator buy = page.locator("form");
    double kept = buy.boundingBox().y;
    held.forEach(Route::resume);
    assertThat(stars("celadon-planter")).isVisible();
    assertThat(page.locator("nod-space")).hasCount(0);
    assertEquals(buy.boundingBox().y, kept, 1);
  }

  /** What axe-core finds in nods; the pages around them are not ours. */
  @Test(dataProvider = "products")
  public void nodsCanBeReadOnEveryPage(String name, String path) throws IOException {
    open(name, path);
    assertThat(stars("celadon-planter")).isVisible();
    page.evaluate(Files.readString(Path.of(System.getProperty("axe.js"))));
    assertEquals(
        page.evaluate(
            "async () => (await axe.run({include: [['nod-yes']]}, {resultTypes: ['violations']}))"
                + ".violations.flatMap(one => one.nodes.map(n => one.id + ' ' + n.failureSummary))"
                + ".join('; ')"),
        "",
        name);
  }
}
