package nodyes.server.own;

import java.time.Instant;
import nodyes.core.review.Admission;
import org.jspecify.annotations.Nullable;

/**
 * What becomes of reviews that shoppers write, and who is told of them.
 *
 * @param noticeTo where notices go; empty with {@link Notice#NEVER}
 * @param toldAt when the last notice went out
 * @param failedAt since when notices fail; null while they do not
 * @param failure why
 */
record OwnRule(
    Admission admission,
    Notice notice,
    String noticeTo,
    @Nullable Instant toldAt,
    @Nullable Instant failedAt,
    @Nullable String failure) {
  static final OwnRule FIRST =
      new OwnRule(Admission.AFTER_A_LOOK, Notice.NEVER, "", null, null, null);
}
