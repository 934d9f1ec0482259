package nodyes.server.submissions;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.messages.Texts;
import nodyes.server.outbound.OutgoingMail;
import nodyes.server.people.Accounts;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/**
 * Tells the owner of new reviews by mail. What was told of is stored only when the mail server took
 * the notice, so that a server that fails delays it and loses nothing.
 */
@Component
class NewReviewNotifier {
  private static final int MOST = 50;

  private final SubmissionPolicyStore rules;
  private final Reviews reviews;
  private final OutgoingMail mail;
  private final Shop shop;
  private final Accounts people;

  NewReviewNotifier(
      SubmissionPolicyStore rules, Reviews reviews, OutgoingMail mail, Shop shop, Accounts people) {
    this.rules = rules;
    this.reviews = reviews;
    this.mail = mail;
    this.shop = shop;
    this.people = people;
  }

  long run(Instant now) {
    SubmissionPolicy rule = rules.rule();
    if (!rule.notice().isDue(Optional.ofNullable(rule.toldAt()), now, shop.settings().zone())) {
      return 0;
    }
    List<ReviewListItem> fresh = reviews.ownSince(rules.toldTo(), MOST);
    if (fresh.isEmpty()) {
      return 0;
    }
    NewReviewMail letter =
        Texts.in(
            people.languageOf(rule.noticeTo()),
            () -> NewReviewMail.of(shop.settings().name(), fresh));
    try {
      mail.send(rule.noticeTo(), letter.subject(), letter.text());
      rules.told(fresh.getLast().id(), now);
      return fresh.size();
    } catch (ApiProblem e) {
      rules.failed(String.valueOf(e.getMessage()), now);
      throw e;
    }
  }
}
