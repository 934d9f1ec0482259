package nodyes.core.structureddata;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Whether a product can be had, in schema.org's terms (ItemAvailability).
 *
 * @param term one of its members
 * @param from the day from which it can be had again (Offer.availabilityStarts), if one is known
 */
public record Availability(Term term, Optional<LocalDate> from) {
  /** Members of ItemAvailability. */
  public enum Term {
    /** It can be sent at once. */
    IN_STOCK("InStock"),
    /** It cannot be had. */
    OUT_OF_STOCK("OutOfStock"),
    /** It is sold out and can be ordered for a day to come. */
    BACK_ORDER("BackOrder"),
    /** It is made when it is ordered. */
    MADE_TO_ORDER("MadeToOrder");

    private final String name;

    Term(String name) {
      this.name = name;
    }

    /** Its address. */
    public String address() {
      return "https://schema.org/" + name;
    }
  }

  /**
   * As the page says it; empty where the stock is not known.
   *
   * @param stock pieces that can be sent at once, if known
   * @param isMadeToOrder whether it is made when it is ordered
   * @param backOn the day from which it can be had again, if told
   * @param today the shop's day
   */
  public static Optional<Availability> of(
      Optional<Long> stock, boolean isMadeToOrder, Optional<LocalDate> backOn, LocalDate today) {
    if (isMadeToOrder) {
      return Optional.of(new Availability(Term.MADE_TO_ORDER, Optional.empty()));
    }
    return stock.map(
        pieces -> {
          Optional<LocalDate> ahead = backOn.filter(today::isBefore);
          return pieces > 0
              ? new Availability(Term.IN_STOCK, Optional.empty())
              : new Availability(ahead.isPresent() ? Term.BACK_ORDER : Term.OUT_OF_STOCK, ahead);
        });
  }
}
