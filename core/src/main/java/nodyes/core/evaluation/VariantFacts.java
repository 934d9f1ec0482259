package nodyes.core.evaluation;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import nodyes.core.price.PriceDrop;
import nodyes.core.price.PriceHistory;
import org.joda.money.Money;

/**
 * What is so about one variant.
 *
 * @param sku its number in the shop
 * @param price what it costs, if known
 * @param history its recorded and planned prices
 * @param reference a price of reference that the owner gives
 * @param stock pieces that can be sent at once; empty where it is not known, which is not zero
 * @param availableFrom the day from which it can be had again
 * @param isMadeToOrder whether it is made when it is ordered, and so never out of stock
 * @param delivered pieces that there were when the stock last rose, if that was seen
 */
public record VariantFacts(
    String sku,
    Optional<Money> price,
    PriceHistory history,
    Optional<Money> reference,
    Optional<Long> stock,
    Optional<LocalDate> availableFrom,
    boolean isMadeToOrder,
    Optional<Long> delivered) {
  /** A variant whose last delivery is not known. */
  public VariantFacts(
      String sku,
      Optional<Money> price,
      PriceHistory history,
      Optional<Money> reference,
      Optional<Long> stock,
      Optional<LocalDate> backOn,
      boolean isMadeToOrder) {
    this(sku, price, history, reference, stock, backOn, isMadeToOrder, Optional.empty());
  }

  /** A variant of which the price alone is known. */
  public static VariantFacts priced(String sku, Money price) {
    return new VariantFacts(
        sku,
        Optional.of(price),
        PriceHistory.NONE,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        false);
  }

  /** Whether it can be bought now, as far as is known. */
  boolean canBeBought() {
    return isMadeToOrder || stock.isEmpty() || stock.get() > 0;
  }

  /** What is told of its price beside the lowest before it, where nothing else is set. */
  public Optional<PriceDrop> toldDrop(Instant moment, ZoneId zone) {
    return Fall.of(this, Fall.Rule.USUAL, moment, zone).drop();
  }

  /** The price in force at a moment: as recorded, else the one that is known. */
  public Optional<Money> priceAt(Instant moment) {
    return history.at(moment).or(() -> price);
  }
}
