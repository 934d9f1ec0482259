package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner says what a file means, and what becomes of reviews that shoppers write. */
public class ImportMappingIT extends InBrowser {
  private static final Duration LEAST = Duration.ofMillis(4_500);

  private static final String FILE =
      "SKU;Nota;Comentário;Tamanho\n"
          + "celadon-planter;10;Aguentou o inverno inteiro na varanda.;24 cm\n"
          + "celadon-plantr;9;Chegou bem embalado e é mais bonito.;24 cm\n"
          + "celadon-planter;4;Chegou lascada, trocaram logo.;do meio\n";

  @Test
  public void aSlipOfTheHandAndAnotherNameForAVariantAreSetRight() {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File with reviews")
        .setInputFiles(
            new FilePayload("feira.csv", "text/csv", FILE.getBytes(StandardCharsets.UTF_8)));
    assertThat(button("Import 2 reviews")).isVisible();
    button("celadon-planter").click();
    assertThat(button("Import 3 reviews")).isVisible();
    button("Match").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Your variant for do meio"))
        .click();
    page.getByRole(AriaRole.MENUITEMRADIO).nth(1).click();
    assertThat(page.getByText("1 matched:")).isVisible();
    assertThat(page.getByText("a variant you don’t sell")).hasCount(0);
  }

  @Test
  public void whatAShopperWritesIsPublishedAsTheOwnerChose() throws Exception {
    page.navigate(demo.office("/setup"));
    Locator section = page.locator("#new-reviews");
    section.getByRole(AriaRole.BUTTON).first().click();
    page.getByText("at once", new Page.GetByTextOptions().setExact(true)).click();
    page.getByLabel("E-mail address for notifications").fill("nobody");
    section.getByText("Save").click();
    assertThat(section.getByText("This is not an e-mail address.")).isVisible();
    complaints.clear(); // the browser notes every answer of 400
    page.getByLabel("E-mail address for notifications").fill("beatriz@quillwort.example");
    section.getByText("Save").click();
    assertThat(page.getByText("Saved").first()).isVisible();

    page.navigate(demo.shop("/products/hand-fork"));
    Locator wall = page.locator("nod-yes[data-nod=reviews]");
    wall.getByText("Write a review").click();
    Instant opened = demo.now();
    wall.locator(".review-form input[type=radio]").nth(3).click();
    wall.getByLabel(Pattern.compile("^Your review")).fill("Written by hand in the shop.");
    // nobody writes in less: it would wait for a look
    page.waitForCondition(() -> demo.isPast(opened.plus(LEAST)));
    wall.getByText("Send review").click();
    assertThat(wall.getByText("Your review is now published.")).isVisible();
    page.navigate(demo.office("/reviews?state=PUBLISHED&q=hand"));
    assertThat(page.getByText("Written by hand in the shop.").first()).isVisible();
    assertThat(page.getByText("your rule for new reviews")).isVisible();
  }
}
