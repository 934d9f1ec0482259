package nodyes.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.concurrent.Callable;
import nodyes.server.backup.BackupException;
import nodyes.server.backup.BackupFile;
import nodyes.server.backup.BackupManifest;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes a backup, whether the server runs meanwhile or not. */
@Command(
    name = "backup",
    description = "Make a backup of all that is stored, and open it to see that it is whole.",
    mixinStandardHelpOptions = true)
final class BackupCommand implements Callable<Integer> {
  @Parameters(
      arity = "0..1",
      paramLabel = "FILE",
      description = "where to; without it, into the folder of backups beside the data")
  private @Nullable Path file;

  @Option(
      names = "--data",
      defaultValue = ".data/serve",
      description = "folder for all that is stored")
  private Path data = Path.of(".data/serve");

  @Override
  public Integer call() throws Exception {
    Instant now = InstantSource.system().instant().truncatedTo(ChronoUnit.SECONDS);
    String name = BackupFile.name(now);
    Path to = file == null ? data.resolve("backups").resolve(name) : file;
    if (Files.isDirectory(to)) {
      to = to.resolve(name);
    }
    try {
      BackupManifest made = BackupFile.make(data, to, now);
      System.out.println("Backed up to " + to.toAbsolutePath() + ", opened and counted:");
      System.out.println(RestoreCommand.said(made.counts()));
      return 0;
    } catch (BackupException e) {
      System.err.println(e.getMessage());
      return 1;
    }
  }
}
