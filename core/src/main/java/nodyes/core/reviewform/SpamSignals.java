package nodyes.core.reviewform;

import java.time.Duration;
import java.util.EnumSet;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ContactDetails;

/**
 * What of a sent form speaks for a machine or a campaign. A sign decides nothing alone: a review
 * with one waits for the owner, who reads which it was; it never depends on the stars.
 */
public final class SpamSignals {
  /** Nobody reads and fills a form in less. */
  private static final Duration QUICK = Duration.ofSeconds(4);

  private static final int MANY_LINKS = 2;
  private static final int MANY_FROM_ONE = 3;
  private static final int ALIKE = 2;

  private SpamSignals() {}

  /**
   * How a form was sent.
   *
   * @param isTrapFilled whether the field that people do not see was filled in
   * @param taken from opening the form to sending it
   * @param text all that was written, joined
   * @param fromThere how many came from the same address in the last hour, this one not counted
   * @param alike how many stored reviews of any product have the same words
   */
  public record Sent(boolean isTrapFilled, Duration taken, String text, int fromThere, int alike) {}

  /** The signs of a sent form. */
  public static Set<ReviewFlag> of(Sent sent) {
    var signs = EnumSet.noneOf(ReviewFlag.class);
    if (sent.isTrapFilled()) {
      signs.add(ReviewFlag.HONEYPOT);
    }
    if (sent.taken().compareTo(QUICK) < 0) {
      signs.add(ReviewFlag.TOO_FAST);
    }
    long links =
        ContactDetails.in(sent.text()).stream()
            .filter(detail -> detail.kind() == ContactDetails.Kind.LINK)
            .count();
    if (links >= MANY_LINKS) {
      signs.add(ReviewFlag.LINKS);
    }
    if (sent.fromThere() >= MANY_FROM_ONE) {
      signs.add(ReviewFlag.MANY_FROM_ONE);
    }
    if (sent.alike() >= ALIKE) {
      signs.add(ReviewFlag.REPEATED);
    }
    return signs;
  }
}
