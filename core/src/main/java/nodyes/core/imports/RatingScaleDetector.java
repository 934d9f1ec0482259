package nodyes.core.imports;

import java.math.BigDecimal;
import nodyes.core.common.Decimals;
import nodyes.core.rating.RatingScale;

/**
 * What the ratings of a file say about their scale. A few ratings over the best of a scale are
 * taken for mistakes, not for another scale: else one slip of the pen would shift every other
 * rating of the file.
 */
public final class RatingScaleDetector {
  private static final BigDecimal FIVE = BigDecimal.valueOf(5);
  private static final BigDecimal TEN = BigDecimal.TEN;

  private BigDecimal highest = BigDecimal.ZERO;
  private long ratings;
  private long overFive;
  private long overTen;

  /** Looks at one rating; a text that is no number says nothing. */
  public void see(String text) {
    if (text.length() > 8) {
      return;
    }
    BigDecimal rating;
    try {
      rating = Decimals.of(text.strip().replace(',', '.'));
    } catch (NumberFormatException e) {
      return;
    }
    ratings++;
    overFive += rating.compareTo(FIVE) > 0 ? 1 : 0;
    overTen += rating.compareTo(TEN) > 0 ? 1 : 0;
    highest = highest.max(rating);
  }

  /**
   * 1 to 5, unless at least half of the ratings are over 5: then 1 to 10, unless at least half of
   * those are over 10: then 0 to 100.
   */
  public RatingScale scale() {
    if (overFive * 2 < ratings || overFive == 0) {
      return RatingScale.ONE_TO_FIVE;
    }
    return overTen * 2 >= overFive ? RatingScale.of(0, 100) : RatingScale.of(1, 10);
  }

  /**
   * The scale of ratings that a page states in schema.org's terms: what names no bestRating is of
   * 5, whatever its neighbours say (schema.org, Rating).
   */
  public static RatingScale ofVocabulary() {
    return RatingScale.ONE_TO_FIVE;
  }

  /** The highest rating seen; 0 where there was none. */
  public BigDecimal highest() {
    return highest;
  }
}
