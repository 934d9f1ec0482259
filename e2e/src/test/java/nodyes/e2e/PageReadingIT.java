package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.testng.annotations.Test;

/** A market's page without data for search engines: what is found on it, and pointing at it. */
public class PageReadingIT extends InBrowser {
  private Locator rows() {
    return page.getByRole(AriaRole.TABLE).locator("tbody tr");
  }

  @Test
  public void reviewsOfAPageWithoutDataAreShownPointedAtAndBroughtIn() throws IOException {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("For example your product on a marketplace")
        .fill(demo.marketplace("/items/sill-lamp"));
    button("Read page").click();
    assertThat(page.getByText("8 reviews").first()).isVisible();
    assertThat(rows()).hasCount(8);
    assertThat(rows().first()).containsText("/ 10");
    assertEquals(String.join("\n", axe(page.mainFrame())), "");

    // the variant stands in small letters, which nobody would know
    Locator thePage = page.getByLabel("The page", exactly());
    button("variant").click();
    thePage.getByText("celadon, 24 cm").first().click();
    assertThat(page.getByRole(AriaRole.COLUMNHEADER, named("variant"))).isVisible();

    page.keyboard().press("l");
    assertThat(page.getByText("1 left out")).isVisible();
    assertThat(rows().first()).containsText("Include");
    page.keyboard().press("l");
    assertThat(page.getByText("1 left out")).hasCount(0);

    button("Go on with all pages").click();
    assertThat(page.getByText("Match the columns")).isVisible();
  }
}
