package nodyes.server.trail;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One thing that was done.
 *
 * @param who the name of a person or program
 * @param place of the back office
 * @param did what, so that "who did" is a sentence
 * @param link where it can be looked at, in the back office
 */
record TrailLine(
    long id, Instant at, String who, String place, String did, @Nullable String link) {}
