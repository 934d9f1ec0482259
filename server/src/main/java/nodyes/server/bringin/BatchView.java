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
 * @param notChosen good rows that were not chosen
 * @param waiting reviews of it that are neither published nor left out yet
 * @param rowsPerSecond how fast it is read, while it is
 * @param secondsLeft how long reading will take from here, while it goes on
 * @param source what the owner calls the place they are from
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
    long notChosen,
    long waiting,
    @Nullable Long rowsPerSecond,
    @Nullable Integer secondsLeft,
    @Nullable String source,
    @Nullable String failure,
    Instant createdAt) {
  /** The same with how far and how fast reading is. */
  BatchView reading(int percent, @Nullable Long perSecond, @Nullable Integer left) {
    return new BatchView(
        id,
        fileName,
        fileSize,
        state,
        look,
        percent,
        rowsSeen,
        taken,
        bad,
        hereAlready,
        leftOutBefore,
        notChosen,
        waiting,
        perSecond,
        left,
        source,
        failure,
        createdAt);
  }

  /** The same with how many of its reviews wait. */
  BatchView waiting(long reviews) {
    return new BatchView(
        id,
        fileName,
        fileSize,
        state,
        look,
        progress,
        rowsSeen,
        taken,
        bad,
        hereAlready,
        leftOutBefore,
        notChosen,
        reviews,
        rowsPerSecond,
        secondsLeft,
        source,
        failure,
        createdAt);
  }
}
