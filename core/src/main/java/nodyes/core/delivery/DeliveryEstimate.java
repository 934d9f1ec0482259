package nodyes.core.delivery;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;

/** What can be said of when an order arrives. */
public sealed interface DeliveryEstimate {
  /** The first instant at which, with the same settings and stock, the answer could differ. */
  ValidUntil validUntil();

  /**
   * Days, the first included and the last.
   *
   * @param first at the soonest
   * @param last at the latest
   */
  record DateRange(LocalDate first, LocalDate last) {
    /** The later of both ends each: when all of it is there. */
    DateRange together(DateRange other) {
      return new DateRange(later(first, other.first), later(last, other.last));
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
      return one.isAfter(other) ? one : other;
    }
  }

  /**
   * A promise.
   *
   * @param placedOn the shop's day of the order
   * @param dayZero the day on which it counts
   * @param leaves when it leaves the shop
   * @param arrives when it arrives
   * @param cutOff until when an order counts on that day
   * @param availableFrom the day from which it can be had again, where it waits for that
   * @param validUntil as every answer has it
   */
  record Estimated(
      LocalDate placedOn,
      LocalDate dayZero,
      DateRange leaves,
      DateRange arrives,
      Instant cutOff,
      Optional<LocalDate> availableFrom,
      ValidUntil validUntil)
      implements DeliveryEstimate {
    /** As one thing of several: it holds no longer than they do, and waits for none of them. */
    public Estimated within(ValidUntil other) {
      return new Estimated(
          placedOn, dayZero, leaves, arrives, cutOff, Optional.empty(), validUntil.and(other));
    }

    /**
     * Several things sent in one parcel: as late as the latest of them.
     *
     * @param all one or more
     */
    public static Estimated together(List<Estimated> all) {
      return all.stream()
          .reduce(
              (one, other) ->
                  new Estimated(
                      one.placedOn,
                      DateRange.later(one.dayZero, other.dayZero),
                      one.leaves.together(other.leaves),
                      one.arrives.together(other.arrives),
                      one.cutOff.isBefore(other.cutOff) ? one.cutOff : other.cutOff,
                      java.util.stream.Stream.of(one.availableFrom, other.availableFrom)
                          .flatMap(Optional::stream)
                          .max(Comparator.naturalOrder()),
                      one.validUntil.and(other.validUntil)))
          .orElseThrow();
    }
  }

  /**
   * No promise.
   *
   * @param reason why
   * @param validUntil as every answer has it
   */
  record Unavailable(Reason reason, ValidUntil validUntil) implements DeliveryEstimate {}

  /** Why no promise is made. */
  enum Reason {
    /** Nothing says when it leaves. */
    NO_TIMING,
    /** All weekdays are closed, or a year of them. */
    NEVER_LEAVES,
    /** It is sold out, and no day is told from which it can be had again. */
    SOLD_OUT,
    /** The day from which it should have been there again is over. */
    BACK_ON_OVER,
    /** No way to the country is set. */
    NOT_SERVED,
    /** The carrier delivers on no day there. */
    NEVER_ARRIVES
  }
}
