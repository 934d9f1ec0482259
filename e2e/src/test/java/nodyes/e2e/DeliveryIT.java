package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Delivery: set by the owner, promised to shoppers in some countries and languages. */
public class DeliveryIT extends InBrowser {
  private static final String POT = "/products/celadon-planter?variant=PL-CEL-24";
  private static final String PLACE = "/delivery?of=celadon-planter&variant=PL-CEL-24&to=DE";
  private final ObjectMapper json = new ObjectMapper();

  @AfterMethod(alwaysRun = true)
  public void goBack() throws Exception {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private Locator promise() {
    return page.locator("nod-yes[data-nod=arrival]");
  }

  private Locator layer(String name) {
    return page.getByRole(AriaRole.LISTITEM, named(name).setExact(true));
  }

  @Test
  public void theOwnerSeesEachDayAndWhyItCounts() throws Exception {
    page.navigate(demo.office(PLACE));
    assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Tue 1 Dec – Thu 3 Dec");
    Locator days = page.getByLabel("Day by day", exactly());
    assertThat(days.getByTitle("Independence Day")).containsText("1 Dec");
    assertThat(days.getByTitle("The kiln rests").first()).containsText("closed");
    assertThat(page.getByLabel("Parcel, earliest")).containsText("ships");
    assertThat(page.getByText("The carrier still delivers.").first()).isVisible();
    assertThat(layer("Celadon planter")).containsText("applies: handling time");
    assertThat(layer("Whole shop")).containsText("applies: order cut-off and holidays");
    assertThat(page.getByLabel("Delivered on time?")).containsText("Germany");
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void aListingTellsOnEachCardWhenItArrives() {
    openIn("Europe/Lisbon", 1280);
    page.navigate(demo.shop("/categories/planters"));
    Locator card = page.locator("li.card[data-nod-product=celadon-planter]");
    assertThat(card.locator("nod-yes[data-nod=card-arrival]"))
        .hasText(Pattern.compile("^Arrives \\w{3} \\d+ \\w{3} – \\w{3} \\d+ \\w{3}$"));
    assertThat(page.locator("nod-yes[data-nod=card-arrival] select")).hasCount(0);
  }

  @Test
  public void theWeekIsSetAndTakenBack() {
    page.navigate(demo.office(PLACE));
    Locator cutOffs = layer("Whole shop").getByRole(AriaRole.BUTTON, in("Order cut-off"));
    cutOffs.click();
    page.getByLabel("Thursday: cut-off", exactly()).fill("14:00");
    button("Save").click();
    // it is 14:20: what is ordered now counts tomorrow
    assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Wed 2 Dec – Fri 4 Dec");
    assertThat(page.getByLabel("Which rule applies"))
        .containsText("Counts as ordered on Fri 27 Nov");
    page.keyboard().press("z");
    assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Tue 1 Dec – Thu 3 Dec");
  }

  @Test
  public void whatRunsBackwardsIsNotKeptAndSaidSo() {
    page.navigate(demo.office(PLACE));
    page.getByRole(AriaRole.BUTTON, named("Transit time, Germany")).click();
    page.getByLabel("Minimum working days").fill("5");
    page.getByLabel("Maximum working days").fill("3");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.ALERT))
        .hasText("Not saved. “5 to 3”: the first number must be the smaller one.");
    complaints.clear(); // the browser notes every refusal
    page.getByLabel("Maximum working days").fill("6");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.BUTTON, named("Transit time, Germany"))).containsText("5–6");
  }

  @Test
  public void aTimingOfItsOwnOverrulesTheShops() {
    page.navigate(demo.office("/delivery?of=clay-olla&to=PT"));
    assertThat(layer("Whole shop")).containsText("applies: handling time");
    page.getByRole(AriaRole.BUTTON, named("Add a rule for")).click();
    page.getByLabel("Category, tag or product").fill("clay olla");
    page.getByRole(AriaRole.BUTTON, named("Clay olla product")).click();
    layer("Clay olla").getByRole(AriaRole.BUTTON, in("Ships")).click();
    page.getByLabel("Minimum working days").fill("6");
    page.getByLabel("Maximum working days").fill("9");
    button("Save").click();
    assertThat(layer("Clay olla")).containsText("applies: handling time");
    assertThat(layer("Whole shop")).containsText("applies: order cut-off and holidays");
    assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Wed 9 Dec – Tue 15 Dec");
  }

  @Test
  public void shoppersReadItForTheirCountryAndInTheirLanguage() {
    openIn("Europe/Berlin", 1280);
    page.navigate(demo.shop(POT));
    assertThat(promise()).containsText("Order in the next");
    assertThat(promise()).containsText("Tue 1 Dec – Thu 3 Dec");
    assertThat(promise()).containsText("(Germany)");
    promise().getByRole(AriaRole.COMBOBOX).selectOption("JP");
    assertThat(promise()).containsText("(Japan)");
    page.reload();
    assertThat(promise()).containsText("(Japan)");
    openIn("Europe/Berlin", 390);
    speak("de");
    page.navigate(demo.shop(POT));
    assertThat(promise()).containsText("Lieferung Di., 1. – Do., 3. Dez. (Deutschland)");
    openIn("Asia/Tokyo", 390);
    speak("ja");
    page.navigate(demo.shop(POT));
    assertThat(promise()).containsText("（日本）");
    assertThat(promise()).containsText(Pattern.compile("12月\\d+日\\(.\\) – 12月\\d+日"));
  }

  private void speak(String language) {
    page.addInitScript(
        "document.addEventListener('readystatechange',"
            + " () => { document.documentElement.lang = '"
            + language
            + "'; });");
  }

  @Test
  public void whereNothingTellsTheCountryTheShopsOwnIsTakenAndSaidSo() {
    openIn("UTC", 390);
    page.navigate(demo.shop(POT));
    assertThat(promise()).containsText("Delivery dates for Portugal.");
  }

  /** The page is left open over the cut-off. */
  @Test
  public void thePromiseChangesAtTheCutOffWithoutLoadingThePage() throws Exception {
    Instant end = demo.now().plusSeconds(20).truncatedTo(ChronoUnit.SECONDS);
    JsonNode view = json.readTree(demo.ask(demo.office("/api/v1/delivery")).body());
    var settings = (ObjectNode) view.path("settings").deepCopy();
    for (JsonNode layer : settings.path("layers")) {
      if (layer.path("id").asString().equals("shop")) {
        ((ObjectNode) layer.path("cutOffs"))
            .put("THURSDAY", LocalTime.ofInstant(end, ZoneOffset.UTC).toString());
      }
    }
    ObjectNode change =
        json.createObjectNode()
            .put("revision", view.path("revision").asString())
            .put("message", "a cut-off soon");
    change.set("settings", settings);
    assertEquals(demo.put("/api/v1/delivery", change.toString()).statusCode(), 200);
    demo.post("/api/v1/layout/publish", "");
    openIn("Europe/Berlin", 1280);
    page.addInitScript("window.loads = (window.loads ?? 0) + 1;");
    page.navigate(demo.shop(POT));
    assertThat(promise()).containsText("Tue 1 Dec – Thu 3 Dec");
    assertThat(promise()).containsText("Wed 2 Dec – Fri 4 Dec");
    assertTrue(!demo.now().isBefore(end), "not before the cut-off");
    assertEquals(page.evaluate("window.loads"), 1);
  }

  @Test
  public void aBasketTellsItsSlowLineAndItsFastOneAndTheOrderWhatWasPromised() {
    openIn("Europe/Lisbon", 1280);
    page.navigate(demo.shop(POT));
    page.getByRole(AriaRole.BUTTON, named("Add to basket")).click();
    page.waitForURL("**/basket");
    page.navigate(demo.shop("/products/ochre-bowl"));
    page.getByRole(AriaRole.BUTTON, named("Add to basket")).click();
    Locator basket = page.locator("nod-yes[data-nod=basket-arrival]");
    assertThat(basket.getByRole(AriaRole.ROW)).hasCount(2);
    assertThat(basket.getByRole(AriaRole.ROW).first()).containsText("Fri 27 Nov – Wed 2 Dec");
    assertThat(basket.getByRole(AriaRole.ROW).last()).containsText("Dec");
    page.getByRole(AriaRole.BUTTON, named("Order").setExact(true)).click();
    assertThat(page.locator("nod-yes[data-nod=order-arrival]")).containsText("Your order arrives");
  }

  @Test
  public void returnsAreSetBesideTheDeliveryRulesAndShoppersReadThem() throws Exception {
    page.navigate(demo.office("/delivery?of=celadon-planter&variant=PL-CEL-24&to=PT"));
    Locator returns = page.getByLabel("Returns", exactly());
    assertThat(returns).containsText("This order can be sent back until 31 January 2027.");
    returns
        .getByRole(AriaRole.BUTTON, in("Return period, Whole shop").setExact(false))
        .nth(1)
        .click();
    page.getByLabel("Days after arrival", exactly()).fill("0");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("With 0 days nothing can be sent back");
    complaints.clear(); // the browser notes every refusal
    page.getByLabel("Days after arrival", exactly()).fill("90");
    button("Save").click();
    assertThat(returns).containsText("This order can be sent back until 2 March 2027.");
    demo.post("/api/v1/layout/publish", "");
    openIn("Europe/Lisbon", 390);
    page.navigate(demo.shop(POT));
    assertThat(page.locator("nod-yes[data-nod=returns]"))
        .hasText("Order now and you can send it back until 2 March 2027");
  }

  @Test
  public void aFileOfRulesIsBroughtAndTakenBack() {
    page.navigate(demo.office(PLACE));
    page.getByLabel("Import delivery rules", exactly())
        .setInputFiles(
            new FilePayload(
                "rules.csv",
                "text/csv",
                "for,name,leaves in days\nproduct,celadon-planter,9-12\n"
                    .getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("1 delivery rule added").first()).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("Undone").first()).isVisible();
    assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Tue 1 Dec – Thu 3 Dec");
  }

  private static Locator.GetByRoleOptions in(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }
}
