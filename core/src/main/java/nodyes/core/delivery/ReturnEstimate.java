package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;

/**
 * Until when the things of an order can be sent back.
 *
 * @param things one or more, in the order's own order
 * @param validUntil the first instant at which, with the same settings and stock, it could differ
 */
public record ReturnEstimate(List<Thing> things, ValidUntil validUntil) {
  /** Keeps the list unchangeable. */
  public ReturnEstimate {
    things = List.copyOf(things);
  }

  /**
   * One thing.
   *
   * @param delivery when it arrives, or why that is not known
   * @param rule the rule of returns that applies to it, where one does
   */
  public record Thing(DeliveryEstimate delivery, Optional<ReturnRule> rule) {
    /** From when it counts and until when; empty where it cannot be sent back or be said. */
    Optional<Period> period() {
      return rule.flatMap(
          one ->
              delivery instanceof DeliveryEstimate.Estimated promised
                  ? one.lastDay(promised.arrives().last())
                      .map(last -> new Period(promised.arrives().last(), one.days(), last))
                  : Optional.empty());
    }
  }

  /**
   * The time for sending something back.
   *
   * @param arrives the last day on which it may arrive, from which it counts
   * @param days calendar days from then on
   * @param lastDay the last day, the fewest days or a day beyond them
   */
  public record Period(LocalDate arrives, int days, LocalDate lastDay) {}

  /** What is true of each thing: the first of their last days. Empty unless all have one. */
  public Optional<Period> shortest() {
    List<Period> all = things.stream().flatMap(thing -> thing.period().stream()).toList();
    return all.stream()
        .filter(_ -> all.size() == things.size())
        .min(Comparator.comparing(Period::lastDay));
  }

  /** The fewest days that are given for any of the things that can be sent back. */
  public int fewestDays() {
    return things.stream()
        .flatMap(thing -> thing.period().stream())
        .mapToInt(Period::days)
        .min()
        .orElse(0);
  }
}
