package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What an owner typed and left was gone: replies, incomplete rules, forms, and where they were. */
public class NothingTypedIsLostIT extends InBrowser {
  /** Does something, and waits until the server has answered that it keeps it. */
  private void keeps(String address, Runnable act) {
    page.waitForResponse(
        answer -> answer.url().endsWith(address) && answer.request().method().equals("PUT"), act);
  }

  @Test
  public void aReplyIsThereAgainAfterLoadingAnew() {
    page.navigate(demo.office("/reviews"));
    Locator reply = page.getByLabel(Pattern.compile("^Reply as"));
    assertThat(reply).isVisible();
    page.keyboard().press("r");
    assertThat(reply).isFocused();
    keeps("/reply-draft", () -> page.keyboard().insertText("Thank you, and "));
    page.reload();
    assertThat(page.getByLabel(Pattern.compile("^Reply as"))).hasValue("Thank you, and ");
    keeps("/reply-draft", () -> page.getByLabel(Pattern.compile("^Reply as")).fill(""));
  }

  @Test
  public void aHalfMadeRuleAndItsPlaceAreThereAgain() {
    page.navigate(demo.office("/pages/product/celadon-planter?nod=new"));
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Who sees it")).click();
    button("Add a condition").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Category")).click();
    assertThat(page.getByText("Saved, not complete")).isVisible();
    page.reload();
    assertThat(page.getByText("Not complete yet")).isVisible();
    assertThat(page.getByText("The category is")).isVisible();
    page.getByLabel("Remove condition 1").click();
    assertThat(page.getByText("Not complete yet")).hasCount(0);
    // the browser notes that the whole was refused, and that nothing is reached by half a rule
    complaints.clear();
  }

  @Test
  public void setupAsksBeforeWhatWasTypedIsLeft() {
    page.navigate(demo.office("/setup"));
    Locator name = page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).first();
    name.fill("Quillwort, typed and not saved");
    Locator today = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today"));
    today.click();
    Locator asked = page.getByRole(AriaRole.DIALOG);
    assertThat(asked).containsText("What you typed here is not saved");
    button("Stay on this page").click();
    assertThat(name).hasValue("Quillwort, typed and not saved");
    today.click();
    button("Leave without saving").click();
    assertThat(page).hasURL(Pattern.compile("/today$"));
  }

  @Test
  public void aBroughtFileIsAskedAboutItsDatesAndKeepsItsChoices() {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File with reviews")
        .setInputFiles(
            new FilePayload(
                "from-the-market.csv",
                "text/csv",
                "Product,Rating,Words,Date\nslate-pot,5,It stands well,03/04/2026\n"
                    .getBytes(StandardCharsets.UTF_8)));
    Locator asked = page.getByLabel("Date format");
    assertThat(asked).containsText("03/04/2026");
    page.waitForResponse(
        answer -> answer.url().endsWith("/choices") && answer.request().method().equals("PUT"),
        () ->
            asked
                .getByRole(
                    AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("month-day-year"))
                .click());
    page.reload();
    assertThat(page.getByText("Import 1 review")).isVisible();
    assertThat(page.getByLabel("Date format")).hasCount(0);
    assertThat(button("Date order: month-day-year")).isVisible();
    complaints.clear(); // the browser notes that it was asked about
  }

  /** A press beside the sheet of a timing closed it with all that was typed in it. */
  @Test
  public void aTimingIsKeptByGoingOnElsewhere() {
    page.navigate(demo.office("/delivery?of=celadon-planter&variant=PL-CEL-24&to=DE"));
    Locator days = page.getByRole(AriaRole.BUTTON, named("Transit time, Germany")).first();
    days.click();
    page.getByLabel("Maximum working days").fill("9");
    keeps("/api/v1/delivery", () -> page.getByRole(AriaRole.HEADING, named("Day by day")).click());
    assertThat(days).containsText("9");
    page.keyboard().press("z");
    assertThat(days).not().containsText("9");
  }

  /** With the server away nothing said that a reply was not kept, and nothing tried again. */
  @Test
  public void aReplyIsKeptOnceTheServerIsBack() {
    page.navigate(demo.office("/reviews"));
    Locator reply = page.getByLabel(Pattern.compile("^Reply as"));
    assertThat(reply).isVisible();
    answer("**/reply-draft", Route::abort);
    reply.fill("Typed while the server is away");
    assertThat(page.getByText("Not saved yet: no connection")).isVisible();
    page.unroute("**/reply-draft");
    page.waitForResponse(
        answer -> answer.url().endsWith("/reply-draft") && answer.ok(),
        () -> button("Try now").click());
    assertThat(page.getByText("Not saved yet: no connection")).hasCount(0);
    page.reload();
    assertThat(reply).hasValue("Typed while the server is away");
    keeps("/reply-draft", () -> reply.fill(""));
    complaints.clear(); // the browser notes that it was away
  }

  /**
   * A question in the background that failed took the screen away with all that was typed on it.
   */
  @Test
  public void aServerThatIsAwayTakesNothingFromTheScreen() {
    page.navigate(demo.office("/delivery?of=celadon-planter&variant=PL-CEL-24&to=DE"));
    Locator days = page.getByRole(AriaRole.BUTTON, named("Transit time, Germany")).first();
    days.click();
    page.getByLabel("Maximum working days").fill("9");
    answer("**/api/**", Route::abort);
    button("Save").click();
    Locator away = page.getByText("You see the last known state");
    assertThat(away).isVisible();
    assertThat(page.getByLabel("Maximum working days")).hasValue("9");
    page.unroute("**/api/**");
    // going on elsewhere keeps what was typed
    button("Try now").click();
    assertThat(away).hasCount(0);
    assertThat(page.getByLabel("Maximum working days")).hasCount(0);
    assertThat(days).containsText("9");
    page.keyboard().press("z");
    assertThat(days).not().containsText("9");
    complaints.clear(); // the browser notes that it was away
  }
}
