package nodyes.server.bringin;

import java.util.List;
import nodyes.core.bringin.Candidate;
import nodyes.server.catalogue.ProductFinder;

/**
 * Rows of a file that are stored together, all or none.
 *
 * @param reviews the good ones
 * @param problems what is wrong with the others, as far as it is kept one by one
 * @param rowsSeen how many rows of the file were read up to and with these
 * @param bad how many of them are bad
 */
record Chunk(List<Placed> reviews, List<ProblemLine> problems, long rowsSeen, long bad) {
  /**
   * A review with the product it speaks of.
   *
   * @param fingerprint equal for reviews that came twice
   */
  record Placed(Candidate review, ProductFinder.Found product, long fingerprint) {}

  List<Long> fingerprints() {
    return reviews.stream().map(Placed::fingerprint).toList();
  }

  List<String> orders() {
    return reviews.stream().flatMap(placed -> placed.review().order().stream()).distinct().toList();
  }
}
