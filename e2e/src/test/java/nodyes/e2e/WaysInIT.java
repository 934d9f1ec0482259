package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.dhatim.fastexcel.Workbook;
import org.testng.annotations.Test;

/** From each place that reviews come from to the sorting table, and on to the page. */
public class WaysInIT extends InBrowser {
  private Locator button(Pattern name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private Locator theReview() {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("The review").setExact(true));
  }

  private void brings(String name, byte[] content) {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File of reviews")
        .setInputFiles(new FilePayload(name, "application/octet-stream", content));
    assertThat(page.getByText("What is in this file")).isVisible();
  }

  private void reads(String from, int reviews) {
    page.getByLabel("Where they are from").fill(from);
    page.getByLabel("Where they are from").press("Enter");
    page.getByText("I may publish these").click();
    button(reviews == 1 ? "Read 1 review in" : "Read " + reviews + " reviews in").click();
    page.getByText("Look through " + reviews + (reviews == 1 ? " review" : " reviews")).click();
    assertThat(page.getByLabel("Reviews of this batch")).isVisible();
  }

  private void chooses(String what, String choice) {
    button(Pattern.compile("^" + what + ":")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName(choice)).click();
  }

  private void takesBack() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring in")).click();
    page.getByText("What came in before").scrollIntoViewIfNeeded();
    page.locator("table a").first().click();
    button("Take the whole batch back").click();
    assertThat(page.getByText("This batch was taken back")).isVisible();
  }

  @Test
  public void aPortugueseFileOfTenIsSortedWithKeysAlonePublishedAndSeen() {
    Charset windows = Charset.forName("windows-1252");
    String file =
        "SKU;Nota;Comentário;Nome;País;Data;Cor\n"
            + "seedling-can;10;Deita um fio de água, até meio cheio;Inês Ramos;Portugal;23/04/2026;\n"
            + "seedling-can;2;O bico pinga depois de regar;Rui Paiva;Portugal;02/05/2026;\n"
            + "seedling-can;9;Liguem-me: 912 555 014 33, tenho fotos;Leonor Vaz;Portugal;09/05/2026;\n"
            + "seedling-can;11;Onze de dez;Tiago Mota;Portugal;11/05/2026;\n";
    brings("avaliações.csv", file.getBytes(windows));
    assertThat(page.getByText("4 rows in 7 columns")).isVisible();
    assertThat(button("Encoding: Latin-1 (Windows)")).isVisible();
    assertThat(button("Scale: 1 to 10")).isVisible();
    assertThat(page.getByText("because 23/04/2026 occurs")).isVisible();
    assertThat(page.getByLabel("What is wrong")).containsText("over 10, the best of its scale");
    page.getByText("What is in this file").click();
    reads("the fair’s book", 3);

    page.keyboard().press("k");
    assertThat(page.getByText("2 of 3").first()).isVisible();
    page.keyboard().press("x");
    page.keyboard().press("z");
    assertThat(page.getByText("2 of 3").first()).isVisible();
    page.keyboard().press("x");
    assertThat(page.getByText("A telephone number in the words")).isVisible();
    chooses("Contact details", "hide it marked as […]");
    page.keyboard().press("k");
    assertThat(button("Publish 2 reviews")).isVisible();
    button("Publish 2 reviews").click();
    assertThat(page.getByText("2 reviews published")).isVisible();

    page.navigate(demo.shop("/products/seedling-can"));
    assertThat(page.getByText("Deita um fio de água").first()).isVisible();
    assertThat(page.getByText("Liguem-me: […], tenho fotos").first()).isVisible();
    assertThat(page.getByText("O bico pinga")).hasCount(0);

    brings("avaliações-2.csv", file.getBytes(windows));
    assertThat(page.getByText("same columns as on")).isVisible();
    assertThat(page.getByLabel("What is wrong")).containsText("left out before");
    assertThat(page.getByText("none goes to the sorting table")).isVisible();
    page.navigate(demo.office("/reviews/bring-in"));
    takesBack();
    page.navigate(demo.shop("/products/seedling-can"));
    assertThat(page.getByText("Deita um fio de água")).hasCount(0);
  }

  @Test
  public void theMarketplaceByAddressAndItsVariantsChecked() {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("A page that shows reviews").fill(demo.marketplace("/items/celadon-planter"));
    button("Read the page").click();
    assertThat(page.getByText("23 rows in 12 columns")).isVisible();
    assertThat(page.getByText("choose the product that they are about")).isVisible();
    button(Pattern.compile("^Product:")).click();
    page.getByLabel("Name or SKU").fill("celadon");
    page.getByLabel("Name or SKU").press("Enter");
    assertThat(page.getByLabel("Name or SKU")).hasCount(0);
    assertThat(button("Read 22 reviews in")).isVisible();
    reads("Hollyfield Market", 22);
    chooses("To check", "to check: a variant that is not sold");
    assertThat(page.getByText("you don’t sell this").first()).isVisible();
    chooses("To check", "with or without checks");
    page.getByText("Pesa más de lo que esperaba").first().click();
    button("Read it in English").click();
    assertThat(page.getByText("It weighs more than I expected")).isVisible();
    assertThat(page.getByAltText("Picture 1 of the review")).hasCount(0);
    page.getByText("Aguentou o inverno inteiro").first().click();
    page.reload();
    assertThat(page.getByAltText("Picture 1 of the review")).isVisible();
    page.navigate(demo.office("/reviews/bring-in"));
    takesBack();
  }

  @Test
  public void aPageForMembersByTheBookmarkButton() {
    page.navigate(demo.office("/reviews/bring-in"));
    String script =
        page.getByText("To Nod Yes").getAttribute("href").substring("javascript:".length());
    page.navigate(demo.marketplace("/items/moss-can"));
    page.getByText("Sign in as a member").click();
    assertThat(page.getByText("Page 1 of 3")).isVisible();
    String code =
        java.net.URLDecoder.decode(
            script.replace("+", "%2B"), java.nio.charset.StandardCharsets.UTF_8);
    Page office = page.waitForPopup(() -> page.evaluate(code));
    assertThat(office.getByText("Moss watering can · Hollyfield Market")).isVisible();
    office
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Look at its reviews"))
        .click();
    assertThat(office.getByText("8 rows in 12 columns")).isVisible();
  }

  @Test
  public void aWorkbookIsReadSheetBySheet() throws IOException {
    var bytes = new ByteArrayOutputStream();
    var workbook = new Workbook(bytes, "Test", "1.0");
    var notes = workbook.newWorksheet("Notes");
    notes.value(0, 0, "Nothing here");
    var sheet = workbook.newWorksheet("Bewertungen");
    String[] heads = {"Produkt", "Sterne", "Kommentar", "Name"};
    String[] row = {"seedling-can", "5", "Gießt einen Faden aus Wasser", "Sabine Krüger"};
    for (int i = 0; i < heads.length; i++) {
      sheet.value(0, i, heads[i]);
      sheet.value(1, i, row[i]);
    }
    workbook.finish();
    brings("bewertungen.xlsx", bytes.toByteArray());
    if (page.getByText("1 row in 4 columns").count() == 0) {
      chooses("Sheet", "Bewertungen");
    }
    assertThat(page.getByText("1 row in 4 columns")).isVisible();
    reads("the shop in Köln", 1);
    assertThat(page.getByText("Gießt einen Faden aus Wasser").first()).isVisible();
    page.navigate(demo.office("/reviews/bring-in"));
    takesBack();
  }

  @Test
  public void theBusinessListingIsAskedAndKeptApart() {
    page.navigate(demo.office("/reviews/listing"));
    assertThat(page.getByText("4.6 of 5")).isVisible();
    assertThat(page.getByText("1 review of fewer than 3 stars is not shown")).isVisible();
    button("Ask it now").click();
    assertThat(page.getByText("this is what it says now").first()).isVisible();
    page.navigate(demo.office("/setup"));
    assertThat(page.getByText("the demo’s stand-in")).hasCount(4);
  }

  @Test
  public void theDeskIsSearchedAndAnsweredFrom() throws IOException {
    page.navigate(demo.office("/reviews"));
    page.keyboard().press("/");
    page.getByLabel("Search words and names").fill("saucer");
    page.keyboard().press("Enter");
    assertThat(page.getByText("with “saucer”")).isVisible();
    assertThat(theReview()).containsText("saucer");
    page.keyboard().press("r");
    page.keyboard().insertText("Thank you for saying so.");
    button("Send the reply").click();
    assertThat(page.getByText("The reply is sent").first()).isVisible();
    assertThat(page.getByLabel("What was done"))
        .containsText("replied: “Thank you for saying so.”");
    page.getByText("as a file").click();
    Download file =
        page.waitForDownload(
            () -> page.getByText("CSV", new Page.GetByTextOptions().setExact(true)).click());
    assertTrue(
        file.suggestedFilename().matches("reviews-2026-11-26\\.csv"), file.suggestedFilename());
    assertTrue(Files.readString(file.path()).contains("Thank you for saying so."));
    page.getByLabel("Reply as Quillwort Garden Goods").fill("");
    button("Remove the reply").click();
    assertThat(page.getByText("removed the reply")).isVisible();
  }

  @Test
  public void oneIsTypedInByHand() {
    page.navigate(demo.office("/reviews/bring-in/by-hand"));
    button(Pattern.compile("^Product:")).click();
    page.getByLabel("Name or SKU").fill("seedling-can");
    page.getByLabel("Name or SKU").press("Enter");
    assertThat(page.getByLabel("Name or SKU")).hasCount(0);
    chooses("Stars", "4 stars");
    page.getByLabel("Its words").fill("Dear shop, the can pours as you said. Yours, Rita");
    page.getByLabel("Where it is from").fill("a letter");
    button("Put it on the desk").click();
    assertThat(theReview()).containsText("Dear shop, the can pours as you said");
    page.keyboard().press("s");
    assertThat(page.getByText("1 review put among the spam").first()).isVisible();
    assertEquals(complaints.size(), 0);
  }
}
