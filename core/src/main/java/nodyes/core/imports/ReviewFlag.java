package nodyes.core.imports;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.HatefulWords;

/**
 * What the owner may want to check in a review that arrived. A flag says what was found; it decides
 * nothing. Stored as one bit each, whose places are for ever.
 */
public enum ReviewFlag {
  /** It names a variant that the shop does not sell. */
  VARIANT(0),
  /** Its words are in another language than it says. */
  LANGUAGE(1),
  /** It has no words. */
  NO_WORDS(2),
  /** Its words hold an e-mail address, a link or a telephone number. */
  CONTACT_DETAILS(3),
  /** Its words are nearly those of another review of the product. */
  NEAR_DUPLICATE(4),
  /** It came in a burst of alike ratings that the product's own rate makes unlikely. */
  BURST(5),
  /** Its day lies in the future. */
  FUTURE_DATE(6),
  /** It names a picture that could not be had. */
  PICTURE(7),
  /** A field that people do not see was filled in. */
  HONEYPOT(8),
  /** It was sent faster than anyone writes. */
  TOO_FAST(9),
  /** It holds several links. */
  LINKS(10),
  /** Several came from one address within an hour. */
  MANY_FROM_ONE(11),
  /** The same words stand in reviews of other products. */
  REPEATED(12),
  /** Its words name another product of the shop, and not this one. */
  OTHER_PRODUCT(13),
  /** Its words attack people for what they are, or wish them harm. */
  HATEFUL(14);

  /** What is too serious to be published without someone having looked. */
  public static final Set<ReviewFlag> SERIOUS =
      java.util.Collections.unmodifiableSet(
          EnumSet.of(CONTACT_DETAILS, FUTURE_DATE, OTHER_PRODUCT, HATEFUL));

  /** What speaks for a machine or a campaign in a review that was sent by the form. */
  public static final Set<ReviewFlag> OF_SPAM =
      java.util.Collections.unmodifiableSet(
          EnumSet.of(HONEYPOT, TOO_FAST, LINKS, MANY_FROM_ONE, REPEATED));

  private final int place;

  ReviewFlag(int place) {
    this.place = place;
  }

  /** The bit it is stored as. */
  public long bit() {
    return 1L << place;
  }

  /** What there is to check in the words of a review, read by themselves. */
  public static Set<ReviewFlag> ofWords(Optional<String> words) {
    if (words.isEmpty()) {
      return EnumSet.of(NO_WORDS);
    }
    var flags = EnumSet.noneOf(ReviewFlag.class);
    if (!ContactDetails.in(words.get()).isEmpty()) {
      flags.add(CONTACT_DETAILS);
    }
    if (HatefulWords.in(words.get())) {
      flags.add(HATEFUL);
    }
    return flags;
  }

  /** Flags as one number. */
  public static long bits(Collection<ReviewFlag> flags) {
    return flags.stream().mapToLong(ReviewFlag::bit).reduce(0, (a, b) -> a | b);
  }

  /** Flags from their number; bits that mean nothing are passed over. */
  public static Set<ReviewFlag> of(long bits) {
    var flags = EnumSet.noneOf(ReviewFlag.class);
    for (ReviewFlag flag : values()) {
      if ((bits & flag.bit()) != 0) {
        flags.add(flag);
      }
    }
    return flags;
  }
}
