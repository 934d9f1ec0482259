package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** axe-core finds nothing wrong, on every screen and on the shop's pages with the nods in them. */
public class AccessibilityIT extends InBrowser {
  @DataProvider
  Object[][] screens() {
    return new Object[][] {
      {"/"},
      {"/reviews"},
      {"/reviews?state=PUBLISHED"},
      {"/reviews?q=nothing-is-like-that"},
      {"/reviews/bring-in"},
      {"/today"},
      {"/reviews/bring-in/1"},
      {"/reviews/bring-in/by-hand"},
      {"/reviews/bring-in/from-page"},
      {"/reviews/by-product"},
      {"/reviews/listing"},
      {"/reviews/sort/3"},
      {"/pages/product/celadon-planter"},
      {"/pages/listing/planters"},
      {"/catalogue"},
      {"/catalogue?open=celadon-planter"},
      {"/catalogue?q=nothing-is-like-that"},
      {"/catalogue/feeds"},
      {"/evidence"},
      {"/setup"},
      {"/setup/connect"},
      {"/setup/backups"},
      {"/nowhere"}
    };
  }

  @Test(dataProvider = "screens")
  public void backOffice(String path) throws Exception {
    page.navigate(demo.office(path));
    assertThat(page.locator("h1").first()).isVisible();
    assertThat(page.getByLabel("Loading…")).hasCount(0);
    if (path.startsWith("/pages/")) {
      // the page in the frame has spoken; what it goes on to fetch is the shop's
      assertThat(page.getByText(Pattern.compile("^\\d+ shown$"))).isVisible();
    }
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void aFileThatIsLookedAt() throws Exception {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File with reviews")
        .setInputFiles(
            new FilePayload(
                "x.csv",
                "text/csv",
                "Rating,Words,Box\n9,fine,3\n".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("1 row, 3 columns")).isVisible();
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void leavingOutAReview() throws Exception {
    page.navigate(demo.office("/reviews"));
    assertThat(page.getByText("1 of 16")).isVisible();
    page.keyboard().press("l");
    assertThat(page.getByText("The same six reasons for every rating.")).isVisible();
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @DataProvider
  Object[][] besideThePage() {
    return new Object[][] {
      {"Add a nod", "Add: Star line"},
      {"Pick a place", "Save spot"},
      {"House style", "Add pair"},
      {"Versions", "Back to the nods on this page"},
      {"Preview on your phone", "Copy link"},
    };
  }

  @Test(dataProvider = "besideThePage")
  public void whatStandsBesideThePage(String opens, String shows) throws Exception {
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide&variant=PL-CEL-24"));
    assertThat(page.getByText("10 shown")).isVisible();
    press(opens);
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(shows).setExact(true)))
        .isVisible();
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  private void press(String button) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true))
        .click();
  }

  @DataProvider
  Object[][] opened() {
    return new Object[][] {{"Review wall"}, {"Price drop label"}, {"Trust badges"}};
  }

  @Test(dataProvider = "opened")
  public void theThreeFacesOfANod(String nod) throws Exception {
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide&variant=PL-CEL-24"));
    assertThat(page.getByText("10 shown")).isVisible();
    press(nod);
    for (String face : List.of("Wording", "Who sees it", "Style")) {
      page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(face)).click();
      assertThat(page.getByRole(AriaRole.TABPANEL)).isVisible();
      assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Loading…")))
          .hasCount(0);
      assertEquals(String.join("\n", axe(page.mainFrame())), "", face);
    }
  }

  @DataProvider
  Object[][] shopPages() {
    return new Object[][] {
      {"/products/celadon-planter", 1280},
      {"/products/celadon-planter", 390},
      {"/categories/seeds-and-bulbs", 1280},
      {"/categories/planters", 390},
      {"/", 390},
      {"/basket", 1280}
    };
  }

  @Test(dataProvider = "shopPages")
  public void shop(String path, int width) throws Exception {
    open(width, 844).navigate(demo.shop(path));
    // nothing is in the basket, and nothing is said there
    String last = path.equals("/basket") ? "h1" : "nod-yes:not([data-silent])";
    assertThat(page.locator(last).first()).isVisible();
    assertThat(page.locator("[aria-busy=true]")).hasCount(0);
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }
}
