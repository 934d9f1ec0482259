package nodyes.core.review;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Where a review is from and when it was written.
 *
 * @param provenance where it is from
 * @param reviewedOn when it was written, in the shop's zone, if known
 * @param incentive what was given for it, if anything
 */
public record ReviewOrigin(
    Provenance provenance, Optional<ReviewDate> reviewedOn, Optional<String> incentive) {
  /** The day that it was written; empty where no more than its month is known. */
  public Optional<LocalDate> day() {
    return reviewedOn.flatMap(ReviewDate::day);
  }

  /** The name of the place it was imported from; empty where it was written here. */
  public Optional<String> source() {
    return provenance instanceof Provenance.BroughtIn broughtIn
        ? Optional.of(broughtIn.source())
        : Optional.empty();
  }
}
