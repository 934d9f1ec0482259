package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner goes about by keys: to a place by its name, and to the keys of the screen. */
public class FrameIT extends InBrowser {
  private Locator goals() {
    return page.getByRole(AriaRole.OPTION);
  }

  private Locator over() {
    return page.getByRole(AriaRole.DIALOG);
  }

  @Test
  public void aPlaceIsFoundByWhatIsDoneThere() throws IOException {
    page.navigate(demo.office("/today"));
    assertThat(page.getByRole(AriaRole.HEADING, named("Worth doing next"))).isVisible();
    page.keyboard().press("Control+k");
    assertThat(goals().first()).containsText("Today");
    page.getByLabel("Some of its name").fill("type");
    assertThat(goals()).hasCount(1);
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
    page.keyboard().press("Enter");
    assertThat(page).hasURL(Pattern.compile("/reviews/bring-in/by-hand$"));
    assertThat(over()).hasCount(0);
  }

  @Test
  public void aProductAndANodAreFoundByTheirNames() {
    page.navigate(demo.office("/reviews"));
    button("Go to or do").click();
    page.getByLabel("Some of its name").fill("celadon");
    assertThat(goals().first()).containsText("Celadon planter");
    page.keyboard().press("Enter");
    assertThat(page).hasURL(Pattern.compile("/pages/product/celadon-planter$"));
    page.keyboard().press("Control+k");
    page.getByLabel("Some of its name").fill("review wall");
    assertThat(goals().first()).containsText("nod");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.BUTTON, named("Word: the heading"))).isVisible();
    page.keyboard().press("Control+k");
    page.getByLabel("Some of its name").fill("no such thing");
    assertThat(page.getByText("Nothing is called that.")).isVisible();
    page.keyboard().press("Enter");
    assertThat(over()).isVisible();
    page.keyboard().press("Escape");
    assertThat(over()).hasCount(0);
    // what lay over it is closed alone
    assertThat(page.getByRole(AriaRole.BUTTON, named("Word: the heading"))).isVisible();
  }

  @Test
  public void aScreenTellsItsKeysAndIsSilentUnderThem() throws IOException {
    page.navigate(demo.office("/reviews"));
    Locator rows = page.getByText(Pattern.compile("^1 of \\d+$"));
    assertThat(rows.first()).isVisible();
    String before = rows.first().innerText();
    page.keyboard().press("?");
    assertThat(over()).containsText("publish");
    assertThat(over()).containsText("take the last act back");
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
    page.keyboard().press("p");
    page.keyboard().press("Escape");
    assertThat(over()).hasCount(0);
    assertThat(rows.first()).hasText(before);
    page.navigate(demo.office("/proof"));
    assertThat(page.getByText("What could be held against it")).isVisible();
    page.keyboard().press("?");
    assertThat(over()).containsText("This screen has none of its own.");
  }
}
