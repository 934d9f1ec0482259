package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner looks at the live page, switches a nod off and publishes that. */
public class PagesIT extends InBrowser {
  @Test
  public void aSwitchShowsInTheFrameAndToShoppersOnceItIsPublished() {
    page.navigate(demo.office("/pages/product/celadon-planter"));
    FrameLocator wide = page.frameLocator("iframe[title*='on a desktop']");
    assertThat(wide.locator("nod-yes[data-nod=stars-product]")).isVisible();
    assertThat(wide.locator("#nodyes-pins button")).hasCount(10);
    assertThat(page.getByText("10 shown")).isVisible();
    // a nod's number is that of its pin, in the order of the page
    for (String nod : List.of("good-words", "stars-product", "reviews")) {
      String pinned = wide.locator("#nodyes-pins button[data-nod=" + nod + "]").textContent();
      assertThat(
              page.locator("li[data-nod=" + nod + "]")
                  .getByText(pinned, new Locator.GetByTextOptions().setExact(true)))
          .isVisible();
    }
    assertEquals(
        wide.locator("#nodyes-pins button").first().getAttribute("data-nod"), "price-drop");

    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Review wall is on"))
        .click();
    assertThat(page.getByText("Not shown. You paused this nod.")).isVisible();
    assertThat(wide.locator("nod-yes[data-nod=reviews]")).hasCount(0);
    assertThat(page.getByText("1 unpublished change")).isVisible();

    Page shopper = browser.newPage();
    shopper.navigate(demo.shop("/products/celadon-planter"));
    assertThat(shopper.locator("nod-yes[data-nod=reviews]")).isVisible();

    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Publish").setExact(true))
        .click();
    assertThat(
            page.getByRole(AriaRole.LISTITEM)
                .getByText("Review wall (at the end of the page) paused"))
        .isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Publish 1 change"))
        .click();
    assertThat(page.getByText("No unpublished changes")).isVisible();
    // a shopper who comes now; the one before keeps a fresh answer for at most five minutes
    Page next = browser.newContext().newPage();
    next.navigate(demo.shop("/products/celadon-planter"));
    assertThat(next.locator("nod-yes[data-nod=stars-product]")).isVisible();
    assertThat(next.locator("nod-yes[data-nod=reviews]")).hasCount(0);

    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Review wall is on"))
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Publish").setExact(true))
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Publish 1 change"))
        .click();
    assertThat(page.getByText("No unpublished changes")).isVisible();
  }

  @Test
  public void theAddressNamesTheViewpointAndBackWorks() {
    page.navigate(demo.office("/pages/product/slate-pot?as=narrow"));
    assertThat(page.locator("iframe")).hasCount(1);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Page: product page"))
        .click();
    page.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName("category page"))
        .click();
    assertThat(page.getByText("On the card")).isVisible();
    assertThat(page.getByText("Shown on 12 of 12 products").first()).isVisible();
    page.waitForURL("**/pages/listing/planters?as=narrow");
    page.goBack();
    assertThat(page.getByText("Below the title")).isVisible();
    assertTrue(page.url().endsWith("/pages/product/slate-pot?as=narrow"), page.url());
  }

  @Test
  public void thePageIsSeenFromElsewhereAtAnotherMoment() {
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide"));
    FrameLocator frame = page.frameLocator("iframe");
    assertThat(frame.getByText(Pattern.compile("^\\d+ reviews$")).first()).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Country: an unknown"))
        .click();
    page.getByLabel("Search: Country").fill("jap");
    page.keyboard().press("Enter");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Language: the page’s language"))
        .click();
    page.getByLabel("Search: Language").fill("german");
    page.keyboard().press("Enter");
    assertThat(frame.getByText(Pattern.compile("^\\d+ Bewertungen$")).first()).isVisible();
    // The clock of the demo runs on from 14:20, so the minute is read, not known.
    page.keyboard().press("}");
    Locator heading = page.getByText(Pattern.compile("^On this page, Fri 27 Nov, 14:\\d\\d$"));
    assertThat(heading).isVisible();
    String text = heading.textContent();
    String minute = text.substring(text.length() - 2);
    page.keyboard().press("[");
    assertThat(page.getByText("On this page, Fri 27 Nov, 13:" + minute)).isVisible();
    page.waitForURL("**/pages/product/celadon-planter?as=JP,de,wide,2026-11-27T13:" + minute);
    page.keyboard().press("n");
    assertThat(page.getByText("On this page now")).isVisible();
    assertThat(page.getByText("Recent orders changes").first()).isVisible();
    page.navigate(demo.office("/pages/basket"));
    assertThat(page.getByText("No automatic changes on this page")).isVisible();
  }

  @Test
  public void aProductWorthALookIsOnePickAway() {
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide"));
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Product: Celadon"))
        .click();
    page.getByText("sold out", new Page.GetByTextOptions().setExact(true)).click();
    page.waitForURL("**/pages/product/dahlia-tubers?as=wide");
    // the sentence is drawn after the address has changed, and a menu of the other's variants
    // closes
    assertThat(
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Product: Dahlia")))
        .isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Variant: as selected"))
        .click();
    page.getByRole(AriaRole.MENUITEMRADIO).nth(1).click();
    page.waitForURL("**/pages/product/dahlia-tubers?as=wide&variant=*");
  }

  @Test
  public void aPinInTheFrameOpensItsNod() {
    page.navigate(demo.office("/pages/product/slate-pot?as=wide"));
    page.frameLocator("iframe").locator("#nodyes-pins button").first().dispatchEvent("click");
    assertThat(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Wording")))
        .isVisible();
    assertEquals(
        page.frameLocator("iframe")
            .locator("nod-yes[data-nod=stars-product]")
            .evaluate("element => element.style.outlineStyle"),
        "solid");
  }

  /** No shop has a confirmation for everybody: it is looked at as one of an order placed then. */
  @Test
  public void aConfirmationIsSeenAsOfAnOrderPlacedThen() {
    page.navigate(demo.office("/pages/confirmation/celadon-planter?as=DE,wide"));
    assertThat(frame().locator("nod-yes[data-nod=order-arrival]"))
        .containsText(
            Pattern.compile("Your order arrives Tue,? 1( Dec)? – Thu,? 3 Dec \\(Germany\\)"));
    assertThat(page.getByText("1 shown")).isVisible();
    page.navigate(demo.office("/pages/basket/celadon-planter?as=JP,wide"));
    assertThat(frame().locator("nod-yes[data-nod=basket-arrival]")).containsText("(Japan)");
  }

  /** A page with our script and nothing else was listed as one that shows eight nods. */
  @Test
  public void aPageThatDoesNotSayWhatItIsIsKnownByItsAddress() {
    isServedWith("[data-nod-page]", "e => e.removeAttribute('data-nod-page')");
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide"));
    assertThat(frame().locator("nod-yes[data-kind=star-line]")).isVisible();
    assertThat(page.getByText(Pattern.compile("^[1-9]\\d* shown$"))).isVisible();
  }

  /** Known from the page itself, so also where the server cannot fetch it. */
  @Test
  public void aPageWithTheKeyOfAnotherShopIsToldSo() {
    isServedWith("script[data-shop]", "e => e.setAttribute('data-shop', 'of-another')");
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide"));
    assertThat(page.getByText("has another shop’s key (data-shop=\"of-another\")")).isVisible();
  }

  /** As if the shop's own page were other than it is, from before its script begins. */
  private void isServedWith(String selector, String change) {
    page.addInitScript(
        "new MutationObserver(() => document.querySelectorAll('%s').forEach(%s))"
                .formatted(selector, change)
            + ".observe(document, { childList: true, subtree: true })");
  }
}
