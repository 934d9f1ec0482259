package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One week in a shop: on Monday a reduction is planned from Tuesday to Friday, with a holiday on
 * Tuesday. Pages that shoppers leave open, wide and narrow, in two countries and three languages,
 * change at the right instant by themselves.
 */
public class OneWeekIT extends InBrowser {
  private static final String NODS = "/api/v1/layout/nods";
  private static final String OLLA = "/products/clay-olla";
  private static final Instant TUESDAY = Instant.parse("2026-12-01T00:00:00Z");
  private static final Instant SATURDAY = Instant.parse("2026-12-05T00:00:00Z");
  private final ObjectMapper json = new ObjectMapper();
  private final List<BrowserContext> shoppers = new ArrayList<>();

  @SuppressWarnings("NullAway.Init")
  private Path data;

  @SuppressWarnings("NullAway.Init")
  private Demo week;

  private String cardCountdown = "";

  @AfterMethod(alwaysRun = true)
  public void leave() {
    shoppers.forEach(BrowserContext::close);
    shoppers.clear();
  }

  @AfterClass(alwaysRun = true)
  public void close() throws InterruptedException {
    if (week != null) {
      week.close();
    }
  }

  private void goTo(String instant) throws Exception {
    if (week != null) {
      week.interrupt();
    }
    week = new Demo(data, instant);
  }

  private Page shopper(String zone, String language, int width, String path) {
    BrowserContext context =
        browser.newContext(
            new Browser.NewContextOptions().setTimezoneId(zone).setViewportSize(width, 844));
    shoppers.add(context);
    Page shop = context.newPage();
    shop.addInitScript(
        "document.addEventListener('readystatechange',"
            + " () => { document.documentElement.lang = '%s'; });".formatted(language)
            + "window.loads = (window.loads ?? 0) + 1;");
    shop.navigate(week.shop(path));
    assertThat(shop.locator("nod-yes").first()).isVisible();
    return shop;
  }

  private static Locator label(Page shop) {
    return shop.locator("nod-yes[data-nod=price-drop][data-product=clay-olla]");
  }

  private static Locator countdown(Page shop) {
    return shop.locator("nod-yes[data-nod=autumn-price]");
  }

  private Locator onCard(Page shop) {
    return shop.locator("nod-yes[data-nod='" + cardCountdown + "'][data-product=clay-olla]");
  }

  /** The same page still, and not before its time. */
  private void changedAt(Instant instant, Page... pages) throws Exception {
    assertFalse(week.now().isBefore(instant), "not before " + instant);
    for (Page shop : pages) {
      assertEquals(shop.evaluate("window.loads"), 1);
    }
  }

  /** Each variant costs a quarter less from Tuesday on, and what it did again from Saturday on. */
  private String planned() throws Exception {
    Path file = data.resolve("data/files/catalogue.jsonl");
    List<String> lines = new ArrayList<>(Files.readAllLines(file));
    for (int i = 0; i < lines.size(); i++) {
      JsonNode product = json.readTree(lines.get(i));
      if (product.path("productGroupID").asString().equals("clay-olla")) {
        for (JsonNode variant : product.path("hasVariant")) {
          var offer = (ObjectNode) variant.path("offers");
          double usual = offer.path("price").asDouble();
          var prices = (ArrayNode) offer.path("priceSpecification");
          prices
              .addObject()
              .put("price", String.format(Locale.ROOT, "%.2f", usual * 0.75))
              .put("validFrom", TUESDAY.toString());
          prices
              .addObject()
              .put("price", String.format(Locale.ROOT, "%.2f", usual))
              .put("validFrom", SATURDAY.toString());
        }
        lines.set(i, product.toString());
      }
    }
    // the shop itself asks for them as well
    Files.write(file, lines);
    return lines.stream()
        .filter(line -> line.contains(TUESDAY.toString()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void mondayIsForPlanning() throws Exception {
    data = Files.createTempDirectory("nodyes-week");
    goTo("2026-11-30T09:00:00Z");
    page.navigate(week.office("/catalogue/feeds"));
    FileChooser chooser = page.waitForFileChooser(() -> button("Choose a file").click());
    chooser.setFiles(
        new FilePayload(
            "planned.json", "application/json", planned().getBytes(StandardCharsets.UTF_8)));
    button("Import 1 product").click();
    assertThat(page.getByText("1 imported")).isVisible();
    JsonNode face =
        json.readTree(
                week.post(
                        NODS,
                        "{\"kind\":\"countdown\",\"spot\":\"listing-card\",\"page\":\"LISTING\"}")
                    .body())
            .path("face");
    cardCountdown = face.path("id").asString();
    var set = (ObjectNode) face.path("set").deepCopy();
    ((ObjectNode) set.path("own")).putObject("ending").put("ends", "with-price");
    ObjectNode change = json.createObjectNode().put("revision", face.path("revision").asLong());
    change.set("set", set);
    assertEquals(week.put(NODS + "/" + cardCountdown, change.toString()).statusCode(), 200);

    // the owner looks ahead, and then lets shoppers see it
    page.navigate(week.office("/pages/product/clay-olla?as=PT,wide,2026-12-02T10:00"));
    assertThat(frame().locator("nod-yes[data-nod=price-drop]").first()).containsText("25% off");
    assertThat(countdown(frame())).containsText("Autumn price for another");
    page.navigate(week.office("/pages/product/clay-olla?as=PT,wide"));
    assertThat(page.getByText("Next automatic changes")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=arrival]")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=price-drop]")).hasCount(0);
    button("Publish").first().click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Publish"))
        .click();
    assertThat(page.getByText("No unpublished changes")).isVisible();
  }

  private static Locator countdown(FrameLocator shop) {
    return shop.locator("nod-yes[data-nod=autumn-price]");
  }

  /** Ordered on Monday in time or not: Tuesday is a holiday in Portugal and does not count. */
  @Test(dependsOnMethods = "mondayIsForPlanning")
  public void theHolidayDoesNotCountForTheShopNorForItsCarrier() {
    Page porto = shopper("Europe/Lisbon", "en", 1280, OLLA);
    assertThat(porto.locator("nod-yes[data-nod=arrival]")).containsText("Thu, Dec 3 – Mon, Dec 7");
    Page berlin = shopper("Europe/Berlin", "de", 390, OLLA);
    assertThat(berlin.locator("nod-yes[data-nod=arrival]")).containsText("(Deutschland)");
  }

  @Test(dependsOnMethods = "theHolidayDoesNotCountForTheShopNorForItsCarrier")
  public void onTuesdayThePriceFallsOnPagesThatAreOpen() throws Exception {
    goTo("2026-11-30T23:59:10Z");
    Page porto = shopper("Europe/Lisbon", "pt", 1280, OLLA);
    Page berlin = shopper("Europe/Berlin", "de", 390, OLLA);
    Page listing = shopper("Europe/Berlin", "en", 390, "/categories/watering");
    for (Page shop : List.of(porto, berlin, listing)) {
      assertThat(label(shop)).hasCount(0);
      assertThat(countdown(shop)).hasCount(0);
    }
    assertThat(onCard(listing)).hasCount(0);
    var patient = new LocatorAssertions.IsVisibleOptions().setTimeout(90_000);
    assertThat(label(porto).first()).isVisible(patient);
    assertThat(label(berlin).first()).isVisible(patient);
    assertThat(label(listing).first()).isVisible(patient);
    changedAt(TUESDAY, porto, berlin, listing);
    assertThat(label(porto).first()).containsText(Pattern.compile("25\\s*%"));
    assertThat(countdown(porto)).containsText("Preço de outono por mais");
    assertThat(countdown(berlin)).containsText("Herbstpreis noch");
    porto.reload();
    assertThat(porto.getByText("€19.50").first()).isVisible();
    assertThat(onCard(listing)).containsText(Pattern.compile("[34]\\s*days?"));
  }

  @Test(dependsOnMethods = "onTuesdayThePriceFallsOnPagesThatAreOpen")
  public void onSaturdayAllOfItIsGoneByItself() throws Exception {
    goTo("2026-12-04T23:59:10Z");
    Page porto = shopper("Europe/Lisbon", "pt", 390, OLLA);
    Page listing = shopper("Europe/Berlin", "de", 1280, "/categories/watering");
    assertThat(label(porto).first()).isVisible();
    assertThat(countdown(porto)).isVisible();
    assertThat(onCard(listing)).isVisible();
    var patient = new LocatorAssertions.HasCountOptions().setTimeout(90_000);
    assertThat(countdown(porto)).hasCount(0, patient);
    assertThat(label(porto)).hasCount(0, patient);
    assertThat(label(listing)).hasCount(0, patient);
    assertThat(onCard(listing)).hasCount(0, patient);
    changedAt(SATURDAY, porto, listing);
  }
}
