package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.util.HashMap;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What the owner reads of the shop's pages, and shows of them. */
public class ConnectIT extends InBrowser {
  private static final String POT = "/products/slate-pot";

  /** A headless browser names itself, and what names itself a program is no shopper. */
  @BeforeMethod
  public void asAShopper() {
    page.route(
        "**/embed/v1/seen",
        route -> {
          var headers = new HashMap<>(route.request().headers());
          headers.put("user-agent", "Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Firefox/140.0");
          route.resume(new Route.ResumeOptions().setHeaders(headers));
        });
  }

  private void nothingWrongForAxe() throws IOException {
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void aPageThatAShopperSawIsThereWithWhatItIsKnownBy() throws IOException {
    page.waitForRequest("**/embed/v1/seen", () -> page.navigate(demo.shop(POT)));
    page.navigate(demo.office("/setup/connect"));
    assertThat(page.getByText("Your shop is connected")).isVisible();
    Locator row = page.locator("tr", new Page.LocatorOptions().setHasText(POT));
    assertThat(row).containsText("Product page");
    assertThat(row).containsText("Slate pot");
    assertThat(row).containsText("Nothing is missing.");
    nothingWrongForAxe();
    row.getByText(POT).click();
    assertThat(page.getByText("The page opened")).isVisible();
    assertThat(page.getByText("Recognised: Slate pot")).isVisible();
    nothingWrongForAxe();
  }

  @Test
  public void anAddressIsReadPartByPart() throws IOException {
    page.waitForRequest("**/embed/v1/seen", () -> page.navigate(demo.shop(POT)));
    page.navigate(demo.office("/setup/connect"));
    button("Show us another address").click();
    page.getByLabel("Open any product").fill(demo.shop(POT) + "?from=email");
    button("Read it").click();
    assertThat(page.getByText("not needed")).isVisible();
    assertThat(page.getByText("the same for every product")).isVisible();
    assertThat(page.getByText("Tried on 5 of your")).isVisible();
    assertThat(page.getByText("This is how your shop")).isVisible();
    nothingWrongForAxe();
  }

  @Test
  public void anAddressOfAnotherShopIsRefusedBesideItsField() throws IOException {
    page.navigate(demo.office("/setup/connect"));
    page.getByLabel("Address of a page of your shop").fill("https://elsewhere.example/x");
    button("Check it").click();
    assertThat(page.getByText("This address is not on")).isVisible();
    complaints.clear(); // the browser notes every refusal
    nothingWrongForAxe();
  }
}
