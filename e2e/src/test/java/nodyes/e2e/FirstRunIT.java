package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A new installation: the owner makes himself known with the code, and finds empty places. */
public class FirstRunIT extends InBrowser {
  private String office = "";
  private Served server;

  @BeforeClass
  public void serve() throws IOException, InterruptedException {
    server = new Served();
    office = server.office;
  }

  @AfterClass(alwaysRun = true)
  public void stopServing() {
    server.close();
  }

  private void fill(String label, String value) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(value);
  }

  private void press(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private void nothingWrongForAxe() throws IOException {
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void fromTheCodeToEmptyPlacesAndBackIn() throws Exception {
    page.navigate(office + "/reviews");
    assertThat(page.getByText("Make yourself the owner")).isVisible();
    nothingWrongForAxe();
    fill("One-time code", server.code);
    fill("Your name", "Rita");
    fill("E-mail address", "rita@shop.example");
    fill("Password", "short");
    press("Make me the owner");
    assertThat(page.getByText("has at least 15 characters; a short sentence is good")).isVisible();
    complaints.clear(); // the browser notes every refusal
    fill("Password", "a sentence is good");
    press("Make me the owner");
    assertThat(page.getByText("Reviews come here first")).isVisible();
    nothingWrongForAxe();

    page.navigate(office + "/pages");
    assertThat(page.getByText("The shop is not connected yet")).isVisible();
    nothingWrongForAxe();
    assertThat(page.getByLabel("First steps").getByText("Bring reviews in")).isVisible();
    page.getByLabel("First steps").getByText("Connect the shop").click();
    fill("Address", "shop.example/path");
    press("Save");
    assertThat(page.getByText("write it as https://shop.example, without a path")).isVisible();
    complaints.clear();

    page.navigate(office + "/delivery");
    assertThat(page.getByText("Delivery waits for your products")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring products in")).click();
    FileChooser chooser = page.waitForFileChooser(() -> press("Choose a file"));
    chooser.setFiles(
        new FilePayload(
            "products.csv",
            "text/csv",
            "Product;Price;Stock\nBlue mug;14,00;12\n".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("1 good one")).isVisible();
    nothingWrongForAxe();
    page.navigate(office + "/pages");
    assertThat(page.getByLabel("First steps").getByText("1 product in")).isVisible();
    page.navigate(office + "/setup");
    assertThat(page.getByText("data-nod-product=\"blue-mug\"")).isVisible();

    press("Sign out");
    assertThat(page.getByText("Sign in").first()).isVisible();
    nothingWrongForAxe();
    fill("E-mail address", "rita@shop.example");
    fill("Password", "not this one at all");
    press("Sign in");
    assertThat(page.getByText("The address or the password is not right.")).isVisible();
    complaints.clear();
    fill("Password", "a sentence is good");
    press("Sign in");
    assertThat(page.getByText("Rita")).isVisible();

    // a session that ends takes nothing from the screen
    page.navigate(office + "/setup");
    fill("Name", "The blue mug shop");
    page.context().clearCookies();
    // what is asked in the background may hear of it first, and cover the button
    page.locator("button", new Page.LocatorOptions().setHasText("Save"))
        .first()
        .dispatchEvent("click");
    assertThat(page.getByText("Your session has ended")).isVisible();
    nothingWrongForAxe();
    complaints.clear();
    fill("E-mail address", "rita@shop.example");
    fill("Password", "a sentence is good");
    press("Sign in");
    assertThat(page.getByText("Your session has ended")).hasCount(0);
    assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("The blue mug shop");
    press("Save");
    assertThat(page.getByText("Saved").first()).isVisible();
  }
}
