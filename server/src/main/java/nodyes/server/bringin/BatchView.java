package nodyes.server.bringin;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A file that was brought, and what came of it.
 *
 * @param id its id
 * @param fileName its name
 * @param fileSize its size in bytes
 * @param state how far it is
 * @param look what it was found to hold
 * @param progress how much of it is read, 0 to 100
 * @param rowsSeen rows looked at
 * @param taken reviews stored
 * @param bad rows that cannot be taken
 * @param hereAlready rows whose review is here already
 * @param leftOutBefore rows whose review was left out before
 * @param failure why it stopped, if it did
 * @param createdAt when it was brought
 */
public record BatchView(
    long id,
    String fileName,
    long fileSize,
    BatchState state,
    Look look,
    int progress,
    long rowsSeen,
    long taken,
    long bad,
    long hereAlready,
    long leftOutBefore,
    @Nullable String failure,
    Instant createdAt) {}
