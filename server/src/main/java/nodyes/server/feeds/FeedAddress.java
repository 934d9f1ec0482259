package nodyes.server.feeds;

import java.time.Instant;
import java.util.Optional;

/**
 * An address that is asked on a schedule.
 *
 * @param everyHours how often
 * @param askedAt when it was asked last
 */
record FeedAddress(FeedKind kind, String address, int everyHours, Optional<Instant> askedAt) {}
