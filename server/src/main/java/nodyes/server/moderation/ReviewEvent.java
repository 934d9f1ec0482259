package nodyes.server.moderation;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that was done to a review.
 *
 * @param what a state that it was moved to, or what was changed
 * @param detail the reason, or what it was changed to
 * @param who who did it
 * @param when it was done
 * @param isUndone whether it was undone since
 */
public record ReviewEvent(
    String what, @Nullable String detail, String who, Instant when, boolean isUndone) {}
