package nodyes.simulators.shop;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What a shopper is about to buy: quantities by SKU, kept in the shop's own cookie. */
record Basket(Map<String, Integer> quantities) {
  private static final int MOST_LINES = 40;
  private static final int MOST_OF_ONE = 99;

  /** From the cookie's text {@code SKU*2.SKU*1}; what is malformed is passed over. */
  static Basket parse(@Nullable String text) {
    var quantities = new LinkedHashMap<String, Integer>();
    if (text != null) {
      for (String line : text.split("\\.")) {
        String[] parts = line.split("\\*");
        if (parts.length == 2 && parts[1].matches("\\d{1,2}") && quantities.size() < MOST_LINES) {
          quantities.put(parts[0], Integer.parseInt(parts[1]));
        }
      }
    }
    return new Basket(quantities);
  }

  Basket plus(String sku, int quantity) {
    var more = new LinkedHashMap<>(quantities);
    more.merge(sku, quantity, (a, b) -> Math.min(MOST_OF_ONE, a + b));
    return new Basket(more);
  }

  Basket without(String sku) {
    var fewer = new LinkedHashMap<>(quantities);
    fewer.remove(sku);
    return new Basket(fewer);
  }

  int count() {
    return quantities.values().stream().mapToInt(Integer::intValue).sum();
  }

  String text() {
    return quantities.entrySet().stream()
        .map(line -> line.getKey() + "*" + line.getValue())
        .collect(Collectors.joining("."));
  }
}
