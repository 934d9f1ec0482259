package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Visitor counts and recent orders, as shoppers in several browsers see them. */
public class PresenceIT extends InBrowser {
  private static final String NODS = "/api/v1/layout/nods/";
  private static final String BROWSER =
      "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 Chrome/140.0 Safari/537.36";
  private final ObjectMapper json = new ObjectMapper();
  private final List<BrowserContext> shoppers = new ArrayList<>();

  @AfterMethod(alwaysRun = true)
  public void leave() {
    shoppers.forEach(BrowserContext::close);
    shoppers.clear();
  }

  @AfterClass(alwaysRun = true)
  public void goBack() throws Exception {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private void set(String nod, String option, String value) throws Exception {
    JsonNode face = json.readTree(demo.ask(demo.office(NODS + nod)).body());
    var set = (ObjectNode) face.path("set").deepCopy();
    ((ObjectNode) set.path("own")).withObject("options").put(option, value);
    ObjectNode change = json.createObjectNode().put("revision", face.path("revision").asLong());
    change.set("set", set);
    assertEquals(demo.put(NODS + nod, change.toString()).statusCode(), 200);
    demo.post("/api/v1/layout/publish", "");
  }

  /** Another shopper's browser, which is no robot's. */
  private Page shopper() {
    BrowserContext context =
        browser.newContext(new Browser.NewContextOptions().setUserAgent(BROWSER));
    shoppers.add(context);
    return context.newPage();
  }

  /** A shopper whose view is counted: it is told some time after a page is loaded. */
  private Page viewing(String address) {
    Page shopper = shopper();
    shopper.waitForResponse(
        response -> response.url().endsWith("/embed/v1/views"), () -> shopper.navigate(address));
    return shopper;
  }

  @Test
  public void threeBrowsersRaiseTheCountPastItsQuietNumber() throws Exception {
    set("looking", "quiet-under", "3");
    String product = demo.shop("/products/oat-trough");
    Page first = viewing(product);
    assertThat(first.locator("nod-yes[data-kind=visitor-count]")).hasCount(1);
    assertThat(first.locator("nod-yes[data-kind=visitor-count] p")).not().isVisible();
    viewing(product);
    Page third = shopper();
    third.navigate(product);
    assertThat(third.locator("nod-yes[data-kind=visitor-count] p"))
        .hasText("3 people viewed this in the past 5 minutes");
    // the first hears of it with its next report, which being looked at again brings forward
    first.evaluate("document.dispatchEvent(new Event('visibilitychange'))");
    assertThat(first.locator("nod-yes[data-kind=visitor-count] p"))
        .hasText("3 people viewed this in the past 5 minutes");
    page.navigate(demo.office("/pages/product/oat-trough?as=wide"));
    assertThat(page.getByText("3 visitors in the past 5 minutes")).isVisible();
  }

  @Test
  public void aClosedNoticeStaysClosed() throws Exception {
    set("ordered", "lies", "notice");
    Page shopper = shopper();
    shopper.navigate(demo.shop("/products/celadon-planter"));
    var notice =
        shopper.getByRole(
            AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Recent orders"));
    assertThat(notice).containsText("ordered in the past 7 days");
    notice.getByText("When?").click();
    notice.getByText("Don’t show this again").click();
    assertThat(notice).not().isVisible();
    shopper.reload();
    assertThat(shopper.locator("nod-yes[data-kind=star-line]").first()).isVisible();
    assertThat(shopper.locator("nod-yes[data-kind=recent-orders]")).hasCount(1);
    assertThat(notice).not().isVisible();
  }

  /** Three look, and six minutes later nobody did in the last five. */
  @Test
  public void theCountFallsWhenNobodyLooksAnyMore() throws Exception {
    var before = new Demo();
    try {
      for (int i = 0; i < 5; i++) {
        viewing(before.shop("/products/oat-trough"));
      }
      Page seen = shopper();
      seen.navigate(before.shop("/products/oat-trough"));
      assertThat(seen.locator("nod-yes[data-kind=visitor-count] p"))
          .hasText("6 people viewed this in the past 5 minutes");
    } finally {
      before.close();
    }
    leave();
    var after = new Demo(before.data, "2026-11-26T14:27:00Z");
    try {
      Page alone = shopper();
      alone.navigate(after.shop("/products/oat-trough"));
      assertThat(alone.locator("nod-yes[data-kind=visitor-count]")).hasCount(1);
      assertThat(alone.locator("nod-yes[data-kind=star-line]").first()).isVisible();
      assertThat(alone.locator("nod-yes[data-kind=visitor-count] p")).not().isVisible();
    } finally {
      after.close();
    }
  }
}
