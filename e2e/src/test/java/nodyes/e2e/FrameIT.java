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
    assertThat(page.getByRole(AriaRole.HEADING, named("What to do next"))).isVisible();
    page.keyboard().press("Control+k");
    assertThat(goals().first()).containsText("Today");
    page.getByLabel("Part of a name").fill("letter");
    assertThat(goals()).hasCount(1);
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
    page.keyboard().press("Enter");
    assertThat(page).hasURL(Pattern.compile("/reviews/bring-in/by-hand$"));
    assertThat(over()).hasCount(0);
  }

  @Test
  public void aProductAndANodAreFoundByTheirNames() {
    page.navigate(demo.office("/reviews"));
    button("Go to…").click();
    page.getByLabel("Part of a name").fill("celadon");
    assertThat(goals().first()).containsText("Celadon planter");
    page.keyboard().press("Enter");
    assertThat(page).hasURL(Pattern.compile("/pages/product/celadon-planter$"));
    page.keyboard().press("Control+k");
    page.getByLabel("Part of a name").fill("review wall");
    assertThat(goals().first()).containsText("nod");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.BUTTON, named("Text: Heading"))).isVisible();
    page.keyboard().press("Control+k");
    page.getByLabel("Part of a name").fill("no such thing");
    assertThat(page.getByText("No results.")).isVisible();
    page.keyboard().press("Enter");
    assertThat(over()).isVisible();
    page.keyboard().press("Escape");
    assertThat(over()).hasCount(0);
    // what lay over it is closed alone
    assertThat(page.getByRole(AriaRole.BUTTON, named("Text: Heading"))).isVisible();
  }

  @Test
  public void aScreenTellsItsKeysAndIsSilentUnderThem() throws IOException {
    page.navigate(demo.office("/reviews"));
    Locator rows = page.getByText(Pattern.compile("^1 of \\d+$"));
    assertThat(rows.first()).isVisible();
    String before = rows.first().innerText();
    page.keyboard().press("?");
    assertThat(over()).containsText("publish");
    assertThat(over()).containsText("undo");
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
    page.keyboard().press("p");
    page.keyboard().press("Escape");
    assertThat(over()).hasCount(0);
    assertThat(rows.first()).hasText(before);
    page.navigate(demo.office("/evidence"));
    assertThat(page.getByText("Claims that could be challenged")).isVisible();
    page.keyboard().press("?");
    assertThat(over()).containsText("No shortcuts on this screen.");
  }
}
