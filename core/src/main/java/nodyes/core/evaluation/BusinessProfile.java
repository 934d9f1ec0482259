package nodyes.core.evaluation;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import nodyes.core.review.Quote;

/**
 * The shop's own entry in a business directory, as it was last given.
 *
 * @param average of all its reviews there, if told
 * @param count how many it has there, if told
 * @param link where all of them are read
 * @param quotes the reviews that came with it
 */
public record BusinessProfile(
    Optional<BigDecimal> average, Optional<Long> count, Optional<String> link, List<Quote> quotes) {
  /** No directory is connected. */
  public static final BusinessProfile NONE =
      new BusinessProfile(Optional.empty(), Optional.empty(), Optional.empty(), List.of());

  /** Keeps the quotes unchangeable. */
  public BusinessProfile {
    quotes = List.copyOf(quotes);
  }
}
