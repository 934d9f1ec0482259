package nodyes.server.outbound;

import static nodyes.server.messages.Texts.text;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import java.util.Optional;
import nodyes.server.OutboundSettings;
import nodyes.server.web.ApiProblem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;

/** Sends mail through the shop's own mail server (SMTP, RFC 5321), if one is connected. */
@Component
public class OutgoingMail {
  private static final Logger LOG = LoggerFactory.getLogger(OutgoingMail.class);

  private final ObjectProvider<JavaMailSender> sender;
  private final String from;

  OutgoingMail(ObjectProvider<JavaMailSender> sender, OutboundSettings settings) {
    this.sender = sender;
    this.from = settings.mailFrom();
  }

  /** Whether a mail server is connected. */
  public boolean isConnected() {
    return sender.getIfAvailable() != null;
  }

  /** The host and port of the server, if one is connected. */
  public Optional<String> server() {
    return sender.getIfAvailable() instanceof JavaMailSenderImpl server
        ? Optional.of(server.getHost() + ":" + server.getPort())
        : Optional.empty();
  }

  /** Whether a text is one e-mail address (RFC 5322), without a name. */
  public static boolean isAddress(String text) {
    try {
      var address = new InternetAddress(text, true);
      address.validate();
      return text.indexOf('@') > 0 && text.equals(address.getAddress());
    } catch (AddressException e) {
      return false;
    }
  }

  /** Sends plain text; refuses where no server is connected or it does not take the e-mail. */
  public void send(String to, String subject, String text) {
    JavaMailSender server = sender.getIfAvailable();
    if (server == null) {
      throw ApiProblem.unusable(text("outside.noMailServer"));
    }
    try {
      var message = server.createMimeMessage();
      var letter = new MimeMessageHelper(message, "UTF-8");
      letter.setFrom(from);
      letter.setTo(to);
      letter.setSubject(subject);
      letter.setText(text);
      server.send(message);
    } catch (MailException | MessagingException e) {
      LOG.warn("The mail server did not take a letter: {}", e.getClass().getSimpleName());
      throw ApiProblem.unusable(text("outside.mailRefused"));
    }
  }
}
