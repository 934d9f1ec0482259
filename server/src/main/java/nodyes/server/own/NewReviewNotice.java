package nodyes.server.own;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.outside.Mail;
import nodyes.server.reviews.ReviewLine;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/**
 * Tells the owner of new reviews by mail. What was told of is stored only when the mail server took
 * the notice, so that a server that fails delays it and loses nothing.
 */
@Component
class NewReviewNotice {
  private static final int MOST = 50;

  private final OwnRuleStore rules;
  private final Reviews reviews;
  private final Mail mail;
  private final Shop shop;

  NewReviewNotice(OwnRuleStore rules, Reviews reviews, Mail mail, Shop shop) {
    this.rules = rules;
    this.reviews = reviews;
    this.mail = mail;
    this.shop = shop;
  }

  void run(Instant now) {
    OwnRule rule = rules.rule();
    if (!rule.notice().isDue(Optional.ofNullable(rule.toldAt()), now, shop.settings().zone())) {
      return;
    }
    List<ReviewLine> fresh = reviews.ownSince(rules.toldTo(), MOST);
    if (fresh.isEmpty()) {
      return;
    }
    NoticeLetter letter = NoticeLetter.of(shop.settings().name(), fresh);
    try {
      mail.send(rule.noticeTo(), letter.subject(), letter.text());
      rules.told(fresh.getLast().id(), now);
    } catch (Refusal e) {
      rules.failed(String.valueOf(e.getMessage()), now);
    }
  }
}
