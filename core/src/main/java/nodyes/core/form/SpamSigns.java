package nodyes.core.form;

import java.time.Duration;
import java.util.EnumSet;
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.review.ContactDetails;

/**
 * What of a sent form speaks for a machine or a campaign. A sign decides nothing alone: a review
 * with one waits for the owner, who reads which it was; it never depends on the stars.
 */
public final class SpamSigns {
  /** Nobody reads and fills a form in less. */
  private static final Duration QUICK = Duration.ofSeconds(4);

  private static final int MANY_LINKS = 2;
  private static final int MANY_FROM_ONE = 3;
  private static final int ALIKE = 2;

  private SpamSigns() {}

  /**
   * How a form was sent.
   *
   * @param isTrapFilled whether the field that people do not see was filled in
   * @param taken from opening the form to sending it
   * @param words all that was written, joined
   * @param fromThere how many came from the same address in the last hour, this one not counted
   * @param alike how many stored reviews of any product have the same words
   */
  public record Sent(
      boolean isTrapFilled, Duration taken, String words, int fromThere, int alike) {}

  /** The signs of a sent form. */
  public static Set<Flag> of(Sent sent) {
    var signs = EnumSet.noneOf(Flag.class);
    if (sent.isTrapFilled()) {
      signs.add(Flag.TRAP);
    }
    if (sent.taken().compareTo(QUICK) < 0) {
      signs.add(Flag.QUICK);
    }
    long links =
        ContactDetails.in(sent.words()).stream()
            .filter(detail -> detail.kind() == ContactDetails.Kind.LINK)
            .count();
    if (links >= MANY_LINKS) {
      signs.add(Flag.LINKS);
    }
    if (sent.fromThere() >= MANY_FROM_ONE) {
      signs.add(Flag.MANY_FROM_ONE);
    }
    if (sent.alike() >= ALIKE) {
      signs.add(Flag.REPEATED);
    }
    return signs;
  }
}
