package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner looks through the catalogue, tags many at once, and asks why. */
public class CatalogueIT extends InBrowser {
  private Locator rows() {
    return page.getByLabel("Rows").getByRole(AriaRole.ROW);
  }

  @Test
  public void tenProductsAreTaggedAtOnceAndTakenBack() {
    page.navigate(demo.office("/catalogue?sort=TITLE"));
    assertThat(rows().first()).containsText("Anemones");
    for (int i = 0; i < 10; i++) {
      rows().nth(i).getByRole(AriaRole.CHECKBOX).check();
    }
    assertThat(page.getByText("10 selected")).isVisible();
    page.getByLabel("Tag", exactly()).fill("winter gift");
    assertThat(page.getByText("10 products change. No nod uses this tag.")).isVisible();
    button("Tag 10 products").click();
    assertThat(page.getByText("Tag “winter gift” added to 10 products")).isVisible();
    assertThat(rows().first()).containsText("winter gift");
    page.navigate(demo.office("/catalogue?tag=winter%20gift"));
    assertThat(rows()).hasCount(10);
    page.getByLabel("Select all loaded products").check();
    page.getByRole(AriaRole.BUTTON, named("Action: add the tag")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("remove the tag")).click();
    page.getByLabel("Tag", exactly()).fill("winter gift");
    button("Remove tag from 10 products").click();
    assertThat(page.getByText("No matching products")).isVisible();
    button("Undo").click();
    assertThat(rows()).hasCount(10);
    page.keyboard().press("Escape");
    page.getByLabel("Select all loaded products").check();
    page.getByRole(AriaRole.BUTTON, named("Action: add the tag")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("remove the tag")).click();
    page.getByLabel("Tag", exactly()).fill("winter gift");
    button("Remove tag from 10 products").click();
    assertThat(page.getByText("No matching products")).isVisible();
  }

  @Test
  public void whyALabelIsNotOnAProduct() {
    page.navigate(demo.office("/catalogue?q=celadon"));
    assertThat(rows()).hasCount(1);
    Locator mark = page.getByLabel("Bestseller label on Celadon planter: not shown");
    mark.click();
    assertThat(page.getByText(Pattern.compile("No. 2 of 12 in Planters"))).isVisible();
    assertThat(page.getByText("This nod is for the best seller.")).isVisible();
    button("Why not shown?").click();
    Locator why = page.getByRole(AriaRole.DIALOG);
    assertThat(why).containsText("The script is on this page");
    assertThat(why).containsText("Shoppers do not see it. No. 2 of 12");
  }

  /**
   * With a menu open over an opened product, Escape closed both; in the field it closed both too.
   */
  @Test
  public void escapeClosesTheTopmostThingOnly() {
    page.navigate(demo.office("/catalogue?open=celadon-planter"));
    Locator opened = page.getByRole(AriaRole.ARTICLE);
    assertThat(opened).isVisible();
    Locator opens = page.getByRole(AriaRole.BUTTON, named("Products: all"));
    opens.click();
    assertThat(page.getByRole(AriaRole.MENU)).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.MENU)).hasCount(0);
    assertThat(opens).isFocused();
    assertThat(opened).isVisible();
    page.keyboard().press("/");
    assertThat(page.getByLabel("Name, SKU or tag")).isFocused();
    page.keyboard().press("Escape");
    assertThat(page.getByLabel("Name, SKU or tag")).not().isFocused();
    assertThat(opened).isVisible();
    page.keyboard().press("Escape");
    assertThat(opened).hasCount(0);
  }

  @Test
  public void theSentenceAndTheKeysNarrowAndWalk() {
    page.navigate(demo.office("/catalogue"));
    assertThat(rows().first()).containsText("Celadon planter");
    page.getByRole(AriaRole.BUTTON, named("Products: all")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("sold out").setExact(true)).click();
    assertThat(rows()).hasCount(2);
    page.keyboard().press("ArrowDown");
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("sold out, back");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(0);
    page.keyboard().press("/");
    page.keyboard().type("zeppelin");
    assertThat(page.getByText("No matching products")).isVisible();
    button("Clear filters").click();
    assertThat(page.getByText("48 products")).isVisible();
  }

  @Test
  public void aFeedWithWrongLinesSaysWhichAndWhy() {
    page.navigate(demo.office("/catalogue/feeds"));
    String feed =
        "{\"productGroupID\":\"wrong\",\"name\":\"Wrong\",\"hasVariant\":[{\"sku\":\"W\",\"name\":\"w\",\"offers\":{\"price\":\"-4\",\"priceCurrency\":\"EUR\"}}]}";
    page.waitForFileChooser(() -> button("Choose a file").click())
        .setFiles(
            new FilePayload("feed.jsonl", "text/json", feed.getBytes(StandardCharsets.UTF_8)));
    Locator problems = page.getByLabel("1 line can’t be read");
    assertThat(problems).containsText("-4");
    assertThat(problems).containsText("A price cannot be below 0.");
    assertThat(page.getByText("Nothing can be imported like this.").last()).isVisible();
  }
}
