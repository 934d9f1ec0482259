package nodyes.server.imports;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A file that was brought, and what came of it; written as one flat object.
 *
 * @param id its id
 * @param fileName its name
 * @param fileSize its size in bytes
 * @param state how far it is
 * @param inspection what it was found to hold
 * @param counts what came of its rows
 * @param reading how far and how fast it is read
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
    @JsonUnwrapped ImportCounts counts,
    @JsonUnwrapped Reading reading,
    @Nullable String source,
    @Nullable String failure,
    Instant createdAt) {
  /**
   * How far reading is.
   *
   * @param progress how much of the file is read, 0 to 100
   * @param rowsPerSecond how fast it is read, while it is
   * @param secondsLeft how long reading will take from here, while it goes on
   * @param waiting reviews of it that are neither published nor left out yet
   */
  public record Reading(
      int progress, @Nullable Long rowsPerSecond, @Nullable Integer secondsLeft, long waiting) {
    static Reading at(int percent) {
      return new Reading(percent, null, null, 0);
    }
  }

  /** The same with how far and how fast reading is. */
  ImportView reading(int percent, @Nullable Long perSecond, @Nullable Integer left) {
    return with(new Reading(percent, perSecond, left, reading.waiting()));
  }

  /** The same with how many of its reviews wait. */
  ImportView waiting(long reviews) {
    return with(
        new Reading(reading.progress(), reading.rowsPerSecond(), reading.secondsLeft(), reviews));
  }

  private ImportView with(Reading other) {
    return new ImportView(
        id, fileName, fileSize, state, inspection, counts, other, source, failure, createdAt);
  }
}
