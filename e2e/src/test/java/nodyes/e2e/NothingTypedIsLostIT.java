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

/** What an owner typed and left was gone: replies, half-made rules, forms, and where they were. */
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
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("it is in a category"))
        .click();
    assertThat(page.getByText("kept, half made")).isVisible();
    page.reload();
    assertThat(page.getByText("Half made, and kept as it is")).isVisible();
    assertThat(page.getByText("it is in category")).isVisible();
    page.getByLabel("Remove condition 1").click();
    assertThat(page.getByText("Half made, and kept as it is")).hasCount(0);
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
    assertThat(asked).containsText("What you typed here is kept nowhere");
    button("Stay and save it").click();
    assertThat(name).hasValue("Quillwort, typed and not saved");
    today.click();
    button("Go on without it").click();
    assertThat(page).hasURL(Pattern.compile("/today$"));
  }

  @Test
  public void aBroughtFileIsAskedAboutItsDatesAndKeepsItsChoices() {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File of reviews")
        .setInputFiles(
            new FilePayload(
                "from-the-market.csv",
                "text/csv",
                "Product,Rating,Words,Date\nslate-pot,5,It stands well,03/04/2026\n"
                    .getBytes(StandardCharsets.UTF_8)));
    Locator asked = page.getByLabel("Order of the dates");
    assertThat(asked).containsText("03/04/2026");
    page.waitForResponse(
        answer -> answer.url().endsWith("/choices") && answer.request().method().equals("PUT"),
        () ->
            asked
                .getByRole(
                    AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("month before day"))
                .click());
    page.reload();
    assertThat(page.getByText("Read 1 review in")).isVisible();
    assertThat(page.getByLabel("Order of the dates")).hasCount(0);
    assertThat(button("Date order: month before day")).isVisible();
    complaints.clear(); // the browser notes that it was asked about
  }

  /** A press beside the sheet of a timing closed it with all that was typed in it. */
  @Test
  public void aTimingIsKeptByGoingOnElsewhere() {
    page.navigate(demo.office("/delivery?of=celadon-planter&variant=PL-CEL-24&to=DE"));
    Locator days = page.getByRole(AriaRole.BUTTON, named("Days on the way, Germany")).first();
    days.click();
    page.getByLabel("Most working days").fill("9");
    keeps(
        "/api/v1/delivery",
        () -> page.getByRole(AriaRole.HEADING, named("The days that count")).click());
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
    page.route("**/reply-draft", Route::abort);
    reply.fill("Typed while the server is away");
    assertThat(page.getByText("Not kept yet, as the server does not answer")).isVisible();
    page.unroute("**/reply-draft");
    page.waitForResponse(
        answer -> answer.url().endsWith("/reply-draft") && answer.ok(),
        () -> button("Try now").click());
    assertThat(page.getByText("Not kept yet, as the server does not answer")).hasCount(0);
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
    Locator days = page.getByRole(AriaRole.BUTTON, named("Days on the way, Germany")).first();
    days.click();
    page.getByLabel("Most working days").fill("9");
    page.route("**/api/**", Route::abort);
    button("Keep").click();
    Locator away = page.getByText("The server does not answer.");
    assertThat(away).isVisible();
    assertThat(page.getByLabel("Most working days")).hasValue("9");
    page.unroute("**/api/**");
    // going on elsewhere keeps what was typed
    button("Try now").click();
    assertThat(away).hasCount(0);
    assertThat(page.getByLabel("Most working days")).hasCount(0);
    assertThat(days).containsText("9");
    page.keyboard().press("z");
    assertThat(days).not().containsText("9");
    complaints.clear(); // the browser notes that it was away
  }
}
