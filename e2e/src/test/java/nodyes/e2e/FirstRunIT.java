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
  private static final String ANY_PRODUCT =
      "Open any product in your shop and paste its address here.";

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
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first().fill(value);
  }

  private void press(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .first()
        .click();
  }

  private void nothingWrongForAxe() throws IOException {
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  @Test
  public void fromTheCodeToEmptyPlacesAndBackIn() throws Exception {
    page.navigate(office + "/reviews");
    assertThat(page.getByText("Create the owner account")).isVisible();
    nothingWrongForAxe();
    fill("One-time code", server.code);
    fill("Your name", "Rita");
    fill("E-mail address", "rita@shop.example");
    fill("Password", "short");
    press("Create account");
    assertThat(page.getByText("Use at least 15 characters. A short sentence works well."))
        .isVisible();
    complaints.clear(); // the browser notes every refusal
    fill("Password", "A short sentence works well");
    press("Create account");
    assertThat(page.getByText("No reviews yet")).isVisible();
    nothingWrongForAxe();

    page.navigate(office + "/pages");
    assertThat(page.getByText("Your shop is not connected yet")).isVisible();
    nothingWrongForAxe();
    assertThat(page.getByLabel("First steps").getByText("Import reviews")).isVisible();
    page.getByLabel("First steps").getByText("Connect your shop").click();
    assertThat(page.getByText("One line connects your shop")).isVisible();
    assertThat(page.getByText("data-shop=").first()).isVisible();
    nothingWrongForAxe();
    fill(ANY_PRODUCT, "https://shop.example/p/1");
    press("Read it");
    assertThat(page.getByText("Import your products first")).isVisible();
    complaints.clear();
    page.navigate(office + "/setup");
    fill("Address", "ftp://shop.example");
    press("Save");
    assertThat(page.getByText("Use https://shop.example, without a path.")).isVisible();
    complaints.clear();

    page.navigate(office + "/delivery");
    assertThat(page.getByText("No products yet")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Import products")).click();
    FileChooser chooser = page.waitForFileChooser(() -> press("Choose a file"));
    chooser.setFiles(
        new FilePayload(
            "products.csv",
            "text/csv",
            "Product;Price;Stock\nBlue mug;14,00;12\n".getBytes(StandardCharsets.UTF_8)));
    press("Import 1 product");
    assertThat(page.getByText("1 imported")).isVisible();
    nothingWrongForAxe();
    page.navigate(office + "/pages");
    assertThat(page.getByLabel("First steps").getByText("1 product imported")).isVisible();
    page.navigate(office + "/setup/connect");
    fill(ANY_PRODUCT, "https://shop.example/p/blue-mug?from=mail");
    press("Read it");
    assertThat(page.getByText("not needed")).isVisible();
    assertThat(page.getByText("No website found at shop.example").first()).isVisible();
    press("Use these addresses");
    assertThat(page.getByText("Addresses saved").first()).isVisible();
    nothingWrongForAxe();

    press("Sign out");
    assertThat(page.getByText("Sign in").first()).isVisible();
    nothingWrongForAxe();
    fill("E-mail address", "rita@shop.example");
    fill("Password", "not this one at all");
    press("Sign in");
    assertThat(page.getByText("Wrong e-mail address or password.")).isVisible();
    complaints.clear();
    fill("Password", "A short sentence works well");
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
    assertThat(page.getByText("You were signed out")).isVisible();
    nothingWrongForAxe();
    fill("E-mail address", "rita@shop.example");
    fill("Password", "A short sentence works well");
    press("Sign in");
    assertThat(page.getByText("You were signed out")).hasCount(0);
    complaints.clear(); // what was asked in the background meanwhile was refused too
    assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).first())
        .hasValue("The blue mug shop");
    press("Save");
    assertThat(page.getByText("Shop details saved").first()).isVisible();
  }
}
