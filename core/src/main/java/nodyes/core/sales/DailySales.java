package nodyes.core.sales;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nodyes.core.common.ProductId;
import org.jspecify.annotations.Nullable;

/**
 * Units sold of each product on each of the shop's days, cancelled and returned ones taken off. It
 * does not change; a sale makes another book.
 */
public final class DailySales {
  /** Nothing was sold. */
  public static final DailySales EMPTY = new DailySales(Map.of());

  private static final int MOST_KEPT = 2000;

  private final Map<ProductId, Days> byProduct;

  /** Units of every product of a group in a window, sorted: asked for by each of them. */
  private final Map<Asked, long[]> sorted = new ConcurrentHashMap<>();

  /** When each product of a group next stands otherwise. */
  private final Map<Asked, Map<ProductId, Optional<LocalDate>>> changes = new ConcurrentHashMap<>();

  private record Asked(Group group, int days, LocalDate day) {}

  /**
   * Products that are compared with one another.
   *
   * @param name a category's slug; empty for the whole shop
   * @param products all of them
   */
  public record Group(String name, Set<ProductId> products) {
    /** Keeps the products unchangeable. */
    public Group {
      products = Set.copyOf(products);
    }

    /** The same group only: others of its name may hold other products. */
    @Override
    public boolean equals(@Nullable Object other) {
      return this == other;
    }

    @Override
    public int hashCode() {
      return System.identityHashCode(this);
    }
  }

  /** Days in order, and the units up to and with each. */
  private static final class Days {
    private final long[] days;
    private final long[] upTo;

    Days(NavigableMap<LocalDate, Long> units) {
      days = new long[units.size()];
      upTo = new long[units.size()];
      int i = 0;
      long sum = 0;
      for (var day : units.entrySet()) {
        sum += day.getValue();
        days[i] = day.getKey().toEpochDay();
        upTo[i++] = sum;
      }
    }

    private long until(long day) {
      int found = Arrays.binarySearch(days, day);
      int index = found >= 0 ? found : -found - 2;
      return index < 0 ? 0 : upTo[index];
    }

    long between(long first, long last) {
      return until(last) - until(first - 1);
    }
  }

  private DailySales(Map<ProductId, Days> byProduct) {
    this.byProduct = byProduct;
  }

  /** The book of these sales. */
  public static DailySales of(Map<ProductId, ? extends NavigableMap<LocalDate, Long>> units) {
    return EMPTY.with(units);
  }

  /** The same with these products' sales in place of those that were known. */
  public DailySales with(Map<ProductId, ? extends NavigableMap<LocalDate, Long>> units) {
    Map<ProductId, Days> all = new HashMap<>(byProduct);
    units.forEach((product, days) -> all.put(product, new Days(days)));
    return new DailySales(all);
  }

  /**
   * Units sold in a window of days.
   *
   * @param days how many, the last of them {@code today}
   */
  public long units(ProductId product, int days, LocalDate today) {
    Days sold = byProduct.get(product);
    long last = today.toEpochDay();
    return sold == null ? 0 : sold.between(last - days + 1, last);
  }

  /**
   * The first day on which a product's units in the window differ, should nothing more be sold;
   * empty where there are none that could leave it.
   */
  public Optional<LocalDate> unitsChangeOn(ProductId product, int days, LocalDate today) {
    Days sold = byProduct.get(product);
    if (sold == null) {
      return Optional.empty();
    }
    long first = today.toEpochDay() - days + 1;
    return Arrays.stream(sold.days)
        .filter(day -> day >= first && day <= today.toEpochDay() && sold.between(day, day) != 0)
        .mapToObj(day -> LocalDate.ofEpochDay(day + days))
        .findFirst();
  }

  /**
   * How a product stands among others: standard competition ranking (1, 2, 2, 4) by units sold.
   *
   * @param days of the window, the last of them {@code today}
   */
  public SalesRank standing(ProductId product, Group group, int days, LocalDate today) {
    long units = units(product, days, today);
    long[] all = sorted(group, days, today);
    int above = above(all, units);
    return new SalesRank(
        units,
        all.length - above + 1,
        all.length,
        above < all.length ? Optional.of(all[above]) : Optional.empty());
  }

  /**
   * The first day, with no further sale, on which the product's units or rank differ; empty where
   * all that was sold lies behind the window.
   */
  public Optional<LocalDate> changesOn(ProductId product, Group group, int days, LocalDate today) {
    if (changes.size() >= MOST_KEPT) {
      changes.clear();
    }
    return changes
        .computeIfAbsent(new Asked(group, days, today), _ -> new ConcurrentHashMap<>())
        .computeIfAbsent(product, one -> nextChange(one, group, days, today));
  }

  private Optional<LocalDate> nextChange(
      ProductId product, Group group, int days, LocalDate today) {
    SalesRank now = standing(product, group, days, today);
    for (int ahead = 1; ahead <= days; ahead++) {
      LocalDate day = today.plusDays(ahead);
      SalesRank then = standing(product, group, days, day);
      if (then.units() != now.units()
          || then.rank() != now.rank()
          || !then.next().equals(now.next())) {
        return Optional.of(day);
      }
    }
    return Optional.empty();
  }

  /** The first place in a sorted array whose number is greater. */
  private static int above(long[] sortedUnits, long units) {
    int low = 0;
    int high = sortedUnits.length;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (sortedUnits[middle] > units) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  private long[] sorted(Group group, int days, LocalDate today) {
    var asked = new Asked(group, days, today);
    long[] known = sorted.get(asked);
    if (known != null) {
      return known;
    }
    if (sorted.size() >= MOST_KEPT) {
      sorted.clear();
    }
    long[] all =
        group.products().stream().mapToLong(one -> units(one, days, today)).sorted().toArray();
    sorted.put(asked, all);
    return all;
  }
}
