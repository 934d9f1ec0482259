package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Countdowns: set up by the owner, seen by a shopper to their last second. */
public class CountdownIT extends InBrowser {
  private static final String NODS = "/api/v1/layout/nods";
  private static final String POT = "/products/celadon-planter?variant=PL-CEL-24";
  private final ObjectMapper json = new ObjectMapper();

  @AfterClass(alwaysRun = true)
  public void goBack() throws Exception {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private Locator row(String name) {
    return page.getByRole(AriaRole.BUTTON, named(name).setExact(true));
  }

  /** A sale's countdown beside its label: the day before its end, and when it has ended. */
  @Test
  public void theOwnerSeesASaleBeforeDuringAndAfterIt() {
    // the moment is one of the shop's clock, wherever the owner's machine is
    openIn("Pacific/Kiritimati", 1280);
    // before the price fell, four days before the demo's day
    page.navigate(
        demo.office("/pages/product/celadon-planter?as=wide,2026-11-21T10:00&variant=PL-CEL-24"));
    assertThat(row("Autumn price")).isVisible();
    assertThat(page.getByText("The price has not dropped").first()).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=autumn-price]")).hasCount(0);
    page.navigate(
        demo.office("/pages/product/celadon-planter?as=wide,2026-11-27T22:30&variant=PL-CEL-24"));
    assertThat(frame().locator("nod-yes[data-nod=autumn-price]"))
        .containsText("Autumn price for another");
    assertThat(frame().locator("nod-yes[data-nod=autumn-price]"))
        .containsText(Pattern.compile("1\\s*h"));
    assertThat(frame().locator("nod-yes[data-nod=autumn-price]")).containsText("then €40.00");
    assertThat(frame().locator("nod-yes[data-nod=price-drop]")).hasText("37% off");
    page.navigate(
        demo.office("/pages/product/celadon-planter?as=wide,2026-11-28T00:00&variant=PL-CEL-24"));
    assertThat(row("Autumn price")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=stars-product]")).isVisible();
    assertThat(frame().locator("nod-yes[data-nod=autumn-price]")).hasCount(0);
    assertThat(frame().locator("nod-yes[data-nod=price-drop]")).hasCount(0);
  }

  @Test
  public void aDailyCutOffIsWrittenAsASentenceWithItsNextWindows() throws Exception {
    demo.post(NODS, "{\"kind\":\"countdown\",\"spot\":\"under-buy\",\"page\":\"PRODUCT\"}");
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide&variant=PL-CEL-24"));
    row("Countdown").click();
    page.getByRole(AriaRole.BUTTON, named("Schedule")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("to its own weekly cut-off")).click();
    assertThat(
            page.getByText(
                "To the next cut-off: Monday, Tuesday, Wednesday, Thursday and Friday 16:00"))
        .isVisible();
    page.getByLabel("Friday: cut-off", exactly()).fill("14:00");
    assertThat(page.getByText("Monday, Tuesday, Wednesday and Thursday 16:00; Friday 14:00"))
        .isVisible();
    Locator windows = page.getByLabel("Next runs").getByRole(AriaRole.LISTITEM);
    assertThat(windows).hasCount(5);
    assertThat(windows.first()).containsText("Thu, 26 Nov 2026, 16:00");
    assertThat(windows.nth(1)).containsText("Fri, 27 Nov 2026, 14:00");
    assertThat(windows.nth(2)).containsText("Mon, 30 Nov 2026, 16:00");
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
    page.getByLabel("Name").fill("Order today");
    button("Done").click();
    assertThat(row("Order today")).isVisible();
  }

  @Test
  public void whatCanNeverBeIsNotKeptAndSaidSo() throws Exception {
    demo.post(NODS, "{\"kind\":\"countdown\",\"spot\":\"page-end\",\"page\":\"PRODUCT\"}");
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide&variant=PL-CEL-24"));
    row("Countdown").last().click();
    page.getByLabel("Start (optional)", exactly()).fill("2027-02-01T10:00");
    assertThat(page.getByText("Not saved. The end is before the start.")).isVisible();
    complaints.clear(); // the browser notes every refusal
    page.getByLabel("Start (optional)", exactly()).fill("2026-11-27T10:00");
    assertThat(page.getByText("From Fri, 27 Nov 2026, 10:00 to").first()).isVisible();
  }

  /** Sixteen is not sixty-one to who reads from the right. */
  @Test
  public void digitsKeepTheirOrderWhereWordsAreReadFromTheRight() {
    page.addInitScript(
        "document.addEventListener('readystatechange',"
            + " () => { document.documentElement.lang = 'ar'; });");
    page.navigate(demo.shop(POT));
    Locator hours = page.locator("nod-yes[data-nod=autumn-price] [data-unit=hour] .number i");
    assertThat(hours).hasCount(2);
    assertThat(page.locator("nod-yes[data-nod=autumn-price]")).hasAttribute("dir", "rtl");
    assertTrue(hours.first().boundingBox().x < hours.last().boundingBox().x);
  }

  /** A countdown of some seconds, on the page of a shopper whose clock is off by a day. */
  @Test(priority = 1)
  public void itTicksByTheServersClockAndGoesAtItsEndWithoutLoadingThePage() throws Exception {
    JsonNode face =
        json.readTree(
                demo.post(
                        NODS,
                        "{\"kind\":\"countdown\",\"spot\":\"above-title\",\"page\":\"PRODUCT\"}")
                    .body())
            .path("face");
    var set = (ObjectNode) face.path("set").deepCopy();
    var own = (ObjectNode) set.path("own");
    own.putObject("options").put("show-seconds", "yes");
    Instant end = demo.now().plusSeconds(20).truncatedTo(ChronoUnit.SECONDS);
    own.putObject("ending")
        .put("ends", "at-moment")
        .putNull("start")
        .put("end", LocalDateTime.ofInstant(end, ZoneOffset.UTC).toString());
    ObjectNode change = json.createObjectNode().put("revision", face.path("revision").asLong());
    change.set("set", set);
    assertEquals(
        demo.put(NODS + "/" + face.path("id").asString(), change.toString()).statusCode(), 200);
    demo.post("/api/v1/layout/publish", "");
    page.addInitScript(
        "const real = Date.now; Date.now = () => real() + 86400000;"
            + "window.loads = (window.loads ?? 0) + 1;");
    page.navigate(demo.shop(POT));
    Locator countdown = page.locator("nod-yes[data-nod=" + face.path("id").asString() + "]");
    assertThat(countdown).containsText(Pattern.compile("\\d+\\s*s"));
    String left = countdown.locator("[data-unit=second] .number").innerText().replaceAll("\\D", "");
    double truth = (end.toEpochMilli() - demo.now().toEpochMilli()) / 1000.0;
    assertEquals(Integer.parseInt(left), truth, 2.5, "seconds that are left");
    assertThat(countdown).hasCount(0);
    assertTrue(!demo.now().isBefore(end), "not before its end");
    assertEquals(page.evaluate("window.loads"), 1);
  }
}
