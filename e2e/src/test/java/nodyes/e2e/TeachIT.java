package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import com.microsoft.playwright.options.WaitUntilState;
import java.io.IOException;
import java.util.ArrayList;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner shows what cards and products' pages look like. */
public class TeachIT extends InBrowser {
  private static final String CARDS = "/setup/connect/cards";

  private Locator card(int n) {
    return page.frameLocator("iframe").locator("#nodyes-lesson button").nth(n);
  }

  private void nothingWrongForAxe() throws IOException {
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void aCardIsLeftOutAndTakenInAgain() throws IOException {
    page.navigate(demo.office(CARDS + "?on=listing&of=seeds-and-bulbs"));
    assertThat(page.getByText("11 cards found")).isVisible();
    assertThat(card(1)).hasAttribute("aria-label", Pattern.compile("A product you sell$"));
    card(1).dispatchEvent("click");
    assertThat(page.getByText("2 of 11")).isVisible();
    assertThat(page.getByText("In 11 of 11 cards")).isVisible();
    nothingWrongForAxe();
    button("Leave this card out").click();
    assertThat(page.getByText("10 cards found")).isVisible();
    assertThat(card(1)).hasAttribute("aria-label", Pattern.compile("Left out$"));
    assertThat(page.getByText("1 card left out")).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("11 cards found")).isVisible();
  }

  @Test
  public void aCardIsPointedAtAndForgotten() {
    page.navigate(demo.office(CARDS + "?on=listing&of=seeds-and-bulbs"));
    assertThat(page.getByText("11 cards found")).isVisible();
    button("Point at a card").click();
    assertThat(page.getByText("Click it on the page.")).isVisible();
    page.waitForCondition(
        () -> {
          moveOver("a[href='/products/meadow-mix']");
          return drawnOver("a[href='/products/meadow-mix']");
        });
    page.mouse().down();
    page.mouse().up();
    assertThat(page.getByText("Cards are all that are like the one")).isVisible();
    assertThat(page.getByText("11 cards found")).isVisible();
    button("Forget it").click();
    assertThat(page.getByText("Cards are found by their links.")).isVisible();
  }

  @Test
  public void aProductsPageTellsWhereNodsStand() throws IOException {
    page.navigate(demo.office(CARDS + "?on=product&of=dahlia-tubers"));
    assertThat(page.getByText("places for nods, and no code")).isVisible();
    Locator price = page.locator("li", new Page.LocatorOptions().setHasText("Price")).first();
    assertThat(price).containsText("€16.00");
    nothingWrongForAxe();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Planters")))
        .click();
    assertThat(page.getByText("Marks on the page say which product it is.")).isVisible();
  }

  /**
   * The wall stands under the page's text, not at the window's edge, and its button is a button.
   */
  @Test
  public void onAPageWithoutMarksTheWallIsAsWideAsItsText() {
    openIn("Europe/Lisbon", 1280);
    page.navigate(demo.shop("/products/dahlia-tubers"));
    Locator wall = page.locator("nod-yes[data-kind=review-wall]");
    assertThat(wall).isVisible();
    assertEquals(
        wall.boundingBox().x, page.locator(".main-picture").boundingBox().x, 2.0, "as its text");
    assertThat(wall.locator(".write")).hasCSS("min-height", "44px");
  }

  /**
   * What is measured before the style sheet is there stands wrongly, unless it is measured again.
   */
  @Test
  public void aStyleSheetThatComesLateMovesTheWallUnderTheText() {
    openIn("Europe/Lisbon", 1280);
    var waiting = new ArrayList<Route>();
    page.route("**/shop.css*", waiting::add);
    page.navigate(
        demo.shop("/products/dahlia-tubers"),
        new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
    Locator wall = page.locator("nod-yes[data-kind=review-wall]");
    wall.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
    waiting.forEach(Route::resume);
    assertThat(wall).hasAttribute("style", Pattern.compile("margin-inline: [1-9]"));
  }
}
