package nodyes.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The demo shop's orders: 90 days of them, and earlier ones where a review refers to one. */
final class DemoOrders {
  static final int DAYS = 90;
  private static final List<String> COUNTRIES = List.of("PT", "ES", "DE", "FR", "GB", "US", "JP");
  private static final double[] SHARES = {45, 18, 14, 8, 8, 4, 3};
  private static final int FIRST_NUMBER = 20_410;

  private final SeededRandom chance;
  private final ZoneId zone;
  private final List<Order> orders = new ArrayList<>();
  private final Map<String, List<Order>> byProduct = new HashMap<>();

  record Line(String sku, String product, int quantity, boolean returned) {}

  record Order(
      String number, Instant placed, String country, boolean cancelled, List<Line> lines) {}

  DemoOrders(SeededRandom chance, ZoneId zone) {
    this.chance = chance;
    this.zone = zone;
  }

  void fill(List<DemoProduct> products, LocalDate today) {
    for (int ago = DAYS; ago >= 1; ago--) {
      LocalDate day = today.minusDays(ago);
      // quieter at weekends, busier in the weeks for bulbs
      double share = day.getDayOfWeek().getValue() > 5 ? 0.7 : 1.1;
      var bought = new ArrayList<Line>();
      for (DemoProduct product : products) {
        if (product.daysInShop() > ago) {
          int count = chance.poisson(product.weeklyOrders() / 7 * share);
          for (int i = 0; i < count; i++) {
            bought.add(line(product));
          }
        }
      }
      while (!bought.isEmpty()) {
        var lines = new ArrayList<Line>();
        int size = Math.min(bought.size(), 1 + chance.weighted(70, 22, 8));
        for (int i = 0; i < size; i++) {
          lines.add(bought.remove(chance.below(bought.size())));
        }
        add(day, COUNTRIES.get(chance.weighted(SHARES)), chance.in(0.02), lines);
      }
    }
    orders.sort(java.util.Comparator.comparing(Order::placed).thenComparing(Order::number));
  }

  private Line line(DemoProduct product) {
    return new Line(
        chance.of(product.variants()).sku(),
        product.slug(),
        1 + chance.weighted(85, 11, 4),
        chance.in(0.03));
  }

  private Order add(LocalDate day, String country, boolean cancelled, List<Line> lines) {
    LocalTime time =
        LocalTime.of(
            7 + chance.weighted(2, 3, 5, 6, 6, 7, 6, 5, 5, 6, 7, 8, 9, 9, 7), chance.below(60));
    var distinct = new ArrayList<Line>();
    for (Line line : lines) {
      if (distinct.stream().noneMatch(other -> other.sku().equals(line.sku()))) {
        distinct.add(line);
      }
    }
    var order =
        new Order(
            "Q-" + (FIRST_NUMBER + orders.size()),
            day.atTime(time).atZone(zone).toInstant(),
            country,
            cancelled,
            List.copyOf(distinct));
    orders.add(order);
    if (!cancelled) {
      distinct.forEach(
          line -> byProduct.computeIfAbsent(line.product(), _ -> new ArrayList<>()).add(order));
    }
    return order;
  }

  /** An order of the product that someone may review on that day, made where there is none. */
  Optional<Order> reviewed(
      DemoProduct product, LocalDate reviewDay, LocalDate today, String country) {
    LocalDate latest = reviewDay.minusDays(6);
    LocalDate first = today.minusDays(DAYS);
    if (!latest.isBefore(first)) {
      List<Order> fitting =
          byProduct.getOrDefault(product.slug(), List.of()).stream()
              .filter(order -> LocalDate.ofInstant(order.placed(), zone).isBefore(latest))
              .toList();
      return fitting.isEmpty() ? Optional.empty() : Optional.of(chance.of(fitting));
    }
    LocalDate day = latest.minusDays(chance.below(25));
    return Optional.of(add(day, country, false, List.of(line(product))));
  }

  List<Order> orders() {
    return List.copyOf(orders);
  }
}
