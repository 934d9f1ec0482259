package nodyes.demo;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * A product of the demo shop as it is written down by hand.
 *
 * @param slug its name in addresses
 * @param title what the shop calls it
 * @param category its category
 * @param tags its tags
 * @param reviews how many reviews it has
 * @param liked the mean that its reviews tend to
 * @param weeklyOrders orders a week
 * @param daysInShop since when the shop has it
 * @param description a sentence
 * @param variants its variants
 */
record DemoProduct(
    String slug,
    String title,
    String category,
    List<String> tags,
    int reviews,
    double liked,
    double weeklyOrders,
    int daysInShop,
    String description,
    List<Variant> variants) {
  /** A variant with its usual price; the stock may be unknown. */
  record Variant(String sku, String title, BigDecimal price, Optional<Integer> stock) {}
}
