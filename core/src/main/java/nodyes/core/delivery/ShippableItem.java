package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * What is ordered, as far as its timing goes.
 *
 * @param slug the product's
 * @param categories slugs of its categories and of those above them
 * @param tags its tags
 * @param stock pieces that can be sent at once, where that is known
 * @param isSoldOut whether it cannot be sent now: known to be out of stock, and not made to order
 * @param availableFrom the day from which it can be had again, if told
 */
public record ShippableItem(
    String slug,
    Set<String> categories,
    Set<String> tags,
    Optional<Long> stock,
    boolean isSoldOut,
    Optional<LocalDate> availableFrom) {
  /** Keeps the sets unchangeable. */
  public ShippableItem {
    categories = Set.copyOf(categories);
    tags = Set.copyOf(tags);
  }
}
