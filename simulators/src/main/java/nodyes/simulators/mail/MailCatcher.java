package nodyes.simulators.mail;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeUtility;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import nodyes.simulators.web.SimulatorServer;
import nodyes.simulators.web.SimulatorServer.Answer;
import org.jspecify.annotations.Nullable;

/** A mail server that takes every e-mail, passes none on, and shows them on a page. */
public final class MailCatcher implements AutoCloseable {
  private static final int MOST = 100;

  private final GreenMail mail;
  private final SimulatorServer server;

  /** Starts it, its page on a port; 0 stands for a free one. */
  public MailCatcher(int port) {
    mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mail.start();
    server = new SimulatorServer(port, _ -> Answer.page(page()));
  }

  /** Where its page is. */
  public String address() {
    return server.address();
  }

  /** The port that it takes e-mails at (SMTP). */
  public int smtpPort() {
    return mail.getSmtp().getPort();
  }

  private String page() {
    List<MimeMessage> newest = Arrays.asList(mail.getReceivedMessages()).reversed();
    var page =
        new StringBuilder(
            "<!doctype html><html lang=en><meta charset=utf-8><title>Letters</title>"
                + "<style>body{font:16px/1.5 sans-serif;max-width:44em;margin:2em auto;padding:0"
                + " 1em}article{border-top:1px solid;padding:1em 0}pre{white-space:pre-wrap}"
                + "</style><h1>Letters</h1>");
    if (newest.isEmpty()) {
      page.append("<p>None yet. What Nod Yes sends comes here and goes nowhere else.");
    }
    newest.stream().limit(MOST).forEach(letter -> page.append(article(letter)));
    return page.toString();
  }

  private static String article(MimeMessage letter) {
    try {
      return "<article><h2>"
          + escaped(letter.getSubject())
          + "</h2><p>to "
          + escaped(GreenMailUtil.getAddressList(letter.getAllRecipients()))
          + ", from "
          + escaped(GreenMailUtil.getAddressList(letter.getFrom()))
          + "<pre>"
          + escaped(text(letter))
          + "</pre></article>";
    } catch (MessagingException | IOException e) {
      return "<article><p>A letter that cannot be read.</article>";
    }
  }

  private static String text(MimeMessage letter) throws MessagingException, IOException {
    try (var in = MimeUtility.decode(letter.getRawInputStream(), letter.getEncoding())) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static String escaped(@Nullable String text) {
    return text == null
        ? ""
        : text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
  }

  @Override
  public void close() {
    server.close();
    mail.stop();
  }
}
