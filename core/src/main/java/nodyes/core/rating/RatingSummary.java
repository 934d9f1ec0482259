package nodyes.core.rating;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Optional;

/**
 * All published ratings of one product, added up.
 *
 * @param sumParts the sum in parts of a star, see {@link Rating}
 * @param histogram how many under each whole star; its total is the number of reviews
 */
public record RatingSummary(long sumParts, Histogram histogram) {
  /** Below it, twice the sum times a hundred stays a long. */
  private static final BigDecimal QUARTER = new BigDecimal("0.25");

  private static final long EASY = 1L << 54;

  private static final int EASY_DIGITS = 2;

  /** No reviews yet: it has no mean. */
  public static final RatingSummary NONE = new RatingSummary(0, Histogram.EMPTY);

  /** Throws {@link IllegalArgumentException} where the sum cannot come from so many reviews. */
  public RatingSummary {
    long count = histogram.total();
    if (sumParts < count * Rating.PER_STAR || sumParts > count * 5 * Rating.PER_STAR) {
      throw new IllegalArgumentException("the sum does not fit the number of reviews");
    }
  }

  /** Adds up the given ratings. */
  public static RatingSummary of(Collection<Rating> ratings) {
    var counts = new long[5];
    long sum = 0;
    for (Rating rating : ratings) {
      counts[rating.wholeStar() - 1]++;
      sum += rating.parts();
    }
    var list = new ArrayList<Long>();
    for (long count : counts) {
      list.add(count);
    }
    return new RatingSummary(sum, new Histogram(list));
  }

  /** Both together. */
  public RatingSummary and(RatingSummary other) {
    var counts = new ArrayList<Long>();
    for (int star = 0; star < histogram.counts().size(); star++) {
      counts.add(histogram.counts().get(star) + other.histogram.counts().get(star));
    }
    return new RatingSummary(sumParts + other.sumParts, new Histogram(counts));
  }

  /** Number of reviews. */
  public long count() {
    return histogram.total();
  }

  /**
   * Arithmetic mean in stars to {@code digits} decimals, as it is {@linkplain RatingFigure
   * written}; empty without reviews.
   */
  public Optional<BigDecimal> mean(int digits) {
    if (count() == 0) {
      return Optional.empty();
    }
    if (sumParts < EASY && digits <= EASY_DIGITS) {
      // the same in whole numbers: every page asks for this
      long scale = digits == 0 ? 1 : digits == 1 ? 10 : 100;
      long parts = count() * Rating.PER_STAR;
      long rounded = (2 * sumParts * scale + parts) / (2 * parts);
      boolean isBest = sumParts == 5 * parts;
      return Optional.of(
          BigDecimal.valueOf(isBest ? rounded : Math.min(rounded, 5 * scale - 1), digits));
    }
    return Optional.of(
        RatingFigure.of(
            BigDecimal.valueOf(sumParts),
            BigDecimal.valueOf(count()).multiply(BigDecimal.valueOf(Rating.PER_STAR)),
            digits));
  }

  /** The exact mean cut down to {@code digits} decimals; empty without reviews. */
  public Optional<BigDecimal> meanCut(int digits) {
    return count() == 0
        ? Optional.empty()
        : Optional.of(
            BigDecimal.valueOf(sumParts)
                .divide(
                    BigDecimal.valueOf(count()).multiply(BigDecimal.valueOf(Rating.PER_STAR)),
                    digits,
                    RoundingMode.DOWN));
  }

  /** The mean cut down to quarter stars, which is how stars are drawn; empty without reviews. */
  public Optional<BigDecimal> quarterStars() {
    if (count() == 0) {
      return Optional.empty();
    }
    long quarters = sumParts * 4 / (count() * Rating.PER_STAR);
    return Optional.of(BigDecimal.valueOf(quarters).multiply(QUARTER));
  }

  /** Whether the mean is at least {@code least} stars, compared exactly; false without reviews. */
  public boolean meanAtLeast(BigDecimal least) {
    return count() > 0
        && BigDecimal.valueOf(sumParts)
                .compareTo(
                    least
                        .multiply(BigDecimal.valueOf(count()))
                        .multiply(BigDecimal.valueOf(Rating.PER_STAR)))
            >= 0;
  }
}
