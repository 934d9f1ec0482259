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
 * @param backOn the day from which it can be had again, if told
 */
public record Ware(
    String slug,
    Set<String> categories,
    Set<String> tags,
    Optional<Long> stock,
    boolean isSoldOut,
    Optional<LocalDate> backOn) {
  /** Keeps the sets unchangeable. */
  public Ware {
    categories = Set.copyOf(categories);
    tags = Set.copyOf(tags);
  }
}
