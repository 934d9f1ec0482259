package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Fonts, pictures and drawings of a nod's looks, and nods dragged from spot to spot. */
public class CustomAssetsIT extends InBrowser {
  private static final String PAGE = "/pages/product/celadon-planter?as=wide";
  private static final String STARS = "nod-yes[data-nod=stars-product]";

  /** As the demo began: published as its first version, and the draft the same. */
  @AfterMethod
  public void asItBegan() throws IOException, InterruptedException {
    demo.post("/api/v1/layout/versions/1/restore", "");
  }

  private Frame shopPage() {
    return page.frames().stream()
        .filter(frame -> frame.url().startsWith(demo.shop("")))
        .findFirst()
        .orElseThrow();
  }

  private void openLooks() {
    page.navigate(demo.office(PAGE));
    assertThat(frame().locator(STARS)).isVisible();
    button("Star line").click();
    page.getByRole(AriaRole.TAB, named("Style")).click();
  }

  @Test
  public void aDrawingIsFoundByItsWordsOrAnEmojiTyped() {
    openLooks();
    button("Icon: none").click();
    Locator field = page.getByLabel("Search: Icon");
    field.fill("zeppelin");
    assertThat(page.getByText("No icon for “zeppelin”")).isVisible();
    field.fill("birthday");
    assertThat(button("gift")).isVisible();
    field.press("Enter");
    assertThat(button("Icon: gift")).isVisible();
    assertThat(frame().locator(STARS + " svg.icon.before")).isVisible();
    button("Icon: gift").click();
    field.fill("🌿");
    field.press("Enter");
    assertThat(frame().locator(STARS + " span.icon.before")).hasText("🌿");
  }

  @Test
  public void aFontAndStarsOfTheShopsOwnAreSeenOnThePage() throws IOException {
    openLooks();
    byte[] font = page.request().get(demo.office("/nodyes/fonts/bricolage-grotesque.woff2")).body();
    page.getByLabel("Font: file")
        .setInputFiles(new FilePayload("Fern Sans.woff2", "font/woff2", font));
    assertThat(button("Font: Fern Sans")).isVisible();
    assertThat(frame().locator(STARS))
        .hasCSS("font-family", java.util.regex.Pattern.compile("nod-"));
    shopPage()
        .waitForFunction(
            "[...document.fonts].some(f => f.family.includes('nod-') && f.weight === '1 1000'"
                + " && f.status === 'loaded')");
    page.getByLabel("Star shape: file")
        .setInputFiles(new FilePayload("Apple.png", "image/png", apple()));
    assertThat(button("Star shape: Apple")).isVisible();
    shopPage()
        .waitForFunction(
            "getComputedStyle(document.querySelector('"
                + STARS
                + "').shadowRoot.querySelector('.stars'), '::after').backgroundImage"
                + ".includes('/embed/v1/materials/')");
    page.getByLabel("Font: file")
        .setInputFiles(
            new FilePayload(
                "x.woff2",
                "font/woff2",
                "You have not added a font or image with this name"
                    .getBytes(StandardCharsets.UTF_8)));
    assertThat(
            page.getByText(
                    "This is not a WOFF2 font. Convert it to WOFF2 first. Other formats (.ttf, .otf, .woff) load more slowly")
                .first())
        .isVisible();
    complaints.clear(); // the browser reports the refusal as a failed request
    button("Done").click();
    button("House style").click();
    button("Remove Fern Sans").click();
    assertThat(page.getByText("Styles that use it keep it").first()).isVisible();
    assertThat(button("Remove Fern Sans")).hasCount(0);
  }

  private static byte[] apple() throws IOException {
    var picture = new BufferedImage(64, 64, BufferedImage.TYPE_INT_ARGB);
    var brush = picture.createGraphics();
    brush.setColor(Color.RED);
    brush.fillOval(8, 8, 48, 48);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", out);
    return out.toByteArray();
  }

  @Test
  public void aNodIsDroppedIntoASpotThatHoldsNone() {
    page.navigate(demo.office(PAGE));
    assertThat(page.getByText("10 shown")).isVisible();
    Locator empty = page.getByText("empty");
    assertThat(empty).hasCount(0);
    BoundingBox from =
        page.getByText(Pattern.compile("^[0-9,]+ published reviews\\.$")).first().boundingBox();
    page.mouse().move(from.x + 5, from.y + 5);
    page.mouse().down();
    page.mouse().move(from.x + 15, from.y + 25);
    assertThat(empty.first()).isVisible();
    BoundingBox to = page.getByText("Below the price").boundingBox();
    page.mouse().move(to.x + 10, to.y + 5);
    page.mouse().move(to.x + 12, to.y + 6);
    page.mouse().up();
    assertThat(page.getByText("Nod moved").first()).isVisible();
    assertThat(empty).hasCount(0);
    assertThat(page.getByRole(AriaRole.HEADING, named("Below the price"))).isVisible();
    assertThat(frame().locator("[data-nod-spot=under-price] " + STARS)).isVisible();
    page.keyboard().press("z");
    assertThat(frame().locator("[data-nod-spot=under-title] " + STARS)).isVisible();
    assertTrue(complaints.isEmpty(), complaints + "");
  }
}
