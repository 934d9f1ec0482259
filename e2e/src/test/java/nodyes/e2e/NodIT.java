package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The owner adds nods, changes their three faces, points at places, and goes back. */
public class NodIT extends InBrowser {
  private static final String PAGE = "/pages/product/celadon-planter?as=wide";

  /** As the demo began: published as its first version, and the draft the same. */
  @AfterMethod
  public void asItBegan() throws IOException, InterruptedException {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private void openNod(String name) {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    button(name).click();
    assertThat(page.getByRole(AriaRole.TAB).first()).isVisible();
  }

  @Test
  public void wordsShowOnThePageAsTheyAreTyped() {
    openNod("Review wall");
    assertThat(page.getByRole(AriaRole.BUTTON, named("Text: Heading"))).isVisible();
    page.getByLabel("English", new Page.GetByLabelOptions().setExact(true))
        .fill("What gardeners say");
    assertThat(frame().getByRole(AriaRole.HEADING).getByText("What gardeners say")).isVisible();
    assertThat(page.getByText(Pattern.compile("^Saved at \\d\\d:\\d\\d$"))).isVisible();
    page.reload();
    assertThat(frame().getByText("What gardeners say")).isVisible();
  }

  @Test
  public void aValueThatThereIsNotIsSaidAndTheNearestPutIn() {
    openNod("Star line");
    page.getByLabel("English, other").fill("{m} voices");
    assertThat(page.getByText("There is no value “m”")).isVisible();
    // the page keeps saying what was good last
    assertThat(frame().getByText(Pattern.compile("^\\d+ reviews$")).first()).isVisible();
    button("Use “number”").click();
    assertThat(frame().getByText(Pattern.compile("^\\d+ voices$")).first()).isVisible();
    assertThat(page.getByText(Pattern.compile("^\\d+ voices$")).first()).isVisible();
  }

  @Test
  public void conditionsCountProductsAndNameWhoJustMisses() {
    openNod("Review wall");
    face("Who sees it");
    assertThat(page.getByText(Pattern.compile("^\\d+ of 48 products$"))).isVisible();
    button("Add a condition").click();
    page.getByRole(AriaRole.MENUITEM, named("Number of reviews")).click();
    page.getByLabel("Minimum reviews").fill("100");
    page.getByText("almost qualif").click();
    assertThat(page.getByText(Pattern.compile("This nod needs at least 100")).first()).isVisible();
    page.getByLabel("Minimum reviews").fill("99999");
    assertThat(page.getByText("These conditions match nothing")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).hasCount(0);
    button("Add a condition").click();
    page.getByRole(AriaRole.MENUITEM, named("Dates")).click();
    page.getByLabel("From", exactly()).fill("2026-12-02T09:00");
    page.getByLabel("To", exactly()).fill("2026-12-01T09:00");
    assertThat(page.getByText("The end is before the start").first()).isVisible();
    complaints.clear(); // the browser reports the refusal as a failed request
  }

  @Test
  public void looksShowAtOnceAndWhatIsTooPaleIsMended() {
    openNod("Review wall");
    face("Style");
    page.getByRole(AriaRole.RADIO, named("Spine")).click();
    Locator wall = frame().locator("nod-yes[data-nod=reviews]");
    assertThat(wall).hasAttribute("data-look", "slips");
    page.getByLabel("Colour", exactly()).fill("#ffffff");
    page.getByLabel("Text colour", exactly()).fill("#bbbbbb");
    assertThat(page.getByText("1.9:1")).isVisible();
    button("Use it").click();
    assertThat(page.getByText(Pattern.compile("Contrast 4\\.5:1, good"))).isVisible();
    assertThat(wall).hasCSS("background-color", "rgb(255, 255, 255)");
    assertThat(wall).hasCSS("display", "block");
    page.getByLabel("Size", exactly()).fill("huge");
    assertThat(page.getByText("Enter a whole number from 10 to 40 (pixels).").first()).isVisible();
    page.getByLabel("Size", exactly()).fill("18");
    assertThat(wall).hasCSS("font-size", "18px");
    page.getByText("Your own CSS").first().click();
    page.getByLabel("CSS class for your own stylesheets").fill("proof");
    assertThat(wall).hasClass("proof");
    page.getByLabel("Your own CSS").fill("p { color: red }\nbody { display: none }");
    assertThat(page.getByText("Line 2: “body” is not allowed").first()).isVisible();
    complaints.clear();
  }

  @Test
  public void nodsAreAddedCopiedMovedWithKeysAndTakenBack() {
    page.navigate(demo.office(PAGE));
    assertThat(page.getByText("10 shown")).isVisible();
    button("Add a nod").click();
    assertThat(
            page.frameLocator("iframe[title='Star line for this product']")
                .locator("nod-yes")
                .first())
        .isVisible();
    page.getByRole(AriaRole.BUTTON, named("Place: Star line")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("below the buy button")).click();
    button("Add: Star line").click();
    assertThat(frame().locator("nod-yes[data-nod^=star-line]")).hasCount(1);
    button("Done").click();
    assertThat(page.getByText("11 shown")).isVisible();
    button("Star line").nth(1).press("Alt+ArrowUp");
    assertThat(page.getByText("Nod moved")).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("Undone").first()).isVisible();
    page.getByRole(AriaRole.BUTTON, named("More for Star line")).nth(1).click();
    page.getByRole(AriaRole.MENUITEM, named("Remove")).click();
    assertThat(page.getByText("10 shown")).isVisible();
    button("Undo").click();
    assertThat(page.getByText("11 shown")).isVisible();
  }

  @Test
  public void aPlaceThatIsPointedAtBecomesASpot() {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    button("Pick a place").click();
    assertThat(page.getByRole(AriaRole.HEADING, named("Pick a place"))).isVisible();
    // the panel takes room from the page: until that is drawn to fit, the place still moves
    page.waitForCondition(
        () -> {
          moveOver("p.price");
          return drawnOver("p.price");
        });
    page.mouse().down();
    page.mouse().up();
    assertThat(page.getByText("One place on this page")).isVisible();
    page.getByLabel("Selector").fill("div");
    assertThat(page.getByText("It must match one place")).isVisible();
    page.getByLabel("Selector").fill("p.price");
    page.getByLabel("Name").fill("by-the-price");
    button("Save spot").click();
    assertThat(page.getByRole(AriaRole.BUTTON, named("Place: Star line: by-the-price")))
        .isVisible();
    button("Add: Star line").click();
    assertThat(frame().locator("nod-yes[data-nod^=star-line]")).hasCount(1);
  }

  /** Asked for before the page had spoken it was lost, and nothing was drawn. */
  @Test
  public void pointingReachesAPageThatSpeaksLate() {
    List<Route> held = new ArrayList<>();
    page.route("**/nodyes.js", held::add);
    page.navigate(demo.office(PAGE + "&panel=point"));
    assertThat(page.getByRole(AriaRole.HEADING, named("Pick a place"))).isVisible();
    page.waitForCondition(() -> !held.isEmpty());
    page.unroute("**/nodyes.js");
    held.forEach(Route::resume);
    page.waitForCondition(
        () -> {
          moveOver("p.price");
          return drawnOver("p.price");
        });
  }

  @Test
  public void twoWindowsThatChangeOneNodAreToldOfEachOther() {
    openNod("Review wall");
    Page other = browser.newContext().newPage();
    other.navigate(demo.office(PAGE));
    other
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Review wall").setExact(true))
        .click();
    other.getByLabel("English", exactly()).fill("From the other window");
    assertThat(other.getByText(Pattern.compile("^Saved at"))).isVisible();
    page.getByLabel("English", exactly()).fill("From this window");
    assertThat(page.getByText("This nod was changed in another window. Nothing was overwritten."))
        .isVisible();
    button("Show that version").click();
    assertThat(page.getByLabel("English", exactly())).hasValue("From the other window");
    other.close();
    complaints.clear();
  }

  @Test
  public void aVersionIsLookedAtAndGoneBackTo() {
    page.navigate(demo.office(PAGE));
    page.getByRole(AriaRole.SWITCH, named("Review wall is on")).click();
    assertThat(page.getByText("1 unpublished change")).isVisible();
    button("Publish").click();
    page.getByLabel("Note (only you see it)").fill("without the wall");
    button("Publish 1 change").click();
    assertThat(page.getByText("No unpublished changes")).isVisible();
    button("Versions").click();
    assertThat(page.getByText("without the wall")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).hasCount(0);
    button("Preview").nth(1).click();
    assertThat(page.getByText(Pattern.compile("You are viewing version \\d+"))).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    button("Restore…").nth(1).click();
    assertThat(page.getByLabel(Pattern.compile("Restore version \\d+")))
        .containsText("Review wall");
    button("Copy to draft").click();
    assertThat(page.getByText("is now in your draft").first()).isVisible();
    button("Publish").click();
    button("Publish 1 change").click();
    assertThat(page.getByText("No unpublished changes")).isVisible();
    Page shopper = browser.newContext().newPage();
    shopper.navigate(demo.shop("/products/celadon-planter"));
    assertThat(shopper.locator("nod-yes[data-nod=reviews]")).isVisible();
  }

  @Test
  public void theDraftIsLookedAtByALinkAndAChangedLinkSaysSo() {
    page.navigate(demo.office(PAGE));
    page.getByRole(AriaRole.SWITCH, named("Review wall is on")).click();
    assertThat(page.getByText("1 unpublished change")).isVisible();
    button("Preview on your phone").click();
    assertThat(page.getByLabel("QR code of the link")).isVisible();
    String link = page.getByLabel("Link", exactly()).inputValue();
    Page phone = browser.newContext().newPage();
    phone.navigate(link);
    assertThat(phone.getByText("You are looking at a draft")).isVisible();
    assertThat(phone.locator("nod-yes[data-nod=stars-product]")).isVisible();
    assertThat(phone.locator("nod-yes[data-nod=reviews]")).hasCount(0);
    Page another = browser.newContext().newPage();
    another.navigate(link.replace("nodyes-look=", "nodyes-look=x"));
    assertThat(another.getByText("This link to a draft was changed")).isVisible();
    assertThat(another.locator("nod-yes[data-nod=reviews]")).isVisible();
  }

  @Test
  public void aMenuStaysInSightWhenThePageTellsLateWhereNodsStand() {
    List<Route> held = new ArrayList<>();
    page.route("**/nodyes.js", held::add);
    page.navigate(demo.office(PAGE));
    page.getByRole(AriaRole.BUTTON, named("More for Review wall")).click();
    held.forEach(Route::resume);
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    // the page has told: rows go as it runs
    assertThat(page.locator("li[data-nod]").nth(1)).hasAttribute("data-nod", "good-words");
    assertThat(page.getByRole(AriaRole.MENUITEM, named("Remove"))).isInViewport();
  }

  @Test
  public void aLabelIsPutWhereItShallSitOnThePictureAndShowsWhatItRestsOn() {
    page.navigate(demo.office(PAGE + "&variant=PL-CEL-24"));
    assertThat(page.getByText("10 shown")).isVisible();
    button("Price drop label").click();
    face("Who sees it");
    Locator evidence = page.getByRole(AriaRole.REGION, named("Facts for Celadon planter"));
    assertThat(evidence).containsText("37% below €40.00");
    assertThat(evidence).containsText("True until Sat 28 Nov, 00:00");
    Locator label = frame().locator("nod-yes[data-nod=price-drop]");
    double top = label.boundingBox().y;
    page.getByRole(AriaRole.RADIO, named("bottom right")).check();
    assertThat(page.getByText(Pattern.compile("^Saved at \\d\\d:\\d\\d$"))).isVisible();
    page.waitForCondition(() -> label.count() == 1 && label.boundingBox().y > top + 100);
    assertThat(page.getByRole(AriaRole.BUTTON, named("Corner: bottom right"))).isVisible();
    page.getByLabel("top left").press("ArrowDown");
    assertThat(page.getByRole(AriaRole.RADIO, named("top").setExact(true))).isChecked();
  }

  @Test
  public void everyReadyLookHasItsDrawing() {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    button("Add a nod").click();
    Locator adds = page.getByRole(AriaRole.BUTTON, named("Add: "));
    assertThat(adds.first()).isVisible();
    List<String> all = adds.allInnerTexts();
    for (String add : all) {
      button(add).click();
      face("Style");
      Locator looks = page.getByRole(AriaRole.RADIOGROUP, named("Style presets"));
      assertThat(looks.getByRole(AriaRole.RADIO).first()).isVisible();
      assertThat(looks.locator("svg:not(:has(*))")).hasCount(0);
      button("Done").click();
      button("Add a nod").click();
    }
    assertTrue(all.size() > 15, all.toString());
  }

  @Test
  public void whyANodIsNotHereIsOneAnswer() {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    page.getByRole(AriaRole.BUTTON, named("More for Review wall")).click();
    page.getByRole(AriaRole.MENUITEM, named("Check the live page")).click();
    assertThat(page.getByText("Shoppers see it: everything it needs is in place.")).isVisible();
    button("Close").click();
    page.navigate(demo.office(PAGE));
    button("Add a nod").click();
    button("Add: Review wall").click();
    button("Done").click();
    // the list follows the act: only then is the last one the new one
    assertThat(page.getByRole(AriaRole.BUTTON, named("More for Review wall"))).hasCount(2);
    page.getByRole(AriaRole.BUTTON, named("More for Review wall")).last().click();
    page.getByRole(AriaRole.MENUITEM, named("Check the live page")).click();
    assertThat(page.getByText("Only in your draft").first()).isVisible();
  }

  @Test
  public void theBrandIsTakenFromTheShopsPage() {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
    button("House style").click();
    button("Copy from my shop").click();
    assertThat(page.getByLabel("Text", exactly())).hasValue(Pattern.compile("#[0-9a-f]{6}"));
    page.getByLabel("Name of the pair").fill("Pale");
    page.getByLabel("Text colour", exactly()).fill("#bbbbbb");
    button("Add pair").click();
    assertThat(page.getByText("low contrast")).isVisible();
    page.getByRole(AriaRole.BUTTON, named("Use #")).click();
    assertThat(page.getByText("low contrast")).hasCount(0);
  }

  private void saveShop() {
    page.locator("form")
        .filter(new Locator.FilterOptions().setHas(page.getByLabel("Product page")))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save"))
        .click();
  }

  @Test
  public void aPageThatSaysNothingIsExplainedAndReplacedByANeutralOne() {
    page.navigate(demo.office("/setup"));
    Locator path = page.getByLabel("Product page");
    String before = path.inputValue();
    path.fill("/pictures/{product}.svg");
    saveShop();
    assertThat(page.getByText("Shop details saved").first()).isVisible();
    page.navigate(demo.office(PAGE));
    assertThat(page.getByText("The script is not on this page")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=stars-product]")).isVisible();
    page.navigate(demo.office("/setup"));
    page.getByLabel("Product page").fill(before);
    saveShop();
    assertThat(page.getByText("Shop details saved").first()).isVisible();
    page.getByRole(AriaRole.BUTTON, named("Check ")).last().click();
    assertThat(page.getByText("OK", new Page.GetByTextOptions().setExact(true))).hasCount(4);
  }
}
