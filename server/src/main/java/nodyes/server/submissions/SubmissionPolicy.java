package nodyes.server.submissions;

import java.time.Instant;
import nodyes.core.review.PublicationPolicy;
import org.jspecify.annotations.Nullable;

/**
 * What becomes of reviews that shoppers write, and who is told of them.
 *
 * @param noticeTo where notices go; empty with {@link NotificationFrequency#NEVER}
 * @param toldAt when the last notice went out
 * @param failedAt since when notices fail; null while they do not
 * @param failure why
 */
record SubmissionPolicy(
    PublicationPolicy admission,
    NotificationFrequency notice,
    String noticeTo,
    @Nullable Instant toldAt,
    @Nullable Instant failedAt,
    @Nullable String failure) {
  static final SubmissionPolicy FIRST =
      new SubmissionPolicy(
          PublicationPolicy.MANUAL, NotificationFrequency.NEVER, "", null, null, null);
}
