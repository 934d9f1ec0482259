package nodyes.server.backup;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;

/**
 * Goes back to a backup while the server runs: whoever started it closes it, puts the backup in the
 * place of what is stored, and starts it again.
 */
public interface BackupRestorer {
  /** What came of the last one since the program was started. */
  Optional<Outcome> last();

  /** Goes back to a backup that was checked; returns at once. */
  void restore(Path backup);

  /**
   * What came of going back.
   *
   * @param backup the name of its file
   * @param kept where what was there before is now; empty where nothing was
   * @param failure why nothing was changed; empty where it was restored
   */
  record Outcome(Instant at, String backup, Optional<Path> kept, Optional<String> failure) {}
}
