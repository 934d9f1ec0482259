package nodyes.server.people;

import static java.util.Objects.requireNonNull;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import jakarta.servlet.http.Cookie;
import java.time.Clock;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What people are told of their accounts by e-mail. */
@TestPropertySource(properties = "nodyes.address=https://nods.shop.example")
public class AccountMailTest extends ServerTest {
  private static final String PASSWORD = "three pots of clay";

  @Autowired private AccountStore store;
  @Autowired private Passwords passwords;
  @Autowired private Clock clock;
  @Autowired private JavaMailSenderImpl sender;
  private final GreenMail mail =
      new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));

  @BeforeClass
  public void start() {
    mail.start();
    sender.setHost("127.0.0.1");
    sender.setPort(mail.getSmtp().getPort());
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    mail.stop();
  }

  private void person(String name) {
    store.add(name + "@shop.example", name, passwords.hash(PASSWORD), Role.EDITOR, clock.instant());
  }

  private ResultActions sends(String address, Object body, Cookie... cookies) throws Exception {
    var request =
        post(address)
            .header("Host", "evil.example")
            .contentType(MediaType.APPLICATION_JSON)
            .content(json.writeValueAsString(body));
    return http.perform(cookies.length == 0 ? request : request.cookie(cookies));
  }

  private MimeMessage letter(int number) {
    assertTrue(mail.waitForIncomingEmail(20_000, number), "letter " + number);
    return mail.getReceivedMessages()[number - 1];
  }

  @Test
  public void aNewDeviceIsToldAndAKnownOneIsNot() throws Exception {
    person("told");
    int before = mail.getReceivedMessages().length;
    var signIn = Map.of("email", "told@shop.example", "password", PASSWORD);
    var first =
        sends("/api/v1/session", signIn).andExpect(status().isOk()).andReturn().getResponse();
    MimeMessage told = letter(before + 1);
    assertEquals(told.getSubject(), "New device signed in to Nod Yes");
    assertEquals(told.getAllRecipients()[0].toString(), "told@shop.example");
    sends("/api/v1/session", signIn, requireNonNull(first.getCookie("nodyes-device")))
        .andExpect(status().isOk());
    sends("/api/v1/session", signIn).andExpect(status().isOk());
    letter(before + 2);
    assertEquals(mail.getReceivedMessages().length, before + 2);
  }

  /** Of what a request says of the host nothing goes into an e-mail: a stranger asked for it. */
  @Test
  public void aLinkForANewPasswordLeadsWhereTheOwnerSaid() throws Exception {
    person("lost");
    int before = mail.getReceivedMessages().length;
    sends("/api/v1/account/reset", Map.of("email", "LOST@shop.example")).andExpect(status().isOk());
    String text = String.valueOf(letter(before + 1).getContent());
    Matcher link =
        Pattern.compile("https://nods\\.shop\\.example/today#reset=(\\S+)").matcher(text);
    assertTrue(link.find(), text);
    assertTrue(!text.contains("evil"), text);
    sends(
            "/api/v1/account/reset/password",
            Map.of("token", link.group(1), "password", "four pots of clay now"))
        .andExpect(status().isNoContent());
    sends(
            "/api/v1/session",
            Map.of("email", "lost@shop.example", "password", "four pots of clay now"))
        .andExpect(status().isOk());
  }
}
