package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The owner says what a file means, and what becomes of reviews that shoppers write. */
public class MeantIT extends InBrowser {
  private static final String FILE =
      "SKU;Nota;Comentário;Tamanho\n"
          + "celadon-planter;10;Aguentou o inverno inteiro na varanda.;24 cm\n"
          + "celadon-plantr;9;Chegou bem embalado e é mais bonito.;24 cm\n"
          + "celadon-planter;4;Chegou lascada, trocaram logo.;do meio\n";

  @Test
  public void aSlipOfTheHandAndAnotherNameForAVariantAreSetRight() {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File of reviews")
        .setInputFiles(
            new FilePayload("feira.csv", "text/csv", FILE.getBytes(StandardCharsets.UTF_8)));
    assertThat(button("Read 2 reviews in")).isVisible();
    button("celadon-planter").click();
    assertThat(button("Read 3 reviews in")).isVisible();
    button("match them").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Meant by do meio"))
        .click();
    page.getByRole(AriaRole.MENUITEMRADIO).nth(1).click();
    assertThat(page.getByText("1 matched:")).isVisible();
    assertThat(page.getByText("a variant that is not sold")).hasCount(0);
  }

  @Test
  public void whatAShopperWritesIsPublishedAsTheOwnerChose() throws Exception {
    page.navigate(demo.office("/setup"));
    Locator section = page.locator("#new-reviews");
    section.getByRole(AriaRole.BUTTON).first().click();
    page.getByText("is published at once", new Page.GetByTextOptions().setExact(true)).click();
    page.getByLabel("Where notices go").fill("nobody");
    section.getByText("Keep this rule").click();
    assertThat(section.getByText("is no e-mail address")).isVisible();
    complaints.clear(); // the browser notes every answer of 400
    page.getByLabel("Where notices go").fill("beatriz@quillwort.example");
    section.getByText("Keep this rule").click();
    assertThat(page.getByText("Rule kept").first()).isVisible();

    page.navigate(demo.shop("/products/hand-fork"));
    Locator wall = page.locator("nod-yes[data-nod=reviews]");
    wall.getByText("Write a review").click();
    wall.locator(".review-form input[type=radio]").nth(3).click();
    wall.getByLabel(Pattern.compile("^Your review")).fill("Written by hand in the shop.");
    // nobody writes in less: it would wait for a look
    page.waitForTimeout(4_500);
    wall.getByText("Send the review").click();
    assertThat(wall.getByText("It is on the page now.")).isVisible();
    page.navigate(demo.office("/reviews?state=PUBLISHED&q=hand"));
    assertThat(page.getByText("Written by hand in the shop.").first()).isVisible();
    assertThat(page.getByText("your rule for new reviews")).isVisible();
  }
}
