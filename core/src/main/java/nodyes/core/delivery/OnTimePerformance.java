package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import nodyes.core.rating.WilsonBound;

/**
 * Whether what was promised for a country was kept. A promise is kept where the parcel was there on
 * its last day or before.
 *
 * @param orders how many are known to have arrived
 * @param onTime how many of them by the last day that was promised
 * @param early how many before the first
 * @param medianDelayDays the median of the carrier's days between the last promised day and the
 *     arrival, negative where it came before
 * @param proposal days on the way that would have been kept, where there are enough orders and
 *     those of today were not
 */
public record OnTimePerformance(
    int orders, int onTime, int early, int medianDelayDays, Optional<TransitSuggestion> proposal) {
  /** With fewer orders nothing is proposed. */
  public static final int ENOUGH = 20;

  /** So many of a hundred promises are to be kept. */
  public static final int WANTED_PERCENT = 95;

  private static final int LONGEST_WAY = 60;

  /**
   * An order that arrived.
   *
   * @param leaves what was promised of its leaving
   * @param arrives what was promised of its arrival
   * @param arrived when it arrived
   */
  public record Arrived(
      DeliveryEstimate.DateRange leaves, DeliveryEstimate.DateRange arrives, LocalDate arrived) {
    boolean isOnTime() {
      return !arrived.isAfter(arrives.last());
    }
  }

  /**
   * Other days on the way.
   *
   * @param transit the days
   * @param percent of the orders for which they would have been kept, rounded down
   */
  public record TransitSuggestion(DayRange transit, int percent) {}

  /**
   * Of some orders to a country.
   *
   * @param orders that arrived; none gives no answer
   * @param carrier the days on which the carrier delivers there
   * @param today the days on the way that are promised now
   */
  public static Optional<OnTimePerformance> of(
      List<Arrived> orders, BusinessCalendar carrier, Optional<DayRange> today) {
    if (orders.isEmpty()) {
      return Optional.empty();
    }
    int onTime = (int) orders.stream().filter(Arrived::isOnTime).count();
    int early =
        (int) orders.stream().filter(one -> one.arrived().isBefore(one.arrives().first())).count();
    int[] slips = orders.stream().mapToInt(one -> slip(one, carrier)).sorted().toArray();
    boolean isKept = onTime * 100L >= (long) WANTED_PERCENT * orders.size();
    return Optional.of(
        new OnTimePerformance(
            orders.size(),
            onTime,
            early,
            slips[(slips.length - 1) / 2],
            isKept || orders.size() < ENOUGH
                ? Optional.empty()
                : proposal(orders, carrier, today)
                    .filter(one -> !today.equals(Optional.of(one.transit())))));
  }

  /** How many of a hundred were on time, rounded down. */
  public int percentOnTime() {
    return onTime * 100 / orders;
  }

  /**
   * Whether it can be said that fewer than wanted are kept, and is no matter of chance: the upper
   * Wilson bound of the share (95 %) lies under it.
   */
  public boolean isBroken() {
    double late = WilsonBound.lower(orders - onTime, orders).orElse(0);
    return orders >= ENOUGH && late > 1 - WANTED_PERCENT / 100.0;
  }

  private static int slip(Arrived one, BusinessCalendar carrier) {
    LocalDate promised = one.arrives().last();
    return one.isOnTime()
        ? -carrier.between(one.arrived(), promised)
        : carrier.between(promised, one.arrived());
  }

  /**
   * The fewest days that would have been kept; the early end stays as it is promised today where so
   * few came before it that it is not wrong too, else it is the most before which nearly none came.
   */
  private static Optional<TransitSuggestion> proposal(
      List<Arrived> orders, BusinessCalendar carrier, Optional<DayRange> today) {
    int most = mostNeed(orders, one -> needed(one.leaves().last(), one.arrived(), carrier));
    int earliest = leastNeed(orders, one -> needed(one.leaves().first(), one.arrived(), carrier));
    int least =
        Math.clamp(
            today.map(DayRange::least).filter(now -> earliest >= now).orElse(earliest),
            Math.min(1, most),
            most);
    if (most > LONGEST_WAY) {
      return Optional.empty();
    }
    long kept =
        orders.stream()
            .filter(one -> needed(one.leaves().last(), one.arrived(), carrier) <= most)
            .count();
    return Optional.of(
        new TransitSuggestion(new DayRange(least, most), (int) (kept * 100 / orders.size())));
  }

  /** The days on the way that would have promised the day on which it arrived, or a later one. */
  private static int needed(LocalDate leaves, LocalDate arrived, BusinessCalendar carrier) {
    return carrier.between(leaves, arrived);
  }

  /** No more days than these are needed by the wanted share of orders. */
  private static int mostNeed(List<Arrived> orders, ToIntFunction<Arrived> days) {
    return sorted(orders, days).get(wanted(orders) - 1);
  }

  /** No fewer days than these are needed by the wanted share of orders. */
  private static int leastNeed(List<Arrived> orders, ToIntFunction<Arrived> days) {
    return sorted(orders, days).get(orders.size() - wanted(orders));
  }

  private static List<Integer> sorted(List<Arrived> orders, ToIntFunction<Arrived> days) {
    return orders.stream().map(days::applyAsInt).sorted().toList();
  }

  private static int wanted(List<Arrived> orders) {
    return (int) Math.ceil(orders.size() * WANTED_PERCENT / 100.0);
  }
}
