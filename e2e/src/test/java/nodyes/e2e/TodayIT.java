package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner comes in, hears what is worth doing, and goes where it is done. */
public class TodayIT extends InBrowser {
  private Locator acts() {
    return page.getByLabel("What to do next").getByRole(AriaRole.LISTITEM);
  }

  @Test
  public void theDayBeginsWithASentenceAndWhatIsUntrue() {
    page.navigate(demo.office("/"));
    assertThat(page).hasURL(Pattern.compile("/today$"));
    assertThat(page.getByRole(AriaRole.HEADING, level(1)))
        .hasText(
            Pattern.compile("^Yesterday: \\d+ orders and \\d+ reviews, average \\d\\.\\d\\.$"));
    // the demo's clock runs on from 14:20, however long the tests before took
    assertThat(page.getByText(Pattern.compile("Thursday, 26 November 2026 at 1[45]:\\d\\d")))
        .isVisible();
    assertThat(acts().first()).containsText("Promise not kept");
    assertThat(acts().first()).containsText("about 2 minutes");
    assertThat(page.getByLabel("What to do next")).containsText("reviews are waiting for you");
  }

  private static Page.GetByRoleOptions level(int level) {
    return new Page.GetByRoleOptions().setLevel(level);
  }

  @Test
  public void aNumberGoesWhereItIsDone() {
    page.navigate(demo.office("/today"));
    assertThat(acts().first()).isVisible();
    page.keyboard().press("1");
    assertThat(page.getByText("Day by day").first()).isVisible();
    page.goBack();
    button("Check reviews").click();
    assertThat(page).hasURL(Pattern.compile("/reviews$"));
  }

  @Test
  public void theChartIsATableToo() {
    page.navigate(demo.office("/today"));
    page.getByText("Show as table").click();
    Locator rows = page.getByLabel("Ratings and reviews by week").getByRole(AriaRole.ROW);
    assertThat(rows).hasCount(13);
    assertThat(rows.last()).containsText("23 November 2026");
  }

  @Test
  public void aMomentShowsThePageAsItIsThen() {
    page.navigate(demo.office("/today"));
    Locator first = page.getByLabel("Upcoming changes").getByRole(AriaRole.BUTTON).first();
    assertThat(first).containsText("Thu 26 Nov, 16:00");
    assertThat(first).containsText("Delivery promise changes on");
    first.click();
    assertThat(page).hasURL(Pattern.compile("/pages/product/[a-z-]+\\?as=2026-11-26T16:00$"));
    assertThat(page.getByText("On this page, Thu 26 Nov, 16:00")).isVisible();
  }

  @Test
  public void aNodThatAnAddressNamesIsOpen() {
    page.navigate(demo.office("/pages/product/celadon-planter?nod=reviews"));
    assertThat(page.getByRole(AriaRole.BUTTON, named("Text: Heading"))).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.TAB)).hasCount(0);
  }

  @Test
  public void whatSoldMostLeadsToItsPage() {
    page.navigate(demo.office("/today"));
    Locator most = page.getByLabel("Top seller");
    assertThat(most).containsText("sold in the past 7 days");
    most.getByRole(AriaRole.LINK).click();
    assertThat(page).hasURL(Pattern.compile("/pages/product/[a-z-]+$"));
  }

  @Test
  public void whatCannotBeAskedIsSaidAndAskedAgain() {
    page.route("**/api/v1/dashboard/suggestions", Route::abort);
    page.navigate(demo.office("/today"));
    Locator worth = page.getByLabel("What to do next");
    assertThat(worth.getByRole(AriaRole.ALERT)).isVisible();
    // the rest of the day is told all the same
    assertThat(page.getByRole(AriaRole.HEADING, level(1))).containsText("Yesterday");
    page.unroute("**/api/v1/dashboard/suggestions");
    complaints.clear(); // the browser notes what it could not have
    button("Try again").click();
    assertThat(acts().first()).isVisible();
    assertEquals(worth.getByRole(AriaRole.ALERT).count(), 0);
  }
}
