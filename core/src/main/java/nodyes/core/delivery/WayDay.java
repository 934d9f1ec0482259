package nodyes.core.delivery;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A part of the row of days from when an order counts to its arrival: a day, or days of one week on
 * which nothing leaves and nothing arrives.
 *
 * @param first its first day
 * @param last its last day, which is the first where it is one day
 * @param mayLeave whether the order may leave the shop on it
 * @param mayArrive whether it may arrive on it
 * @param working so many of its days count, for the shop until the order has left, for the carrier
 *     from then on; 0 where all of it is closed
 */
public record WayDay(
    LocalDate first, LocalDate last, boolean mayLeave, boolean mayArrive, int working) {
  /** So many parts can be told apart in a row; a longer one is folded week by week. */
  private static final int MOST_PARTS = 8;

  /** A row that stays longer than this though it was folded is none that anyone reads. */
  private static final int MOST_FOLDED = 14;

  private static final int LONGEST_DAYS = 400;

  /**
   * The row of one or more things that are ordered together.
   *
   * @param all answers for each; those without a promise are left out
   * @return the days from the one on which the order counts, so that the row is the same as long as
   *     the promise is, to the last of the arrival; empty where none is promised or the row would
   *     be too long to read
   */
  public static List<WayDay> row(List<EstimateExplanation> all) {
    List<Parcel> parcels = all.stream().flatMap(one -> Parcel.of(one).stream()).toList();
    if (parcels.isEmpty()) {
      return List.of();
    }
    LocalDate first =
        parcels.stream()
            .map(parcel -> parcel.promised().dayZero())
            .min(LocalDate::compareTo)
            .orElseThrow();
    LocalDate last =
        parcels.stream()
            .map(parcel -> parcel.promised().arrives().last())
            .max(LocalDate::compareTo)
            .orElseThrow();
    if (first.plusDays(LONGEST_DAYS).isBefore(last)) {
      return List.of();
    }
    List<WayDay> days = first.datesUntil(last.plusDays(1)).map(day -> day(day, parcels)).toList();
    List<WayDay> folded = days.size() <= MOST_PARTS ? days : folded(days);
    return folded.size() <= MOST_FOLDED ? folded : List.of();
  }

  private static WayDay day(LocalDate day, List<Parcel> parcels) {
    return new WayDay(
        day,
        day,
        parcels.stream().anyMatch(parcel -> parcel.mayLeaveOn(day)),
        parcels.stream().anyMatch(parcel -> parcel.mayArriveOn(day)),
        parcels.stream().anyMatch(parcel -> parcel.countsOn(day)) ? 1 : 0);
  }

  /** The first day stays, as it is the one on which the order counts. */
  private static List<WayDay> folded(List<WayDay> days) {
    var parts = new ArrayList<WayDay>();
    parts.add(days.getFirst());
    for (WayDay day : days.subList(1, days.size())) {
      WayDay before = parts.getLast();
      if (parts.size() > 1 && before.isQuiet() && day.isQuiet() && before.isInWeekOf(day)) {
        parts.set(
            parts.size() - 1,
            new WayDay(before.first, day.last, false, false, before.working + day.working));
      } else {
        parts.add(day);
      }
    }
    return List.copyOf(parts);
  }

  private boolean isQuiet() {
    return !mayLeave && !mayArrive;
  }

  private boolean isInWeekOf(WayDay other) {
    return monday(first).equals(monday(other.first));
  }

  private static LocalDate monday(LocalDate day) {
    return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }

  /** One of the things, with the days that count for it. */
  private record Parcel(
      DeliveryEstimate.Estimated promised, BusinessCalendar shop, BusinessCalendar carrier) {
    static Optional<Parcel> of(EstimateExplanation explained) {
      return explained.delivery() instanceof DeliveryEstimate.Estimated promised
          ? explained.shop().map(shop -> new Parcel(promised, shop, explained.carrier()))
          : Optional.empty();
    }

    boolean mayLeaveOn(LocalDate day) {
      return isWithin(day, promised.leaves()) && shop.counts(day);
    }

    boolean mayArriveOn(LocalDate day) {
      return isWithin(day, promised.arrives()) && carrier.counts(day);
    }

    boolean countsOn(LocalDate day) {
      boolean isOnTheWay = day.isAfter(promised.leaves().first());
      boolean isInTheShop = !day.isAfter(promised.leaves().last());
      return (isInTheShop && shop.counts(day))
          || (isOnTheWay && !day.isAfter(promised.arrives().last()) && carrier.counts(day));
    }

    private static boolean isWithin(LocalDate day, DeliveryEstimate.DateRange span) {
      return !day.isBefore(span.first()) && !day.isAfter(span.last());
    }
  }
}
