package nodyes.app;

import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import nodyes.server.backup.BackupException;
import nodyes.server.backup.BackupFile;
import nodyes.server.backup.BackupRestorer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Closes the server, puts a backup in its place and starts it again, also where that failed. */
final class Restoring implements BackupRestorer {
  private static final Logger LOG = LoggerFactory.getLogger(Restoring.class);

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

  /** Does it on this thread; asked for twice, one after the other. */
  synchronized void exchange(Path backup) {
    close.run();
    Instant now = InstantSource.system().instant().truncatedTo(ChronoUnit.SECONDS);
    String name = String.valueOf(backup.getFileName());
    Optional<Path> kept;
    try {
      kept = BackupFile.restore(backup, data, now);
    } catch (BackupException e) {
      last = Optional.of(failed(now, name, e));
      start.run();
      return;
    }
    last = Optional.of(new Outcome(now, name, kept, Optional.empty()));
    try {
      start.run();
    } catch (RuntimeException e) {
      LOG.error("The server does not start on {}", backup, e);
      startAsBefore(now, name, kept.orElseThrow(() -> e), e);
    }
  }

  private void startAsBefore(Instant now, String name, Path kept, RuntimeException why) {
    try {
      BackupFile.putBack(data, kept, now);
    } catch (BackupException e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
    last = Optional.of(failed(now, name, why));
    start.run();
  }

  private static Outcome failed(Instant now, String name, Exception why) {
    return new Outcome(now, name, Optional.empty(), Optional.of(String.valueOf(why.getMessage())));
  }
}
