package nodyes.core.review;

import java.time.Instant;
import java.util.Optional;

/** Where a review is from. It never leaves the review, and shoppers are told. */
public sealed interface Provenance {
  /**
   * Its writer bought the product here: it is tied to an order of this shop.
   *
   * @param orderNumber the order as the shop numbers it
   */
  record VerifiedPurchase(String orderNumber) implements Provenance {}

  /** Written on this shop's page; the purchase was not checked. */
  record Unverified() implements Provenance {}

  /**
   * Written elsewhere and imported; the purchase was not checked.
   *
   * @param source what the owner calls the place, or the name of the file
   * @param sourceId the review's id there, where it has one
   * @param broughtAt when it was imported
   */
  record BroughtIn(String source, Optional<String> sourceId, Instant broughtAt)
      implements Provenance {}
}
