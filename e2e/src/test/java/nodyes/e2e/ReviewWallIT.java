package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A shopper with a phone reads the reviews: orders them, parts them, searches, votes. */
public class ReviewWallIT extends InBrowser {
  private Locator wall;

  @BeforeMethod
  public void onAPhone() {
    openPhone();
    page.navigate(demo.shop("/products/celadon-planter"));
    wall = page.locator("nod-yes[data-nod=reviews]");
    assertThat(wall.getByRole(AriaRole.LISTITEM).first()).isVisible();
  }

  private Locator press(String pattern) {
    return wall.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(pattern)));
  }

  private Locator entries() {
    return wall.locator(".entries > li");
  }

  @Test
  public void aLineOfTheHistogramShowsItsReviewsAlone() {
    Locator line = press("^1 star");
    int count = Integer.parseInt(line.innerText().strip().replaceAll("(?s).*\\s", ""));
    line.tap();
    assertThat(line).hasAttribute("aria-pressed", "true");
    assertThat(wall.getByText(count + (count == 1 ? " matching review" : " matching reviews")))
        .isVisible();
    assertThat(entries()).hasCount(Math.min(6, count));
    for (Locator stars : entries().locator(".stars").all()) {
      assertThat(stars).hasAttribute("aria-label", Pattern.compile("^1(\\.[0-4]\\d?)? of"));
    }
    press("^Clear filters$").tap();
    assertThat(line).hasAttribute("aria-pressed", "false");
    assertThat(entries()).hasCount(6);
  }

  @Test
  public void theLowestComeFirstWhenAskedFor() {
    wall.getByLabel("Sort reviews").selectOption("LOWEST");
    assertThat(entries().first().locator(".stars").first())
        .hasAttribute("aria-label", Pattern.compile("^1"));
    press("^2$|^Page 2$").click();
    assertThat(wall.locator("[aria-current=page]")).hasText("2");
    assertThat(entries().first().locator(".stars").first())
        .hasAttribute("aria-label", Pattern.compile("^[12]"));
  }

  @Test
  public void wordsAreSearchedAndWhatFitsNothingIsSaid() {
    wall.getByPlaceholder("Search reviews").fill("zeppelin");
    assertThat(wall.getByText("No matching reviews.")).isVisible();
    assertThat(entries()).hasCount(0);
    wall.getByPlaceholder("Search reviews").fill("sill");
    assertThat(entries().first()).containsText(Pattern.compile("sill", Pattern.CASE_INSENSITIVE));
    press("^In English").click();
    assertThat(press("^In English")).hasAttribute("aria-pressed", "true");
    for (Locator words : entries().locator(".words").all()) {
      assertThat(words).hasAttribute("lang", Pattern.compile("^en"));
    }
  }

  @Test
  public void whatCouldNotBeHadIsSaidAndNothingLooksChosen() {
    answer("**/embed/v1/reviews*", route -> route.abort());
    press("^1 star").click();
    assertThat(wall.getByText("Reviews could not be loaded")).isVisible();
    assertThat(press("^1 star")).hasAttribute("aria-pressed", "false");
    assertThat(entries()).hasCount(6);
    page.unrouteAll();
    press("^1 star").click();
    assertThat(press("^1 star")).hasAttribute("aria-pressed", "true");
    complaints.clear(); // the browser reports the request that was cut off
  }

  @Test
  public void aVoteIsCountedKeptAndTakenAwayByKeys() {
    Locator yes =
        entries()
            .first()
            .getByRole(AriaRole.BUTTON)
            .filter(new Locator.FilterOptions().setHasText("Yes"));
    assertThat(yes).hasText("Yes (0)");
    yes.focus();
    page.keyboard().press("Enter");
    assertThat(yes).hasText("Yes (1)");
    page.reload();
    assertThat(yes).hasText("Yes (1)");
    assertThat(yes).hasAttribute("aria-pressed", "true");
    yes.focus();
    page.keyboard().press("Space");
    assertThat(yes).hasText("Yes (0)");
  }

  @Test
  public void picturesOpenLargeAndCloseWithAKey() throws IOException, InterruptedException {
    String picture =
        demo.marketplace("/pictures/12.png") + " " + demo.marketplace("/pictures/31.png");
    String batch =
        publish(
            "Product,Rating,Words,Reviewer,Date,Pictures\n"
                + "celadon-planter,4,It has kept its glaze all winter,Odile,2026-11-25,"
                + picture
                + "\n");
    try {
      Locator small = press("^Enlarge photo 1$").first();
      // each is fetched for itself
      Locator last = press("^Enlarge photo 2$").first();
      for (int i = 0; i < 40 && last.count() == 0; i++) {
        page.reload();
        assertThat(entries().first()).isVisible();
      }
      press("^With photos \\(1\\)$").click();
      assertThat(entries()).hasCount(1);
      small.tap();
      Locator large = wall.locator("dialog");
      assertThat(large).isVisible();
      assertEquals(large.locator("img").count(), 2);
      page.keyboard().press("ArrowRight");
      page.keyboard().press("Escape");
      assertThat(large).not().isVisible();
      assertThat(small).isFocused();
    } finally {
      demo.post("/api/v1/imports/" + batch + "/remove", "");
    }
  }

  private String waiting(String batch) {
    try {
      return demo.ask(demo.office("/api/v1/reviews?status=PENDING&size=1&batch=" + batch)).body();
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Brings a file in and publishes all of it; the id of its import. */
  private String publish(String csv) throws IOException, InterruptedException {
    String looked =
        page.request()
            .post(
                demo.office("/api/v1/imports"),
                RequestOptions.create()
                    .setHeader("Authorization", "Bearer " + Demo.KEY)
                    .setMultipart(
                        FormData.create()
                            .set(
                                "file",
                                new FilePayload(
                                    "odile.csv",
                                    "text/csv",
                                    csv.getBytes(StandardCharsets.UTF_8)))))
            .text();
    String batch = firstId(looked);
    demo.post("/api/v1/imports/" + batch + "/start", "{\"permitted\":true}");
    page.waitForCondition(() -> !firstId(waiting(batch)).isEmpty());
    demo.post(
        "/api/v1/reviews/actions",
        "{\"ids\":[" + firstId(waiting(batch)) + "],\"to\":\"PUBLISHED\"}");
    return batch;
  }

  private static String firstId(String json) {
    var found = Pattern.compile("\"id\":(\\d+)").matcher(json);
    return found.find() ? found.group(1) : "";
  }
}
