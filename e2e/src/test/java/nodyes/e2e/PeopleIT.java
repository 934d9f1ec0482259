package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** An owner invites someone, asks for a second step, and sees who did what and where. */
public class PeopleIT extends InBrowser {
  private static final String PASSWORD = "three pots of clay";
  private Served server;

  @BeforeClass
  public void serve() throws IOException, InterruptedException {
    server = new Served();
  }

  @AfterClass(alwaysRun = true)
  public void stopServing() {
    server.close();
  }

  private void fill(String label, String value) {
    page.getByLabel(label, exactly()).fill(value);
  }

  private void nothingWrongForAxe() throws IOException {
    assertEquals(String.join("\n", axe(page.mainFrame())), "");
  }

  private void signIn(String email) {
    fill("E-mail address", email);
    fill("Password", PASSWORD);
    button("Sign in").click();
  }

  /** RFC 6238 with what every app takes: SHA-1, six digits, thirty seconds. */
  private static String codeOf(String base32, long step) throws Exception {
    var bits = new StringBuilder();
    for (char letter : base32.replace(" ", "").toCharArray()) {
      int value = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567".indexOf(letter);
      bits.append(String.format("%5s", Integer.toBinaryString(value)).replace(' ', '0'));
    }
    var key = new byte[bits.length() / 8];
    for (int i = 0; i < key.length; i++) {
      key[i] = (byte) Integer.parseInt(bits.substring(8 * i, 8 * i + 8), 2);
    }
    Mac mac = Mac.getInstance("HmacSHA1");
    mac.init(new SecretKeySpec(key, "HmacSHA1"));
    byte[] hash = mac.doFinal(ByteBuffer.allocate(8).putLong(step).array());
    int number = ByteBuffer.wrap(hash).getInt(hash[19] & 15) & Integer.MAX_VALUE;
    return String.format("%06d", number % 1_000_000);
  }

  private long step() throws Exception {
    return server.now().getEpochSecond() / 30;
  }

  @Test
  public void fromAnInvitationToASecondStepAndWhatWasDone() throws Exception {
    page.navigate(server.office + "/today");
    fill("One-time code", server.code);
    fill("Your name", "Rita");
    fill("E-mail address", "rita@shop.example");
    fill("Password", PASSWORD);
    button("Create account").click();
    page.getByRole(AriaRole.LINK, named("Setup")).click();
    page.getByRole(AriaRole.LINK, named("People")).click();
    assertThat(page.getByText("Who can do what")).isVisible();
    fill("E-mail address to invite", "tome@shop.example");
    button("Role: reviews").click();
    page.getByRole(AriaRole.MENUITEMRADIO, named("read only")).click();
    button("Create link").click();
    String link =
        page.locator("code", new Page.LocatorOptions().setHasText("#invitation=")).innerText();
    assertThat(page.getByText("Rita invited tome@shop.example (read only)")).isVisible();
    nothingWrongForAxe();
    Download csv =
        page.waitForDownload(() -> page.getByRole(AriaRole.LINK, named("Export (CSV)")).click());
    assertTrue(
        Files.readString(csv.path())
            .contains(",Rita,People,invited tome@shop.example (read only)"));

    // the owner's own second step
    page.getByRole(AriaRole.LINK, named("Rita")).click();
    page.getByLabel("Your password", exactly()).fill(PASSWORD);
    button("Set up").click();
    String secret = page.getByText("Secret:").locator("code").innerText();
    nothingWrongForAxe();
    fill("Code from the app", codeOf(secret, step()));
    button("Confirm").click();
    assertThat(page.getByLabel("Recovery codes").locator("li")).hasCount(10);
    String spare = page.getByLabel("Recovery codes").locator("li").first().innerText();
    button("I have stored them").click();
    assertThat(page.getByText("10 of 10 recovery codes left")).isVisible();
    nothingWrongForAxe();

    // someone else, in another browser
    open(1280, 800).navigate(link);
    assertThat(page.getByText("You sign in with tome@shop.example.")).isVisible();
    nothingWrongForAxe();
    fill("Your name", "Tomé");
    fill("New password", "short");
    button("Join").click();
    assertThat(page.getByText("Use at least 15 characters")).isVisible();
    complaints.clear();
    fill("New password", PASSWORD);
    button("Join").click();
    assertThat(page.getByRole(AriaRole.LINK, named("Tomé"))).isVisible();
    assertTrue(!page.url().contains("invitation"), page.url());
    assertThat(page.getByText("You can view everything but change nothing.")).isVisible();
    page.navigate(server.office + "/setup/people");
    assertThat(page.getByText("You are not allowed to do this.").first()).isVisible();
    complaints.clear();

    // back as the owner, by a spare code
    open(1280, 800).navigate(server.office + "/setup/people");
    signIn("rita@shop.example");
    fill("Code from your authenticator app", "000000");
    button("Sign in").click();
    assertThat(page.getByText("This code is wrong or was already used.")).isVisible();
    complaints.clear();
    fill("Code from your authenticator app", spare);
    button("Sign in").click();
    assertThat(page.getByText("Tomé").first()).isVisible();
    page.getByRole(AriaRole.BUTTON, named("Tomé tome@shop.example")).click();
    assertThat(page.getByLabel("Devices of Tomé").getByText("Linux").first()).isVisible();
    page.getByLabel("Devices of Tomé").getByRole(AriaRole.BUTTON).first().click();
    assertThat(page.getByLabel("Devices of Tomé").getByText("No devices.")).isVisible();
    assertThat(page.getByText("Rita signed Tomé out on one device")).isVisible();
    nothingWrongForAxe();
  }
}
