package nodyes.server.feeds;

import java.time.Instant;
import java.util.Optional;

/**
 * One time that a feed brought something.
 *
 * @param source the file's name, the address, or 'a program'
 * @param taken products or orders taken
 * @param wrong lines with something wrong
 * @param gone products that it left out: no longer sold, or while it is held, that would be
 * @param failure why it could not be read
 * @param heldFile where it is kept while it is held
 */
record Run(
    long id,
    FeedKind kind,
    String source,
    Instant at,
    RunState state,
    long taken,
    long wrong,
    long gone,
    Optional<String> failure,
    Optional<String> heldFile) {}
