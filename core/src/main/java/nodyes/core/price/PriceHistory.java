package nodyes.core.price;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import org.joda.money.Money;

/**
 * The prices of one thing, as they came into force one after another; later ones may be planned.
 *
 * @param changes in order of time, each of another price than the one before it
 */
public record PriceHistory(List<PriceChange> changes) {
  /** How many days before a reduction are looked back on (Directive 98/6/EC, Article 6a(2)). */
  public static final int DAYS_BEFORE = 30;

  /**
   * For how many days a reduction is told as one, the day on which it began included, where the
   * owner sets nothing else: what has cost the same for a quarter of a year is not reduced.
   */
  public static final int DAYS_TOLD = 90;

  /** Nothing is known. */
  public static final PriceHistory NONE = new PriceHistory(List.of());

  /** Sorts by time and leaves out changes to the price that was in force already. */
  public PriceHistory {
    var sorted = new ArrayList<>(changes);
    sorted.sort(Comparator.comparing(PriceChange::from));
    var real = new ArrayList<PriceChange>();
    for (PriceChange change : sorted) {
      if (!real.isEmpty() && real.getLast().from().equals(change.from())) {
        real.removeLast();
      }
      if (real.isEmpty() || !real.getLast().price().equals(change.price())) {
        real.add(change);
      }
    }
    changes = List.copyOf(real);
  }

  /** The price in force at a moment; empty before the first one. */
  public Optional<Money> at(Instant moment) {
    int i = index(moment);
    return i < 0 ? Optional.empty() : Optional.of(changes.get(i).price());
  }

  /** Until when the price in force at a moment stays so, as far as is planned. */
  public ValidUntil holdsAt(Instant moment) {
    int next = index(moment) + 1;
    return next < changes.size()
        ? ValidUntil.before(changes.get(next).from())
        : ValidUntil.NEVER_ENDS;
  }

  /**
   * The planned change with which the price first rises above the one in force; a further cut is no
   * end of a reduction.
   */
  public Optional<PriceChange> riseAfter(Instant moment) {
    int now = index(moment);
    if (now < 0) {
      return Optional.empty();
    }
    Money price = changes.get(now).price();
    return changes.stream()
        .skip(now + 1L)
        .takeWhile(change -> change.price().isSameCurrency(price))
        .filter(change -> change.price().isGreaterThan(price))
        .findFirst();
  }

  /** Since when the price in force at a moment has been so; empty before the first one. */
  public Optional<Instant> inForceSince(Instant moment) {
    int now = index(moment);
    return now < 0 ? Optional.empty() : Optional.of(changes.get(now).from());
  }

  /** The place of the change whose price is in force; -1 before the first one. */
  private int index(Instant moment) {
    int i = changes.size() - 1;
    while (i >= 0 && changes.get(i).from().isAfter(moment)) {
      i--;
    }
    return i;
  }

  /**
   * How far the price in force lies under the prior price: the lowest in force during the days
   * before the reduction began (Directive 98/6/EC, Article 6a(2)). The day that lies so many days
   * before that of the reduction is the first that counts, in the shop's zone; the reduction's own
   * price does not.
   *
   * @param moment at which it is asked
   * @param days how far back is looked, at least 30 by that article
   * @param steps which of several reductions in a row began it
   * @param zone the shop's zone
   * @return empty where no price was in force before, or none that is higher; a drop of less than 1
   *     percent is {@linkplain PriceDrop#isTold no reduction to speak of}
   */
  public Optional<PriceDrop> dropAt(Instant moment, int days, Steps steps, ZoneId zone) {
    int now = index(moment);
    int began = began(now, steps);
    if (began < 1) {
      return Optional.empty();
    }
    Instant start = changes.get(began).from();
    LocalDate first = LocalDate.ofInstant(start, zone).minusDays(days);
    Instant since = first.atStartOfDay(zone).toInstant();
    Money lowest = changes.get(began - 1).price();
    Instant lowestFrom = changes.get(began - 1).from();
    for (int i = began - 2; i >= 0 && changes.get(i + 1).from().isAfter(since); i--) {
      Money price = changes.get(i).price();
      if (price.isSameCurrency(lowest) && price.isLessThan(lowest)) {
        lowest = price;
        lowestFrom = changes.get(i).from();
      }
    }
    return PriceDrop.of(
        changes.get(now).price(),
        lowest,
        new PriceDrop.Recorded(start, lowestFrom, !changes.getFirst().from().isAfter(since)));
  }

  /** Where the reduction began that led to the price in force. */
  private int began(int now, Steps steps) {
    int began = now;
    while (steps == Steps.FIRST && began > 1 && isCut(began) && isCut(began - 1)) {
      began--;
    }
    return began;
  }

  private boolean isCut(int i) {
    Money price = changes.get(i).price();
    Money before = changes.get(i - 1).price();
    return price.isSameCurrency(before) && price.isLessThan(before);
  }

  /** Which of several reductions in a row a percentage is measured from. */
  public enum Steps {
    /** The latest one, always allowed. */
    LATEST,
    /** The first one, where national law lets an uninterrupted series keep its prior price. */
    FIRST
  }
}
