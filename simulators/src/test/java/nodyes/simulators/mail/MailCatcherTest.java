package nodyes.simulators.mail;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import nodyes.simulators.Asking;
import org.testng.annotations.Test;

public class MailCatcherTest {
  @Test
  public void aLetterIsTakenAndShownAsText() throws Exception {
    try (var catcher = new MailCatcher(0)) {
      assertTrue(Asking.get(catcher.address()).body().contains("None yet"));
      GreenMailUtil.sendTextEmail(
          "owner@shop.example",
          "nod-yes@shop.example",
          "A new <review>",
          "Drains <b>well</b>",
          new ServerSetup(catcher.smtpPort(), "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
      String page = Asking.get(catcher.address()).body();
      assertTrue(page.contains("A new &lt;review>"), page);
      assertTrue(page.contains("to owner@shop.example, from nod-yes@shop.example"), page);
      assertTrue(page.contains("Drains &lt;b>well"), page);
      assertFalse(page.contains("None yet"), page);
      assertEquals(Asking.get(catcher.address()).statusCode(), 200);
    }
  }
}
