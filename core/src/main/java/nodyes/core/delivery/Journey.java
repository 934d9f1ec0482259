package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An order's way day by day, from when it is placed to when it arrives.
 *
 * @param soonest with the fewest days of each
 * @param latest with the most
 */
public record Journey(List<Step> soonest, List<Step> latest) {
  /** What an order does on a day. */
  public enum Doing {
    /** It waits for the day that counts. */
    WAITS,
    /** It is made ready; the day counts. */
    IS_READIED,
    /** It leaves the shop. */
    LEAVES,
    /** It is on its way; the day counts. */
    TRAVELS,
    /** The day does not count. */
    RESTS,
    /** It arrives. */
    ARRIVES
  }

  /**
   * A day of it.
   *
   * @param day which
   * @param doing what it does
   * @param number of the day among those that count; 0 where it does not
   */
  public record Step(LocalDate day, Doing doing, int number) {}

  /** Keeps both unchangeable. */
  public Journey {
    soonest = List.copyOf(soonest);
    latest = List.copyOf(latest);
  }

  /** Of an answer; empty where no promise is made. */
  public static Optional<Journey> of(Explained explained) {
    return explained.delivery() instanceof Delivery.Promised promised
            && explained.shop().isPresent()
        ? Optional.of(
            new Journey(
                lane(
                    promised,
                    promised.leaves().first(),
                    promised.arrives().first(),
                    explained.shop().get(),
                    explained.carrier()),
                lane(
                    promised,
                    promised.leaves().last(),
                    promised.arrives().last(),
                    explained.shop().get(),
                    explained.carrier())))
        : Optional.empty();
  }

  private static List<Step> lane(
      Delivery.Promised promised,
      LocalDate leaves,
      LocalDate arrives,
      WorkCalendar shop,
      WorkCalendar carrier) {
    var steps = new ArrayList<Step>();
    int readied = 0;
    int travelled = 0;
    for (LocalDate day = promised.placedOn(); !day.isAfter(arrives); day = day.plusDays(1)) {
      if (day.equals(arrives)) {
        steps.add(new Step(day, Doing.ARRIVES, 0));
      } else if (day.equals(leaves)) {
        steps.add(new Step(day, Doing.LEAVES, 0));
      } else if (!day.isAfter(promised.dayZero())) {
        boolean waits = shop.counts(day) || day.equals(promised.placedOn());
        steps.add(new Step(day, waits ? Doing.WAITS : Doing.RESTS, 0));
      } else if (day.isBefore(leaves)) {
        steps.add(
            shop.counts(day)
                ? new Step(day, Doing.IS_READIED, ++readied)
                : new Step(day, Doing.RESTS, 0));
      } else {
        steps.add(
            carrier.counts(day)
                ? new Step(day, Doing.TRAVELS, ++travelled)
                : new Step(day, Doing.RESTS, 0));
      }
    }
    return steps;
  }
}
