package nodyes.core.evaluation;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What is so about a product beside its variants.
 *
 * @param brand what it is sold under
 * @param hasPicture whether the shop has a picture of it
 * @param firstPublished the shop's day on which it was first shown
 * @param category its own category: the first that it is filed under
 */
public record ProductAttributes(
    Optional<String> brand,
    boolean hasPicture,
    Optional<LocalDate> firstPublished,
    Optional<Filed> category) {
  /** Of which nothing is known. */
  public static final ProductAttributes NONE =
      new ProductAttributes(Optional.empty(), false, Optional.empty(), Optional.empty());

  /** A category by its slug, and what the shop calls it. */
  public record Filed(String slug, String title) {}
}
