package nodyes.server.submissions;

import static nodyes.server.messages.Texts.text;

import java.util.Optional;
import java.util.Set;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.server.moderation.Moderation;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Signer;
import org.springframework.stereotype.Component;

/** Lets whoever wrote a review take it back, by a link that no one else has. */
@Component
class ReviewWithdrawal {
  private static final String PURPOSE = "take-back";
  private static final String BY_WRITER = "its writer";

  private final Signer signer;
  private final Reviews reviews;
  private final Moderation moderation;
  private final Shop shop;

  ReviewWithdrawal(Signer signer, Reviews reviews, Moderation moderation, Shop shop) {
    this.signer = signer;
    this.reviews = reviews;
    this.moderation = moderation;
    this.shop = shop;
  }

  /** The key to a review. */
  String key(long review) {
    return signer.sign(PURPOSE, String.valueOf(review));
  }

  /** What stands behind the address of the product's page, where the script asks about it. */
  String fragment(long review) {
    return "nodyes-take-back=" + review + "." + key(review);
  }

  /** The address under which it is withdrawn; empty while the shop's pages are not known. */
  Optional<String> address(ReviewListItem review) {
    return shop.settings()
        .origin()
        .map(
            origin ->
                origin
                    + shop.settings().productPage(review.subject().product())
                    + "#"
                    + fragment(review.id()));
  }

  /** The review that a key opens; refuses with 404 for any other. */
  ReviewListItem opened(long review, String key) {
    return Optional.of(review)
        .filter(_ -> signer.isSigned(PURPOSE, String.valueOf(review), key))
        .flatMap(reviews::find)
        .orElseThrow(() -> ApiProblem.notFound(text("form.linkOpensNothing")));
  }

  /** Takes it back; once it is, nothing changes. */
  void takeBack(long review, String key) {
    if (opened(review, key).moderation().status() != ReviewStatus.LEFT_OUT) {
      moderation.move(
          Set.of(review),
          ReviewStatus.LEFT_OUT,
          Optional.of(LeaveOutReason.WITHDRAWN_BY_ITS_WRITER),
          BY_WRITER);
    }
  }
}
