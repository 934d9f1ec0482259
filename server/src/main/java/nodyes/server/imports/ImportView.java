package nodyes.server.imports;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A file that was brought, and what came of it.
 *
 * @param id its id
 * @param fileName its name
 * @param fileSize its size in bytes
 * @param state how far it is
 * @param inspection what it was found to hold
 * @param progress how much of it is read, 0 to 100
 * @param rowsSeen rows looked at
 * @param imported reviews stored
 * @param unreadable rows that cannot be taken
 * @param duplicates rows whose review is here already
 * @param leftOutBefore rows whose review was left out before
 * @param notSelected good rows that were not chosen
 * @param waiting reviews of it that are neither published nor left out yet
 * @param rowsPerSecond how fast it is read, while it is
 * @param secondsLeft how long reading will take from here, while it goes on
 * @param source what the owner calls the place they are from
 * @param failure why it stopped, if it did
 * @param createdAt when it was brought
 */
public record ImportView(
    long id,
    String fileName,
    long fileSize,
    ImportState state,
    FileInspection inspection,
    int progress,
    long rowsSeen,
    long imported,
    long unreadable,
    long duplicates,
    long leftOutBefore,
    long notSelected,
    long waiting,
    @Nullable Long rowsPerSecond,
    @Nullable Integer secondsLeft,
    @Nullable String source,
    @Nullable String failure,
    Instant createdAt) {
  /** The same with how far and how fast reading is. */
  ImportView reading(int percent, @Nullable Long perSecond, @Nullable Integer left) {
    return new ImportView(
        id,
        fileName,
        fileSize,
        state,
        inspection,
        percent,
        rowsSeen,
        imported,
        unreadable,
        duplicates,
        leftOutBefore,
        notSelected,
        waiting,
        perSecond,
        left,
        source,
        failure,
        createdAt);
  }

  /** The same with how many of its reviews wait. */
  ImportView waiting(long reviews) {
    return new ImportView(
        id,
        fileName,
        fileSize,
        state,
        inspection,
        progress,
        rowsSeen,
        imported,
        unreadable,
        duplicates,
        leftOutBefore,
        notSelected,
        reviews,
        rowsPerSecond,
        secondsLeft,
        source,
        failure,
        createdAt);
  }
}
