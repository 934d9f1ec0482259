package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;

/** A file of orders or products, as another program exports it, is looked at before it is read. */
public class FeedLookIT extends InBrowser {
  private void choose(String name, String content, Charset charset) {
    page.navigate(demo.office("/catalogue/feeds"));
    page.waitForFileChooser(() -> button("Choose a file").click())
        .setFiles(new FilePayload(name, "text/csv", content.getBytes(charset)));
  }

  private Locator head(String heading) {
    return page.getByRole(AriaRole.COLUMNHEADER).filter(having(heading));
  }

  private static Locator.FilterOptions having(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  @Test
  public void ordersOfAnotherProgramComeInAsTheyStand() throws IOException {
    choose(
        "encomendas.csv",
        """
        Encomenda;Data;Ref.;Qtd;Preço;País;Local;Estado
        LOOK-1;25/11/2026 21:16;PL-ORC-12;1;58,00;PT;Lisboa;reservada
        LOOK-2;31/11/2026 20:21;PL-ORC-12;1;58,00;PT;Évora;paid
        LOOK-3;24/11/2026 19:20;PL-ORC-12;2;58,00;FR;Nantes;paid
        """,
        Charset.forName("windows-1252"));
    assertThat(page.getByRole(AriaRole.HEADING).first())
        .containsText("encomendas.csv is a file of orders with 3 rows in 8 columns");
    assertThat(head("Data")).containsText("25/11/2026 21:16 occurs");
    assertThat(head("Ref.")).containsText("1 of 1 are in your catalogue");
    assertThat(head("Preço")).containsText("not used");
    Locator problems = page.getByLabel("2 lines can’t be read");
    assertThat(problems).containsText("November 2026 has only 30 days.");
    assertThat(page.getByText("Not used: Preço.")).isVisible();
    assertEquals(String.join("\n", axe(page.mainFrame())), "");

    // a word of the shop's own for a status gets its meaning here, and counts at once
    button("“reservada” means sold").click();
    assertThat(page.getByLabel("1 line can’t be read")).isVisible();
    button("Import 2 orders").click();
    assertThat(page.getByText("2 imported")).isVisible();
  }

  @Test
  public void datesThatMayBeTwoDaysAreAsked() {
    choose(
        "orders.csv",
        "Order,Date,SKU,Quantity\nASK-1,03/04/2026,PL-ORC-12,1\n",
        StandardCharsets.UTF_8);
    assertThat(page.getByText("Nothing can be imported like this.").last()).isVisible();
    button("Day first").click();
    assertThat(button("Import 1 order")).isVisible();
    page.getByLabel("What “Date” is used as").click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("not used")).click();
    assertThat(page.getByText("Nothing can be imported like this.").last()).isVisible();
  }

  @Test
  public void aFileOfReviewsIsSentToWhereReviewsComeIn() {
    choose("mine.csv", "Product,Rating,Review\nCeladon planter,5,Good\n", StandardCharsets.UTF_8);
    assertThat(page.getByText("This looks like reviews.")).isVisible();
    page.getByRole(AriaRole.LINK, named("Import reviews")).click();
    assertThat(page).hasURL(demo.office("/reviews/bring-in"));
  }
}
