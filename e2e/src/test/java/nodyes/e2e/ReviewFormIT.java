package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Shoppers write a review: by touch on a phone, and by keys alone; the owner publishes it. */
public class ReviewFormIT extends InBrowser {
  private static final String PRODUCT = "rain-gauge";
  private Locator wall;

  @BeforeMethod
  public void openForm() {
    openPhone();
    page.navigate(demo.shop("/products/" + PRODUCT));
    wall = page.locator("nod-yes[data-nod=reviews]");
    inWall("Write a review").tap();
    assertThat(form()).isVisible();
  }

  private Locator form() {
    return wall.locator("form.review-form");
  }

  private Locator inWall(String name) {
    return wall.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private Locator star(int n) {
    return form().locator("input[type=radio]").nth(n - 1);
  }

  private static FilePayload picture(String name, Color colour) throws IOException {
    var image = new BufferedImage(900, 700, BufferedImage.TYPE_INT_RGB);
    var brush = image.createGraphics();
    brush.setColor(colour);
    brush.fillRect(100, 100, 500, 400);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return new FilePayload(name, "image/jpeg", out.toByteArray());
  }

  @Test
  public void byTouchWithTwoPicturesAndTheOwnerAnswersIt()
      throws IOException, InterruptedException {
    for (int n = 1; n <= 5; n++) {
      assertFalse(star(n).isChecked(), "None is preselected");
    }
    star(4).tap();
    String words = "It empties in a turn of the hand and does not drip";
    form().getByLabel("Your review", new Locator.GetByLabelOptions().setExact(false)).fill(words);
    form().getByLabel(Pattern.compile("^Your name")).fill("Ilka Brandt");
    form().getByLabel("Last name").selectOption("asInitial");
    form()
        .getByLabel("Add photos")
        .setInputFiles(
            new FilePayload[] {picture("one.jpg", Color.ORANGE), picture("two.jpg", Color.BLUE)});
    assertThat(form().locator(".chosen img")).hasCount(2);
    // a page that is loaded again loses nothing
    page.reload();
    inWall("Write a review").tap();
    assertTrue(star(4).isChecked());
    assertThat(form().locator(".chosen img")).hasCount(2);
    inWall("Send review").tap();
    assertThat(wall.getByText("good and bad alike")).isVisible();
    String id = idOf(words);
    demo.post("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"PUBLISHED\"}");
    demo.put("/api/v1/reviews/" + id + "/reply", "{\"text\":\"Thank you for the two pictures.\"}");
    try {
      for (String language : new String[] {"en", "de", "ja"}) {
        page.addInitScript(
            "document.addEventListener('readystatechange', () => document.documentElement.lang = '"
                + language
                + "')");
        page.navigate(demo.shop("/products/" + PRODUCT));
        Locator entry =
            wall.locator(".entries > li").filter(new Locator.FilterOptions().setHasText(words));
        assertThat(entry).containsText("Ilka B.");
        assertThat(entry).containsText("Thank you for the two pictures.");
        assertThat(entry.locator(".pictures img")).hasCount(2);
        assertThat(wall.locator("h2"))
            .hasText(
                switch (language) {
                  case "de" -> "Das sagen andere";
                  case "ja" -> "お客様の声";
                  default -> "What people say about it";
                });
      }
    } finally {
      demo.post("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"SPAM\"}");
    }
  }

  @Test
  public void byKeysAloneAndFaultsStandAtTheirFields() throws IOException, InterruptedException {
    inWall("Send review").focus();
    page.keyboard().press("Enter");
    assertThat(wall.getByText("Please choose 1 to 5 stars.")).isVisible();
    assertThat(star(1)).isFocused();
    complaints.clear(); // the browser reports the refused request
    page.keyboard().press("Space");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowRight");
    assertTrue(star(3).isChecked());
    page.keyboard().press("Tab");
    page.keyboard().type("By keys alone");
    page.keyboard().press("Tab");
    String words = "Three stars by the arrow keys alone";
    page.keyboard().type(words);
    inWall("Send review").focus();
    page.keyboard().press("Enter");
    assertThat(wall.getByText("Thank you for your review.")).isVisible();
    String id = idOf(words);
    // the link of the thanks takes it back
    page.navigate(wall.locator(".thanks a").getAttribute("href"));
    page.reload();
    Locator ask = page.locator("dialog.take-back");
    assertThat(ask).containsText(words);
    page.keyboard().press("Tab");
    ask.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Withdraw review"))
        .focus();
    page.keyboard().press("Enter");
    assertThat(ask).containsText("Your review has been withdrawn.");
    String stored = demo.ask(demo.office("/api/v1/reviews/" + id)).body();
    assertTrue(stored.contains("WITHDRAWN_BY_ITS_WRITER"), stored);
  }

  @Test
  public void whatIsNoPictureIsSaidAndTheRestIsKept() throws IOException {
    form()
        .getByLabel("Add photos")
        .setInputFiles(
            new FilePayload[] {
              new FilePayload(
                  "no.jpg", "image/jpeg", "<script>1</script>".getBytes(StandardCharsets.UTF_8)),
              picture("yes.jpg", Color.GREEN)
            });
    assertThat(form().locator(".chosen img")).hasCount(1);
    inWall("Remove photo 1").click();
    assertThat(form().locator(".chosen img")).hasCount(0);
    complaints.clear(); // the browser reports the refused file
  }

  /** A phone's camera of today makes 48 million pixels; the server takes 16 of a shopper. */
  @Test
  public void aPictureOfALargeCameraIsDrawnSmallerBeforeItIsSent() throws IOException {
    var image = new BufferedImage(8000, 6000, BufferedImage.TYPE_BYTE_GRAY);
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    form()
        .getByLabel("Add photos")
        .setInputFiles(new FilePayload("camera.jpg", "image/jpeg", out.toByteArray()));
    assertThat(form().locator(".chosen img")).hasCount(1);
    inWall("Remove photo 1").click();
  }

  @Test
  public void aServerThatIsAwayCostsNoWord() {
    star(5).click();
    form().getByLabel(Pattern.compile("^Your review")).fill("Kept while the line is down");
    answer("**/embed/v1/reviews", route -> route.abort());
    inWall("Send review").click();
    assertThat(wall.getByText("Your review could not be sent. Your text is saved")).isVisible();
    page.unrouteAll();
    page.reload();
    inWall("Write a review").click();
    assertEquals(
        form().getByLabel(Pattern.compile("^Your review")).inputValue(),
        "Kept while the line is down");
    complaints.clear(); // the browser reports the request that was cut off
  }

  private String idOf(String words) throws IOException, InterruptedException {
    String found =
        demo.ask(
                demo.office(
                    "/api/v1/reviews?product="
                        + PRODUCT
                        + "&q="
                        + java.net.URLEncoder.encode(words, StandardCharsets.UTF_8)))
            .body();
    var id = Pattern.compile("\"id\":(\\d+)").matcher(found);
    assertTrue(id.find(), found);
    return id.group(1);
  }

  /** The whole of it is readable to axe, wide and narrow. */
  @Test
  public void nothingIsWrongWithItForThoseWhoDoNotSeeIt() throws IOException {
    for (int width : new int[] {390, 1280}) {
      page.setViewportSize(width, 844);
      assertEquals(axe(page.mainFrame()), java.util.List.of());
    }
  }
}
