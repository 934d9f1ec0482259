package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Labels and trust badges from nothing to the shop's pages, and away from them by themselves. */
public class LabelsIT extends InBrowser {
  @AfterMethod
  public void asItBegan() throws IOException, InterruptedException {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private static Locator labels(Page shown, String product) {
    return shown.locator("nod-yes[data-kind=label][data-product=" + product + "]");
  }

  private void pick(String label, String choice) {
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + label + ":")))
        .first()
        .click();
    page.getByRole(
            AriaRole.MENUITEMRADIO,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + choice)))
        .click();
  }

  @Test
  public void aPriceDropLabelFromNothingToTheShopAndWithTheVariant() {
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide&variant=PL-CEL-24"));
    assertThat(page.getByText("10 shown")).isVisible();
    button("Add a nod").click();
    pick("Place: Price drop label", "above the title");
    button("Add: Price drop label").click();
    assertThat(frame().locator("nod-yes[data-nod^=price-drop-label]")).hasText("37% off");
    page.getByLabel("English", exactly()).fill("{percentOff} less than {priorPrise}");
    assertThat(page.getByText("There is no value “prior prise”")).isVisible();
    button("Use “previous price”").click();
    assertThat(frame().locator("nod-yes[data-nod^=price-drop-label]")).hasText("37% less than €40");
    face("Who sees it");
    button("Add a condition").click();
    page.getByRole(AriaRole.MENUITEM, named("Price drop")).click();
    assertThat(page.getByText("of 48 products")).isVisible();
    button("Done").click();
    button("Publish").first().click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Publish"))
        .click();
    assertThat(page.getByText("No unpublished changes")).isVisible();

    Page shop = page;
    shop.navigate(demo.shop("/products/celadon-planter?variant=PL-CEL-24"));
    Locator above = shop.locator("[data-nod-spot=above-title] nod-yes");
    assertThat(above).hasText("37% less than €40");
    assertThat(shop.locator("[data-nod-picture] nod-yes")).hasText("37% off");
    shop.navigate(demo.shop("/products/celadon-planter?variant=PL-CEL-18"));
    assertThat(shop.locator("nod-yes[data-kind=star-line]")).isVisible();
    assertThat(labels(shop, "celadon-planter")).hasCount(0);
    shop.navigate(demo.shop("/categories/planters"));
    assertThat(labels(shop, "celadon-planter")).hasText("Up to 37% off");
  }

  @Test
  public void aBestsellerLabelLeavesWhenAnotherOutsellsIt() {
    Page shop = page;
    shop.navigate(demo.shop("/categories/planters"));
    assertThat(labels(shop, "slate-pot")).hasText("Bestseller in Planters");
    assertThat(labels(shop, "orchid-pot")).hasCount(0);

    bringOrders("OrderDelivered");
    shop.navigate(demo.shop("/categories/planters"));
    assertThat(labels(shop, "orchid-pot")).hasText("Bestseller in Planters");
    assertThat(labels(shop, "slate-pot")).hasCount(0);
    page.navigate(demo.office("/catalogue?open=slate-pot"));
    assertThat(page.getByText(Pattern.compile("No. 2 of 12 in Planters")).first()).isVisible();

    bringOrders("OrderCancelled");
    shop.navigate(demo.shop("/categories/planters"));
    assertThat(labels(shop, "slate-pot")).hasText("Bestseller in Planters");
  }

  private void bringOrders(String status) {
    page.navigate(demo.office("/catalogue/feeds"));
    String order =
        "{\"orderNumber\":\"BIG-1\",\"orderDate\":\"2026-11-26T09:00:00Z\",\"orderStatus\":\"%s\",\"orderedItem\":[{\"orderQuantity\":900,\"orderedItem\":{\"sku\":\"PL-ORC-12\"}}]}"
            .formatted(status);
    page.waitForFileChooser(() -> button("Choose a file").click())
        .setFiles(
            new FilePayload(
                "orders.jsonl", "application/json", order.getBytes(StandardCharsets.UTF_8)));
    button("Import 1 order").click();
    assertThat(page.getByText("No problems.")).isVisible();
  }

  @Test
  public void promisesAreReorderedByKeysAndHiddenWhereTheyDoNotHold() {
    page.navigate(demo.office("/pages/product/celadon-planter?as=PT,wide"));
    Locator said = frame().locator("nod-yes[data-kind=trust-badges] li");
    assertThat(said).hasCount(3);
    assertThat(said.first()).containsText("Replaced if broken");
    button("Trust badges").click();
    Locator handle = page.getByLabel(Pattern.compile("^Promise 1 of 3"));
    handle.press("Alt+ArrowDown");
    assertThat(said.first()).containsText("60 days to return");
    page.getByLabel("Promise 2: link").fill("www.no-address");
    assertThat(page.getByText("Use https://… or a path").first()).isVisible();
    complaints.clear(); // the browser notes every refusal
    page.getByLabel("Promise 2: link").fill("");
    assertThat(page.getByText("No link to your terms")).isVisible();
    button("Done").click();
    assertThat(page.getByText("Promise without terms")).isVisible();

    page.navigate(demo.office("/pages/product/celadon-planter?as=US,wide"));
    assertThat(said).hasCount(2);
    assertThat(said.first()).containsText("Replaced if broken");
  }

  @Test
  public void labelsOnAPhoneLieOnThePictureAndMoveNothing() {
    Page phone = openPhone();
    phone.navigate(demo.shop("/categories/watering"));
    Locator label = labels(phone, "brass-can");
    assertThat(label.first()).isVisible();
    assertEquals(label.count(), 2, "sold out, and back again");
    BoundingBox picture =
        phone.locator("[data-nod-product=brass-can] [data-nod-spot=on-picture]").boundingBox();
    BoundingBox one = label.nth(0).boundingBox();
    BoundingBox other = label.nth(1).boundingBox();
    for (BoundingBox box : new BoundingBox[] {one, other}) {
      assertTrue(
          box.x >= picture.x
              && box.y >= picture.y
              && box.x + box.width <= picture.x + picture.width + 1
              && box.y + box.height <= picture.y + picture.height + 1,
          "a label lies on its picture");
    }
    assertTrue(
        one.y + one.height <= other.y || other.y + other.height <= one.y,
        "no label lies over another");
  }
}
