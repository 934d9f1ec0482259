package nodyes.app;

import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import nodyes.server.backup.BackupException;
import nodyes.server.backup.BackupFile;
import nodyes.server.backup.BackupRestorer;

/** Closes the server, puts a backup in its place and starts it again, also where that failed. */
final class Restoring implements BackupRestorer {
  private final Path data;
  private final Runnable close;
  private final Runnable start;
  private volatile Optional<Outcome> last = Optional.empty();

  Restoring(Path data, Runnable close, Runnable start) {
    this.data = data;
    this.close = close;
    this.start = start;
  }

  @Override
  public Optional<Outcome> last() {
    return last;
  }

  @Override
  public void restore(Path backup) {
    // not of the server's own threads, which end with it; the program lives on meanwhile
    Thread.ofPlatform().name("restoring").start(() -> exchange(backup));
  }

  /** Does it on this thread. */
  void exchange(Path backup) {
    close.run();
    Instant now = InstantSource.system().instant().truncatedTo(ChronoUnit.SECONDS);
    String name = String.valueOf(backup.getFileName());
    try {
      Optional<Path> kept = BackupFile.restore(backup, data, now);
      last = Optional.of(new Outcome(now, name, kept, Optional.empty()));
    } catch (BackupException e) {
      last =
          Optional.of(
              new Outcome(
                  now, name, Optional.empty(), Optional.of(String.valueOf(e.getMessage()))));
    } finally {
      start.run();
    }
  }
}
