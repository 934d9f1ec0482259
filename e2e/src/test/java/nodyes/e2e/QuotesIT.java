package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The owner picks quotes, lays the wall out anew, and puts it into one of the shop's own folds. */
public class QuotesIT extends InBrowser {
  private static final String PAGE = "/pages/product/balcony-box?as=wide";

  @AfterMethod
  public void asItBegan() throws IOException, InterruptedException {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private Locator quotes(Page shown) {
    return shown.locator("nod-yes[data-kind=picked-quotes]");
  }

  private void look() {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator("nod-yes[data-nod=reviews]")).isVisible();
  }

  /** Takes one of the choices of a sentence. */
  private void pick(String label, String choice) {
    page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^" + label + ":"))).first().click();
    page.getByRole(
            AriaRole.MENUITEMRADIO,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + choice)))
        .click();
  }

  private static Page.GetByRoleOptions named(Pattern name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private void addQuotes() {
    look();
    page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Add a nod$"))).click();
    page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Add: Picked quotes$"))).click();
    assertThat(frame().locator("nod-yes[data-kind=picked-quotes]")).isVisible();
    face("Style");
  }

  @Test
  public void quotesArePickedByHandAndStandInTheirOrderWithTheWholeFigure()
      throws IOException, InterruptedException {
    addQuotes();
    pick("Reviews", "reviews I choose");
    Locator first = page.getByLabel(Pattern.compile("Agnes W\\.")).first();
    Locator second = page.getByLabel(Pattern.compile("^.*Leonor P\\.")).first();
    first.check();
    assertThat(page.getByText("1 review selected")).isVisible();
    second.check();
    assertThat(page.getByText("2 reviews selected")).isVisible();
    Locator shown = frame().locator("nod-yes[data-kind=picked-quotes] .quotes > li");
    assertThat(shown).hasCount(2);
    assertThat(shown.first()).containsText("Agnes W.");
    page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Move review 2 up$"))).click();
    assertThat(shown.first()).containsText("Leonor P.");
    demo.post("/api/v1/layout/publish", "");
    page.navigate(demo.shop("/products/balcony-box"));
    assertThat(quotes(page).locator(".quotes > li")).hasCount(2);
    assertThat(quotes(page).locator(".whole"))
        .containsText(Pattern.compile("\\d\\.\\d of 5 stars, from \\d+ reviews"));
    assertThat(quotes(page).getByText("Purchase not checked").first()).isVisible();
    BoundingBox picture = page.locator(".main-picture").boundingBox();
    BoundingBox quote = quotes(page).boundingBox();
    assertTrue(
        quote.y > picture.y + picture.height - 2,
        "it stands under the picture: " + quote.y + " " + picture.y + " " + picture.height);
  }

  @Test
  public void praiseAloneWithoutTheWholeFigureIsToldToTheOwner() {
    addQuotes();
    assertThat(page.getByText("Only high ratings and no overall average")).hasCount(0);
    pick("Average of all reviews", "not shown");
    assertThat(page.getByText("Only high ratings and no overall average")).isVisible();
    assertThat(frame().locator("nod-yes[data-kind=picked-quotes] .whole"))
        .not()
        .containsText("of 5 from");
  }

  @Test
  public void quotesStandStillForThoseWhoWantItSoAndAreTurnedByHand()
      throws IOException, InterruptedException {
    demo.post(
        "/api/v1/layout/nods",
        "{\"kind\":\"picked-quotes\",\"spot\":\"under-picture\",\"page\":\"PRODUCT\"}");
    demo.post("/api/v1/layout/publish", "");
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    page.navigate(demo.shop("/products/balcony-box"));
    assertThat(quotes(page).getByText("Resume")).isVisible();
    Locator dots = quotes(page).locator(".dot");
    assertThat(dots.first()).hasAttribute("aria-current", "true");
    quotes(page).getByLabel("Next").click();
    assertThat(dots.nth(1)).hasAttribute("aria-current", "true");
    assertThat(quotes(page).getByText("2 of 6")).isAttached();
    quotes(page).getByLabel("Previous").click();
    assertThat(dots.first()).hasAttribute("aria-current", "true");
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
    page.reload();
    quotes(page).getByText("Pause").click();
    assertThat(quotes(page).getByText("Resume")).isVisible();
    assertEquals(axe(page.mainFrame()), java.util.List.of());
  }

  @Test
  public void theWallIsLaidOutInColumnsOnWideScreensAndInOneOnNarrow()
      throws IOException, InterruptedException {
    look();
    page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Review wall"))).first().click();
    face("Style");
    pick("Layout", "columns, photos first");
    page.getByLabel("Columns", new Page.GetByLabelOptions().setExact(true)).fill("3");
    pick("More reviews", "below, with a button");
    pick("Dates", "as “2 weeks ago”");
    Locator entries = frame().locator(".entries");
    assertThat(entries).hasAttribute("data-layout", "masonry");
    assertThat(entries).hasCSS("column-count", "3");
    assertThat(page.getByText(Pattern.compile("^Saved at \\d\\d:\\d\\d$"))).isVisible();
    demo.post("/api/v1/layout/publish", "");
    page.navigate(demo.shop("/products/balcony-box"));
    Locator wall = page.locator("nod-yes[data-nod=reviews]");
    assertThat(wall.locator(".entries > li")).hasCount(6);
    assertThat(wall.locator("time").first())
        .hasText(Pattern.compile("day|week|month|year|yesterday"));
    wall.getByText("Show more").click();
    assertThat(wall.locator(".entries > li")).hasCount(12);
    assertEquals(
        page.evaluate("() => document.activeElement.shadowRoot.activeElement.tagName"), "LI");
    page.setViewportSize(390, 844);
    assertThat(wall.locator(".entries")).hasCSS("column-count", "1");
  }

  @Test
  public void theWallGoesIntoAFoldOfTheShopThatWasPointedAt()
      throws IOException, InterruptedException {
    demo.put(
        "/api/v1/layout/spots/others-say",
        "{\"page\":\"PRODUCT\",\"selector\":\"#others-say\",\"side\":\"INSIDE\"}");
    demo.post("/api/v1/layout/nods/reviews/move", "{\"spot\":\"others-say\"}");
    demo.post("/api/v1/layout/publish", "");
    page.navigate(demo.shop("/products/balcony-box"));
    Locator inside = page.locator("#others-say > nod-yes[data-nod=reviews]");
    assertThat(inside).isAttached();
    page.getByText("What others say").click();
    assertThat(inside.getByText("What people say about it")).isVisible();
  }

  @Test
  public void aTabAtTheEdgeOpensTheReviewsInAPanel() throws IOException, InterruptedException {
    demo.post(
        "/api/v1/layout/nods",
        "{\"kind\":\"review-tab\",\"spot\":\"screen-edge\",\"page\":\"PRODUCT\"}");
    demo.post("/api/v1/layout/publish", "");
    page.navigate(demo.shop("/products/balcony-box"));
    Locator tab = page.locator("nod-yes[data-kind=review-tab]");
    Locator button = tab.locator(".tab-button");
    button.focus();
    page.keyboard().press("Enter");
    assertThat(tab.locator("dialog.panel")).isVisible();
    assertThat(tab.locator(".entries > li").first()).isVisible();
    page.keyboard().press("Escape");
    assertThat(tab.locator("dialog.panel")).not().isVisible();
    assertThat(button).isFocused();
  }

  @Test
  public void aReviewInAnotherLanguageIsReadInOnesOwnAndAsItWas() {
    page.navigate(demo.shop("/products/balcony-box"));
    Locator wall = page.locator("nod-yes[data-nod=reviews]");
    Locator entry =
        wall.locator(".entries > li").filter(new Locator.FilterOptions().setHasText("緑がきれい"));
    entry.getByText("Translate to English").click();
    assertThat(entry.getByText("Machine translation")).isVisible();
    assertThat(entry.locator(".words")).hasAttribute("lang", "en");
    entry.getByText("Show original").click();
    assertThat(entry.locator(".words")).hasAttribute("lang", "ja");
    assertThat(entry.locator("h3")).hasText("緑がきれい");
  }
}
