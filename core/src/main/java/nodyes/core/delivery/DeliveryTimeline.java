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
public record DeliveryTimeline(List<Day> soonest, List<Day> latest) {
  /** What an order does on a day. */
  public enum Activity {
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
   * @param activity what it does
   * @param number of the day among those that count; 0 where it does not
   */
  public record Day(LocalDate day, Activity activity, int number) {}

  /** Keeps both unchangeable. */
  public DeliveryTimeline {
    soonest = List.copyOf(soonest);
    latest = List.copyOf(latest);
  }

  /** Of an answer; empty where no promise is made. */
  public static Optional<DeliveryTimeline> of(EstimateExplanation explained) {
    return explained.delivery() instanceof DeliveryEstimate.Estimated promised
            && explained.shop().isPresent()
        ? Optional.of(
            new DeliveryTimeline(
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

  private static List<Day> lane(
      DeliveryEstimate.Estimated promised,
      LocalDate leaves,
      LocalDate arrives,
      BusinessCalendar shop,
      BusinessCalendar carrier) {
    var steps = new ArrayList<Day>();
    int readied = 0;
    int travelled = 0;
    for (LocalDate day = promised.placedOn(); !day.isAfter(arrives); day = day.plusDays(1)) {
      if (day.equals(arrives)) {
        steps.add(new Day(day, Activity.ARRIVES, 0));
      } else if (day.equals(leaves)) {
        steps.add(new Day(day, Activity.LEAVES, 0));
      } else if (!day.isAfter(promised.dayZero())) {
        boolean waits = shop.counts(day) || day.equals(promised.placedOn());
        steps.add(new Day(day, waits ? Activity.WAITS : Activity.RESTS, 0));
      } else if (day.isBefore(leaves)) {
        steps.add(
            shop.counts(day)
                ? new Day(day, Activity.IS_READIED, ++readied)
                : new Day(day, Activity.RESTS, 0));
      } else {
        steps.add(
            carrier.counts(day)
                ? new Day(day, Activity.TRAVELS, ++travelled)
                : new Day(day, Activity.RESTS, 0));
      }
    }
    return steps;
  }
}
