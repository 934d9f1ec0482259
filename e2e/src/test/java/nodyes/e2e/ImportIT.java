package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;

/** The owner brings a file in, publishes from it, and the shop's page follows. */
public class ImportIT extends InBrowser {
  /** What needs reviews: not the wall, which asks for the first. */
  private static final String WITH_REVIEWS =
      "nod-yes:not([data-kind=review-wall], [data-kind=trust-badges], [data-kind=delivery-promise],"
          + " [data-kind=returns-line], [data-silent])";

  private static final String FILE =
      "Product,Rating,Words,Reviewer,Country,Date\n"
          + "seedling-can,5,\"Größe passt, pours a thread of water 👍\",Asta N.,DE,2026-11-20\n"
          + "seedling-can,7,Seven of five,Dag,DE,2026-11-20\n"
          + "seedling-can,4,Wrong day,Eva,DE,31.02.2026\n"
          + "blue-teapot,5,Not sold here,Fay,GB,2026-11-20\n";

  private void brings(String name, String content) {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File with reviews")
        .setInputFiles(new FilePayload(name, "text/csv", content.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  public void broughtInPublishedSeenHeldAndGone() {
    // the browser has the empty answer whole and may keep it: what is published shows all the same
    page.waitForResponse(
            answer -> answer.url().contains("/embed/v1/page"),
            () -> page.navigate(demo.shop("/products/seedling-can")))
        .finished();
    assertThat(page.locator(WITH_REVIEWS)).hasCount(0);
    assertThat(page.getByText("Be the first to write one")).isVisible();

    brings("from-the-fair.csv", FILE);
    assertThat(page.getByText("4 rows, 6 columns")).isVisible();
    Locator wrong =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Problems"));
    assertThat(wrong).containsText("This is above 5, the top of this scale");
    assertThat(wrong).containsText("February 2026 has only 28 days");
    assertThat(wrong).containsText("There is no such product in your catalogue.");
    assertThat(button("Import 1 review")).isDisabled();
    page.getByText("I have the right to publish these").click();
    button("Import 1 review").click();
    assertThat(page.getByText("Rows with problems")).isVisible();
    assertThat(page.getByText("February 2026 has only 28 days")).isVisible();
    page.getByText("Check 1 review").click();
    assertThat(page.getByText("“Größe passt, pours a thread of water 👍”")).isVisible();
    page.keyboard().press("k");
    button("Publish 1 review").click();
    assertThat(page.getByText("1 review published")).isVisible();

    page.navigate(demo.shop("/products/seedling-can"));
    assertThat(
            page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("5.0 of 5 stars"))
                .first())
        .isVisible();
    assertThat(page.getByText("1 review", new Page.GetByTextOptions().setExact(true)).first())
        .isVisible();
    assertThat(page.getByText("Größe passt, pours a thread of water 👍")).isVisible();
    assertThat(page.getByText("From another site, purchase not checked")).isVisible();

    page.navigate(demo.office("/pages/product/seedling-can"));
    assertThat(page.getByText("1 published review.").first()).isVisible();

    page.navigate(demo.office("/reviews?state=PUBLISHED&product=seedling-can"));
    button("Hold").click();
    assertThat(page.getByText("1 review put on hold")).isVisible();
    page.waitForResponse(
            answer -> answer.url().contains("/embed/v1/page"),
            () -> page.navigate(demo.shop("/products/seedling-can")))
        .finished();
    // the page's last nod is there, so the others would be
    assertThat(page.locator("nod-yes[data-kind=trust-badges]")).isVisible();
    assertThat(page.locator(WITH_REVIEWS)).hasCount(0);
    assertThat(page.getByText("Be the first to write one")).isVisible();
  }

  @Test
  public void leavingOutAsksForOneOfSixReasonsAndCanBeTakenBack() {
    page.navigate(demo.office("/reviews"));
    reviewsAreThere();
    page.keyboard().press("ArrowDown");
    page.keyboard().press("ArrowDown");
    assertThat(page.getByText("3 of 16")).isVisible();
    page.keyboard().press("l");
    assertThat(page.getByText("The same six reasons for every rating.")).isVisible();
    page.keyboard().press("2");
    assertThat(page.getByText("1 review left out")).isVisible();
    assertThat(page.getByText("15 reviews")).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("16 reviews")).isVisible();
  }

  /** The count may be there before the rows that keys act on. */
  private void reviewsAreThere() {
    assertThat(page.getByText("16 reviews")).isVisible();
    assertThat(page.getByText("1 of 16")).isVisible();
  }

  @Test
  public void severalAreChosenAndDecidedWithKeysAlone() {
    page.navigate(demo.office("/reviews"));
    reviewsAreThere();
    page.keyboard().press("Shift+ArrowDown");
    page.keyboard().press("Shift+ArrowDown");
    assertThat(page.getByText("3 selected")).isVisible();
    page.keyboard().press("Shift+ArrowUp");
    assertThat(page.getByText("2 selected")).isVisible();
    page.keyboard().press("Shift+L");
    page.keyboard().press("2");
    assertThat(page.getByText("2 reviews left out")).isVisible();
    assertThat(page.getByText("14 reviews")).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("16 reviews")).isVisible();
  }

  @Test
  public void severalAreHeldAtOnce() {
    page.navigate(demo.office("/reviews"));
    page.getByLabel("Select all on this page").check();
    Locator chosen = page.locator("text=/^\\d+ selected$/");
    int many = Integer.parseInt(chosen.textContent().split(" ")[0]);
    page.keyboard().press("Shift+H");
    assertThat(page.getByText(many + " reviews put on hold")).isVisible();
    page.getByText("Undo").click();
    assertThat(page.getByText("Undone: " + many + " reviews put on hold").first()).isVisible();
  }

  @Test
  public void whatCannotBeReadIsSaidAndNothingIsTaken() {
    brings("reviews.xlsx", "PK\u0003\u0004and more");
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("This workbook is damaged and cannot be read. Save it again");
    assertEquals(complaints.size(), 1, complaints.toString());
    complaints.clear(); // the browser notes every answer of 422
  }
}
