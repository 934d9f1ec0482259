package nodyes.server.submissions;

import static nodyes.server.messages.Texts.text;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.PublicationPolicy;
import nodyes.core.review.ReviewStatus;
import nodyes.core.reviewform.FormField;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.moderation.Moderation;
import nodyes.server.reviewform.FormTokens;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Takes reviews that shoppers write in the shop. */
@Component
public class ReviewSubmissions {
  /** Who publishes what the owner wants published at once. */
  static final String BY_RULE = "your rule for new reviews";

  private final FormTokens tokens;
  private final SubmissionValidator validator;
  private final SubmissionSpam spam;
  private final SubmissionStore store;
  private final SubmissionPolicyStore rules;
  private final Moderation moderation;
  private final ReviewerMails mails;

  ReviewSubmissions(
      FormTokens tokens,
      SubmissionValidator validator,
      SubmissionSpam spam,
      SubmissionStore store,
      SubmissionPolicyStore rules,
      Moderation moderation,
      ReviewerMails mails) {
    this.tokens = tokens;
    this.validator = validator;
    this.spam = spam;
    this.store = store;
    this.rules = rules;
    this.moderation = moderation;
    this.mails = mails;
  }

  /**
   * What was written.
   *
   * @param product slug of the product
   * @param variant the shop's variant
   * @param stars 1 to 5
   * @param texts by field, those that were filled in
   * @param nameForm how the writer wants the name shown
   * @param criteria stars for single things, by the criterion's id
   * @param pictures files that were sent ahead
   * @param language that the form was in
   */
  public record SubmittedReview(
      String product,
      @Nullable String variant,
      int stars,
      Map<FormField, String> texts,
      NameDisplay nameForm,
      Map<Long, Integer> criteria,
      List<String> pictures,
      String language) {
    Optional<String> text(FormField field) {
      return Optional.ofNullable(texts.get(field)).filter(text -> !text.isEmpty());
    }
  }

  /**
   * How it was sent.
   *
   * @param token of the form
   * @param isTrapFilled whether the field that people do not see was filled in
   * @param caller address it came from; not kept
   */
  public record SubmissionContext(String token, boolean isTrapFilled, String caller) {}

  /** What became of it: its id, and whether shoppers see it already. */
  public record SubmissionResult(long id, boolean isPublished) {}

  /** Changes what becomes of new reviews, and who is told of them. */
  public void follow(PublicationPolicy admission, NotificationFrequency notice, String noticeTo) {
    rules.save(admission, notice, noticeTo);
  }

  /** Stores what was written. A form that is sent twice is one review. */
  public SubmissionResult take(SubmittedReview written, SubmissionContext sending) {
    FormTokens.Opened opened = tokens.read(sending.token(), written.product());
    Optional<SubmissionResult> before = store.became(opened.nonce());
    if (before.isPresent()) {
      return before.get();
    }
    CatalogueProduct product = validator.check(written);
    ImportedReview review = store.candidate(written);
    Set<ReviewFlag> signs = spam.signs(review, opened, sending);
    boolean isPublished =
        signs.isEmpty()
            && rules.rule().admission().first(review.text().body().orElse(""))
                == ReviewStatus.PUBLISHED;
    long id = store.add(store.fresh(review, written, product, signs), written, opened.nonce());
    spam.sent(sending.caller());
    written
        .text(FormField.EMAIL)
        .ifPresent(address -> mails.write(id, address, written.language()));
    if (isPublished) {
      moderation.move(Set.of(id), ReviewStatus.PUBLISHED, Optional.empty(), BY_RULE);
    }
    return new SubmissionResult(id, isPublished);
  }
}
