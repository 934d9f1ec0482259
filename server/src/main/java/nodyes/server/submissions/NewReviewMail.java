package nodyes.server.submissions;

import java.util.List;
import java.util.stream.Collectors;
import nodyes.core.review.ReviewStatus;
import nodyes.server.messages.Texts;
import nodyes.server.messages.Written;
import nodyes.server.reviews.ReviewListItem;

/** The e-mail that tells of new reviews. */
record NewReviewMail(String subject, String text) {
  private static final int LONGEST = 400;

  static NewReviewMail of(String shop, List<ReviewListItem> fresh) {
    long waiting =
        fresh.stream().filter(one -> one.moderation().status() == ReviewStatus.PENDING).count();
    String subject = Texts.text("mail.newReviews.subject", "shop", shop, "count", fresh.size());
    String lead =
        Texts.text("mail.newReviews.lead", "waiting", waiting, "published", fresh.size() - waiting);
    String reviews = fresh.stream().map(NewReviewMail::told).collect(Collectors.joining("\n\n"));
    return new NewReviewMail(
        oneLine(subject),
        lead + "\n\n" + reviews + "\n\n" + Texts.text("mail.newReviews.foot") + "\n");
  }

  private static String told(ReviewListItem review) {
    var told =
        new StringBuilder(
            Texts.text(
                "mail.newReviews.each",
                "product",
                oneLine(review.subject().productTitle()),
                "stars",
                Written.decimal(review.stars()),
                "reviewer",
                review.writer().reviewer() == null ? "none" : oneLine(review.writer().reviewer())));
    if (review.text().title() != null) {
      told.append('\n').append(oneLine(review.text().title()));
    }
    if (review.text().wordsShown() != null) {
      told.append('\n').append(cut(review.text().wordsShown()));
    }
    return told.toString();
  }

  private static String cut(String words) {
    return words.codePointCount(0, words.length()) <= LONGEST
        ? words
        : words.substring(0, words.offsetByCodePoints(0, LONGEST)) + "…";
  }

  /** Nothing that a shopper typed may begin a line of its own, least of all in a header. */
  private static String oneLine(String text) {
    return text.replaceAll("\\R|\\p{Cntrl}", " ");
  }
}
