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

/** From each place that reviews come from to the import check, and on to the page. */
public class ImportSourcesIT extends InBrowser {
  private Locator button(Pattern name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private Locator theReview() {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("The review").setExact(true));
  }

  private void brings(String name, byte[] content) {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("File with reviews")
        .setInputFiles(new FilePayload(name, "application/octet-stream", content));
    assertThat(page.getByText("Match the columns")).isVisible();
  }

  private void reads(String from, int reviews) {
    page.getByRole(AriaRole.TEXTBOX, named("Source")).fill(from);
    page.getByRole(AriaRole.TEXTBOX, named("Source")).press("Enter");
    page.getByText("I have the right to publish these").click();
    button(reviews == 1 ? "Import 1 review" : "Import " + reviews + " reviews").click();
    page.getByText("Check " + reviews + (reviews == 1 ? " review" : " reviews")).click();
    assertThat(page.getByLabel("Reviews in this import")).isVisible();
  }

  private void chooses(String what, String choice) {
    button(Pattern.compile("^" + what + ":")).click();
    page.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName(choice)).click();
  }

  private void takesBack() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Import")).click();
    page.getByText("Earlier imports").scrollIntoViewIfNeeded();
    page.locator("table a").first().click();
    button("Remove this import").click();
    assertThat(page.getByText("Import removed")).isVisible();
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
    assertThat(page.getByText("4 rows, 7 columns")).isVisible();
    assertThat(button("Encoding: Latin-1 (Windows)")).isVisible();
    assertThat(button("Scale: 1–10")).isVisible();
    assertThat(page.getByText("because the file has 23/04/2026")).isVisible();
    assertThat(page.getByLabel("Problems")).containsText("This is above 10, the top of this scale");
    page.getByText("Match the columns").click();
    reads("the fair’s book", 3);

    page.keyboard().press("k");
    assertThat(page.getByText("2 of 3").first()).isVisible();
    page.keyboard().press("l");
    page.keyboard().press("z");
    assertThat(page.getByText("2 of 3").first()).isVisible();
    page.keyboard().press("l");
    assertThat(page.getByText("The text contains a phone number")).isVisible();
    chooses("Contact details", "hide it");
    page.keyboard().press("k");
    assertThat(button("Publish 2 reviews")).isVisible();
    button("Publish 2 reviews").click();
    assertThat(page.getByText("2 reviews published")).isVisible();

    page.navigate(demo.shop("/products/seedling-can"));
    assertThat(page.getByText("Deita um fio de água").first()).isVisible();
    assertThat(page.getByText("Liguem-me: […], tenho fotos").first()).isVisible();
    assertThat(page.getByText("O bico pinga")).hasCount(0);

    brings("avaliações-2.csv", file.getBytes(windows));
    assertThat(page.getByText("Same columns as on")).isVisible();
    assertThat(page.getByLabel("Problems")).containsText("left out before");
    assertThat(page.getByText("no reviews will be imported")).isVisible();
    page.navigate(demo.office("/reviews/bring-in"));
    takesBack();
    page.navigate(demo.shop("/products/seedling-can"));
    assertThat(page.getByText("Deita um fio de água")).hasCount(0);
  }

  @Test
  public void theMarketplaceByAddressAndItsVariantsChecked() {
    page.navigate(demo.office("/reviews/bring-in"));
    page.getByLabel("For example your product on a marketplace")
        .fill(demo.marketplace("/items/celadon-planter"));
    button("Read page").click();
    assertThat(page.getByText("23 rows, 12 columns")).isVisible();
    assertThat(page.getByText("Choose the product they are about")).isVisible();
    button(Pattern.compile("^Product:")).click();
    page.getByLabel("Name or SKU").fill("celadon");
    page.getByLabel("Name or SKU").press("Enter");
    assertThat(page.getByLabel("Name or SKU")).hasCount(0);
    assertThat(button("Import 22 reviews")).isVisible();
    reads("Hollyfield Market", 22);
    chooses("Flags", "flagged: a variant you don’t sell");
    assertThat(page.getByText("You don’t sell a variant").first()).isVisible();
    chooses("Flags", "with or without flags");
    page.getByText("Pesa más de lo que esperaba").first().click();
    button("Translate to English").click();
    assertThat(page.getByText("It weighs more than I expected")).isVisible();
    assertThat(page.getByAltText("Photo 1 of the review")).hasCount(0);
    page.getByText("Aguentou o inverno inteiro").first().click();
    page.reload();
    assertThat(page.getByAltText("Photo 1 of the review")).isVisible();
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
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Check its reviews"))
        .click();
    assertThat(office.getByText("8 rows, 12 columns")).isVisible();
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
    if (page.getByText("1 row, 4 columns").count() == 0) {
      chooses("Sheet", "Bewertungen");
    }
    assertThat(page.getByText("1 row, 4 columns")).isVisible();
    reads("the shop in Köln", 1);
    assertThat(page.getByText("Gießt einen Faden aus Wasser").first()).isVisible();
    page.navigate(demo.office("/reviews/bring-in"));
    takesBack();
  }

  @Test
  public void theBusinessListingIsAskedAndKeptApart() {
    page.navigate(demo.office("/reviews/listing"));
    assertThat(page.getByText("4.6 of 5")).isVisible();
    assertThat(page.getByText("1 review with fewer than 3 stars is hidden by your setting"))
        .isVisible();
    button("Update now").click();
    assertThat(page.getByText("Updated from the directory").first()).isVisible();
    page.navigate(demo.office("/setup"));
    assertThat(page.getByText("simulated for the demo")).hasCount(4);
  }

  @Test
  public void theDeskIsSearchedAndAnsweredFrom() throws IOException {
    page.navigate(demo.office("/reviews"));
    page.keyboard().press("/");
    page.getByLabel("Search text and names").fill("saucer");
    page.keyboard().press("Enter");
    assertThat(page.getByText("with “saucer”")).isVisible();
    assertThat(theReview()).containsText("saucer");
    page.keyboard().press("r");
    page.keyboard().insertText("Thank you for saying so.");
    button("Publish reply").click();
    assertThat(page.getByText("Reply published").first()).isVisible();
    assertThat(page.getByLabel("History")).containsText("replied: “Thank you for saying so.”");
    page.getByText("Export as").click();
    Download file =
        page.waitForDownload(
            () -> page.getByText("CSV", new Page.GetByTextOptions().setExact(true)).click());
    assertTrue(
        file.suggestedFilename().matches("reviews-2026-11-26\\.csv"), file.suggestedFilename());
    assertTrue(Files.readString(file.path()).contains("Thank you for saying so."));
    page.getByLabel("Reply as Quillwort Garden Goods").fill("");
    button("Remove reply").click();
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
    page.getByLabel("Text").fill("Dear shop, the can pours as you said. Yours, Rita");
    page.getByRole(AriaRole.TEXTBOX, named("Source")).fill("a letter");
    button("Add review").click();
    assertThat(theReview()).containsText("Dear shop, the can pours as you said");
    page.keyboard().press("s");
    assertThat(page.getByText("1 review marked as spam").first()).isVisible();
    assertEquals(complaints.size(), 0);
  }
}
