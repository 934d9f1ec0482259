package nodyes.core.price;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Optional;
import org.joda.money.Money;

/**
 * A price and the higher one before it.
 *
 * @param price what it costs
 * @param prior what it is compared with
 * @param percent how far the price lies under the prior one, rounded down to a whole percent: 0
 *     where it is less than 1, and never 100 for a price above zero
 * @param basis what the prior price rests on
 */
public record PriceDrop(Money price, Money prior, int percent, Basis basis) {
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

  /** What a prior price rests on. */
  public sealed interface Basis {}

  /**
   * On the recorded prices.
   *
   * @param began when the reduction began
   * @param priorFrom when the prior price came into force
   * @param isWhole whether the prices of all of the days that are looked back on are known
   */
  public record Recorded(Instant began, Instant priorFrom, boolean isWhole) implements Basis {}

  /** On a price of reference that the owner gives. */
  public record OwnersReference() implements Basis {}

  /**
   * The two compared: (prior - price) / prior x 100, rounded down, so that it is never told as more
   * than it is.
   *
   * @return empty where they cannot be compared, or the price is no lower
   */
  public static Optional<PriceDrop> of(Money price, Money prior, Basis basis) {
    if (!price.isSameCurrency(prior) || !prior.isPositive() || price.isNegative()) {
      return Optional.empty();
    }
    BigDecimal fall = prior.getAmount().subtract(price.getAmount());
    if (fall.signum() <= 0) {
      return Optional.empty();
    }
    int percent =
        fall.multiply(HUNDRED).divide(prior.getAmount(), 0, RoundingMode.DOWN).intValueExact();
    return Optional.of(new PriceDrop(price, prior, percent, basis));
  }

  /** Whether it is a reduction to speak of: 1 percent or more. */
  public boolean isTold() {
    return percent >= 1;
  }

  /** How much less it costs. */
  public Money amount() {
    return prior.minus(price);
  }
}
