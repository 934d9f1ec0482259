package nodyes.server.bringin;

import java.util.List;
import java.util.Optional;
import nodyes.core.bringin.Candidate;

/**
 * Rows of a file that are stored together, all or none.
 *
 * @param reviews the good ones that are chosen
 * @param problems what is wrong with the others, as far as it is kept one by one
 * @param rowsSeen how many rows of the file were read up to and with these
 * @param bad how many of them are bad
 * @param notChosen how many of them are good and not chosen
 */
record Chunk(
    List<Placed> reviews, List<ProblemLine> problems, long rowsSeen, long bad, long notChosen) {
  /**
   * A review with the product it speaks of.
   *
   * @param variant the shop's variant that it speaks of
   * @param flags what there is to check in it, as bits
   * @param fingerprint equal for reviews that came twice
   */
  record Placed(
      Candidate review, long productId, Optional<String> variant, long flags, long fingerprint) {}

  /** Takes chunks, one behind the other. */
  interface Taker {
    void take(Chunk chunk);

    /** Waits until all is done with what was handed over. */
    void await();

    /** What was counted up to now. */
    BatchStore.Counts counts();
  }

  List<Long> fingerprints() {
    return reviews.stream().map(Placed::fingerprint).toList();
  }

  List<String> orders() {
    return reviews.stream().flatMap(placed -> placed.review().order().stream()).distinct().toList();
  }
}
