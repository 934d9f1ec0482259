package nodyes.server.reviews;

import java.time.Instant;
import java.util.Optional;
import nodyes.core.imports.ImportedReview;

/**
 * A review to store; it waits until someone looks at it.
 *
 * @param candidate as read
 * @param productId the product it was found to speak of
 * @param variant the shop's variant that it speaks of, if it was found
 * @param reviewer the name in the form to be shown
 * @param orderNumber the order that verifies the purchase, if one does
 * @param source where it was imported from; empty for one that was written in the shop
 * @param batchId the import it came with; 0 for none
 * @param flags what there is to check in it, as bits
 * @param fingerprint equal for reviews that came twice
 * @param arrivedAt when it came
 */
public record NewReview(
    ImportedReview candidate,
    long productId,
    Optional<String> variant,
    Optional<String> reviewer,
    Optional<String> orderNumber,
    Optional<String> source,
    long batchId,
    long flags,
    long fingerprint,
    Instant arrivedAt) {}
