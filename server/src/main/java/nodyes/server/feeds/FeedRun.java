package nodyes.server.feeds;

import java.time.Instant;
import java.util.Optional;

/**
 * One time that a feed brought something.
 *
 * @param source the file's name, the address, or 'a program'
 * @param imported products or orders taken
 * @param errors lines with something wrong
 * @param removed products that it left out: no longer sold, or while it is held, that would be
 * @param failure why it could not be read
 * @param heldFile where it is kept while it is held
 */
record FeedRun(
    long id,
    FeedKind kind,
    String source,
    Instant at,
    FeedRunState state,
    long imported,
    long errors,
    long removed,
    Optional<String> failure,
    Optional<String> heldFile) {}
