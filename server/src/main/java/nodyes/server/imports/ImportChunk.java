package nodyes.server.imports;

import java.util.List;
import java.util.Optional;
import nodyes.core.imports.ImportedReview;

/**
 * Rows of a file that are stored together, all or none.
 *
 * @param reviews the good ones that are chosen
 * @param problems what is wrong with the others, as far as it is kept one by one
 * @param rowsSeen how many rows of the file were read up to and with these
 * @param unreadable how many of them are bad
 * @param notSelected how many of them are good and not chosen
 */
record ImportChunk(
    List<Placed> reviews,
    List<RowErrorView> problems,
    long rowsSeen,
    long unreadable,
    long notSelected) {
  /**
   * A review with the product it speaks of.
   *
   * @param variant the shop's variant that it speaks of
   * @param flags what there is to check in it, as bits
   * @param fingerprint equal for reviews that came twice
   */
  record Placed(
      ImportedReview review,
      long productId,
      Optional<String> variant,
      long flags,
      long fingerprint) {}

  /** Takes chunks, one behind the other. */
  interface Taker {
    void take(ImportChunk chunk);

    /** Waits until all is done with what was handed over. */
    void await();

    /** What was counted up to now. */
    ImportCounts counts();
  }

  List<Long> fingerprints() {
    return reviews.stream().map(Placed::fingerprint).toList();
  }

  List<String> orders() {
    return reviews.stream()
        .flatMap(placed -> placed.review().source().order().stream())
        .distinct()
        .toList();
  }
}
