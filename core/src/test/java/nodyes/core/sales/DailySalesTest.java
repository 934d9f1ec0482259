package nodyes.core.sales;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import nodyes.core.common.ProductId;
import org.testng.annotations.Test;

public class DailySalesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private static ProductId id(int n) {
    return new ProductId(n);
  }

  private static Map<ProductId, NavigableMap<LocalDate, Long>> sold(long... units) {
    var sold = new HashMap<ProductId, NavigableMap<LocalDate, Long>>();
    for (int i = 0; i < units.length; i++) {
      sold.put(id(i), new TreeMap<>(Map.of(TODAY, units[i])));
    }
    return sold;
  }

  private static DailySales.Group group(int size) {
    var all = new HashSet<ProductId>();
    for (int i = 0; i < size; i++) {
      all.add(id(i));
    }
    return new DailySales.Group("planters", all);
  }

  /** Standard competition ranking, 1, 2, 2, 4: common practice, as SQL's RANK() counts. */
  @Test
  public void equalsShareARankAndTheNextOneIsLeftOut() {
    var book = DailySales.of(sold(50, 44, 44, 41));
    var group = group(5);
    assertEquals(book.standing(id(0), group, 30, TODAY), new SalesRank(50, 1, 5, Optional.empty()));
    assertEquals(book.standing(id(1), group, 30, TODAY), new SalesRank(44, 2, 5, Optional.of(50L)));
    assertEquals(book.standing(id(2), group, 30, TODAY), new SalesRank(44, 2, 5, Optional.of(50L)));
    assertEquals(book.standing(id(3), group, 30, TODAY), new SalesRank(41, 4, 5, Optional.of(44L)));
    assertEquals(book.standing(id(4), group, 30, TODAY), new SalesRank(0, 5, 5, Optional.of(41L)));
  }

  @Test
  public void aSaleCountsOnItsDayAndOnTheTwentyNineAfterIt() {
    LocalDate day = LocalDate.of(2026, 10, 30);
    var book = DailySales.of(Map.of(id(0), new TreeMap<>(Map.of(day, 6L))));
    assertEquals(book.units(id(0), 30, day.minusDays(1)), 0);
    assertEquals(book.units(id(0), 30, day), 6);
    assertEquals(book.units(id(0), 30, LocalDate.of(2026, 11, 28)), 6);
    assertEquals(book.units(id(0), 30, LocalDate.of(2026, 11, 29)), 0);
    assertEquals(book.units(id(7), 30, day), 0);
    assertEquals(
        book.changesOn(id(0), group(2), 30, TODAY), Optional.of(LocalDate.of(2026, 11, 29)));
    assertEquals(book.changesOn(id(0), group(2), 30, LocalDate.of(2026, 11, 29)), Optional.empty());
  }

  @Test
  public void anotherBookHasTheNewSalesAndTheOldOneStaysAsItWas() {
    var before = DailySales.of(sold(5, 3));
    var after = before.with(Map.of(id(1), new TreeMap<>(Map.of(TODAY, 9L))));
    assertEquals(before.standing(id(0), group(2), 30, TODAY).rank(), 1);
    assertEquals(after.standing(id(0), group(2), 30, TODAY).rank(), 2);
  }

  /** Rank and next change against a plain count over random sales. */
  @Test
  public void ranksAndTheirNextChangeAgreeWithCountingThemOneByOne() {
    var random = new SplittableRandom(1224);
    for (int round = 0; round < 60; round++) {
      int products = 2 + random.nextInt(8);
      int days = 1 + random.nextInt(40);
      var units = new HashMap<ProductId, NavigableMap<LocalDate, Long>>();
      for (int i = 0; i < products; i++) {
        var sales = new TreeMap<LocalDate, Long>();
        for (int k = random.nextInt(12); k > 0; k--) {
          sales.merge(TODAY.minusDays(random.nextInt(60)), 1L + random.nextInt(3), Long::sum);
        }
        units.put(id(i), sales);
      }
      var book = DailySales.of(units);
      var group = group(products);
      for (int i = 0; i < products; i++) {
        List<Long> now = counted(units, products, i, days, TODAY);
        SalesRank standing = book.standing(id(i), group, days, TODAY);
        assertEquals(List.of(standing.units(), (long) standing.rank()), now);
        Optional<LocalDate> change = book.changesOn(id(i), group, days, TODAY);
        LocalDate end = change.orElse(TODAY.plusDays(100));
        for (LocalDate day = TODAY; day.isBefore(end); day = day.plusDays(1)) {
          assertEquals(counted(units, products, i, days, day), now, day + " of " + round);
        }
        if (change.isPresent()) {
          SalesRank then = book.standing(id(i), group, days, change.get());
          assertTrue(!then.equals(standing), "it differs from " + change);
        }
      }
    }
  }

  /** Units and rank as a person would count them. */
  private static List<Long> counted(
      Map<ProductId, NavigableMap<LocalDate, Long>> units,
      int products,
      int which,
      int days,
      LocalDate today) {
    var sums = new ArrayList<Long>();
    for (int i = 0; i < products; i++) {
      long sum = 0;
      for (var sale : requireNonNull(units.get(id(i))).entrySet()) {
        boolean counts =
            !sale.getKey().isAfter(today) && sale.getKey().isAfter(today.minusDays(days));
        sum += counts ? sale.getValue() : 0;
      }
      sums.add(sum);
    }
    long mine = sums.get(which);
    return List.of(mine, 1 + sums.stream().filter(other -> other > mine).count());
  }
}
