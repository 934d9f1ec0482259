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
    assertThat(page.getByText("10 chosen")).isVisible();
    page.getByLabel("Tag", exactly()).fill("winter gift");
    assertThat(page.getByText("It changes 10 products; no nod goes by it.")).isVisible();
    button("Tag 10 products").click();
    assertThat(page.getByText("Gave 10 products the tag “winter gift”")).isVisible();
    assertThat(rows().first()).containsText("winter gift");
    page.navigate(demo.office("/catalogue?tag=winter%20gift"));
    assertThat(rows()).hasCount(10);
    page.getByLabel("Choose all that are loaded").check();
    page.getByRole(AriaRole.BUTTON, named("What to do: give them the tag")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("take from them the tag")).click();
    page.getByLabel("Tag", exactly()).fill("winter gift");
    button("Untag 10 products").click();
    assertThat(page.getByText("No product fits")).isVisible();
    button("Take it back").click();
    assertThat(rows()).hasCount(10);
    page.keyboard().press("Escape");
    page.getByLabel("Choose all that are loaded").check();
    page.getByRole(AriaRole.BUTTON, named("What to do: give them the tag")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("take from them the tag")).click();
    page.getByLabel("Tag", exactly()).fill("winter gift");
    button("Untag 10 products").click();
    assertThat(page.getByText("No product fits")).isVisible();
  }

  @Test
  public void whyALabelIsNotOnAProduct() {
    page.navigate(demo.office("/catalogue?q=celadon"));
    assertThat(rows()).hasCount(1);
    Locator mark = page.getByLabel("Bestseller label on Celadon planter: not here");
    mark.click();
    assertThat(page.getByText(Pattern.compile("it is 2nd of 12 in planters"))).isVisible();
    assertThat(page.getByText("the rule takes the first")).isVisible();
    button("Why is it not here?").click();
    Locator why = page.getByRole(AriaRole.DIALOG);
    assertThat(why).containsText("the script is on the page");
    assertThat(why).containsText("Shoppers do not get it: it is 2nd of 12");
  }

  /**
   * With a menu open over an opened product, Escape closed both; in the field it closed both too.
   */
  @Test
  public void escapeClosesTheTopmostThingOnly() {
    page.navigate(demo.office("/catalogue?open=celadon-planter"));
    Locator opened = page.getByRole(AriaRole.ARTICLE);
    assertThat(opened).isVisible();
    page.getByRole(AriaRole.BUTTON, named("Which: all")).click();
    assertThat(page.getByRole(AriaRole.MENU)).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.MENU)).hasCount(0);
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
    page.getByRole(AriaRole.BUTTON, named("Which: all")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("sold out").setExact(true)).click();
    assertThat(rows()).hasCount(2);
    page.keyboard().press("ArrowDown");
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("none, back");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(0);
    page.keyboard().press("/");
    page.keyboard().type("zeppelin");
    assertThat(page.getByText("No product fits")).isVisible();
    button("Show all").click();
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
    Locator line = page.getByRole(AriaRole.ROW).last();
    assertThat(line).containsText("price");
    assertThat(line).containsText("-4");
    assertThat(line).containsText("a price is not below 0");
  }
}
