package nodyes.demo;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Orders that look as a small shop's do, and are the same each time. */
public class DemoOrdersTest {
  private static final ZoneId ZONE = DemoFiles.ZONE;
  private static final LocalDate TODAY = LocalDate.parse("2026-11-26");
  private List<DemoProduct> products;
  private List<DemoOrders.Order> orders;

  @BeforeClass
  public void fill() {
    products = DemoTexts.products();
    orders = filled();
  }

  private List<DemoOrders.Order> filled() {
    var made = new DemoOrders(new SeededRandom(1889), ZONE);
    made.fill(products, TODAY);
    return made.orders();
  }

  @Test
  public void theSameSeedGivesTheSameOrders() {
    assertEquals(filled(), orders);
  }

  @Test
  public void eachIsOfTheLastNinetyDaysAndOfWhatWasSoldThen() {
    Map<String, DemoProduct> bySlug =
        products.stream().collect(Collectors.toMap(DemoProduct::slug, one -> one));
    var numbers = new HashSet<String>();
    for (DemoOrders.Order order : orders) {
      assertTrue(numbers.add(order.number()), order.number());
      LocalDate day = LocalDate.ofInstant(order.placed(), ZONE);
      long ago = ChronoUnit.DAYS.between(day, TODAY);
      assertTrue(ago >= 1 && ago <= DemoOrders.DAYS, order.toString());
      var skus = new HashSet<String>();
      for (DemoOrders.Line line : order.lines()) {
        DemoProduct product = requireNonNull(bySlug.get(line.product()));
        assertTrue(skus.add(line.sku()), "a variant stands once in an order");
        assertTrue(
            product.variants().stream().anyMatch(one -> one.sku().equals(line.sku())),
            line.toString());
        assertTrue(product.daysInShop() > ago, line + " was not in the shop yet");
        assertTrue(line.quantity() >= 1 && line.quantity() <= 3, line.toString());
      }
      assertTrue(!skus.isEmpty(), order.toString());
    }
  }

  /** Lines of a product beside those that its weekly number leads to, within four deviations. */
  @Test
  public void asManyAreSoldAsIsWrittenDown() {
    var sold = new HashMap<String, Integer>();
    for (DemoOrders.Order order : orders) {
      order.lines().forEach(line -> sold.merge(line.product(), 1, Integer::sum));
    }
    double workdays = DemoOrders.DAYS * 5 / 7.0;
    double share = (workdays * 1.1 + (DemoOrders.DAYS - workdays) * 0.7) / 7;
    for (DemoProduct product : products) {
      if (product.daysInShop() > DemoOrders.DAYS) {
        double wanted = product.weeklyOrders() * share;
        // a line that stands in an order already is not put in again
        assertEquals(
            sold.getOrDefault(product.slug(), 0),
            wanted,
            4 * Math.sqrt(wanted) + 0.06 * wanted + 1,
            product.slug());
      }
    }
  }

  @Test
  public void fewerOrdersComeAtWeekends() {
    Map<Boolean, Long> byWeekend =
        orders.stream()
            .collect(
                Collectors.partitioningBy(
                    order ->
                        Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY)
                            .contains(LocalDate.ofInstant(order.placed(), ZONE).getDayOfWeek()),
                    Collectors.counting()));
    double aWeekday = requireNonNull(byWeekend.get(false)) / 5.0;
    double aWeekendDay = requireNonNull(byWeekend.get(true)) / 2.0;
    assertTrue(aWeekendDay < 0.85 * aWeekday, aWeekendDay + " against " + aWeekday);
  }

  @Test
  public void mostGoToTheShopsOwnCountry() {
    Map<String, Long> countries =
        orders.stream()
            .collect(Collectors.groupingBy(DemoOrders.Order::country, Collectors.counting()));
    assertEquals(countries.keySet(), Set.of("PT", "ES", "DE", "FR", "GB", "US", "JP"));
    assertEquals((double) requireNonNull(countries.get("PT")) / orders.size(), 0.45, 0.06);
    assertTrue(
        requireNonNull(countries.get("JP")) > 0
            && requireNonNull(requireNonNull(countries.get("JP")))
                < requireNonNull(countries.get("ES")));
    long cancelled = orders.stream().filter(DemoOrders.Order::cancelled).count();
    assertEquals((double) cancelled / orders.size(), 0.02, 0.015);
  }

  @Test
  public void theyComeInTheirOrderAndAtDaytime() {
    Instant last = Instant.EPOCH;
    for (DemoOrders.Order order : orders) {
      assertTrue(!order.placed().isBefore(last), order.toString());
      last = order.placed();
      int hour = order.placed().atZone(ZONE).getHour();
      assertTrue(hour >= 7 && hour <= 21, order.toString());
    }
  }
}
