package nodyes.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.concurrent.Callable;
import nodyes.server.backup.BackupCounts;
import nodyes.server.backup.BackupException;
import nodyes.server.backup.BackupFile;
import nodyes.server.backup.BackupManifest;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Puts a backup in the place of what is stored, here or on another machine. */
@Command(
    name = "restore",
    description = "Put a backup in the place of what is stored; what is there now is kept beside.",
    mixinStandardHelpOptions = true)
final class RestoreCommand implements Callable<Integer> {
  @Parameters(paramLabel = "FILE", description = "the backup")
  private Path file = Path.of("");

  @Option(
      names = "--data",
      defaultValue = ".data/serve",
      description = "folder for all that is stored")
  private Path data = Path.of(".data/serve");

  @Option(names = "--yes", description = "do not ask")
  private boolean isSure;

  @Override
  public Integer call() throws IOException {
    try {
      BackupManifest backup = BackupFile.check(file);
      System.out.println("The backup of " + backup.madeAt() + " holds " + said(backup.counts()));
      Optional<BackupCounts> present = BackupFile.counts(data);
      System.out.println(
          present
              .map(
                  counts ->
                      data.toAbsolutePath() + " holds " + said(counts) + " It is kept beside.")
              .orElse("Nothing is stored in " + data.toAbsolutePath() + " yet."));
      if (present.isPresent() && !isSure && !isAgreed()) {
        System.err.println("Nothing was changed.");
        return 1;
      }
      Optional<Path> kept =
          BackupFile.restore(
              file, data, InstantSource.system().instant().truncatedTo(ChronoUnit.SECONDS));
      System.out.println("Restored. Start it with ./nodyes serve --data " + data);
      kept.ifPresent(where -> System.out.println("What was there before is in " + where));
      return 0;
    } catch (BackupException e) {
      System.err.println(e.getMessage());
      return 1;
    }
  }

  private static boolean isAgreed() throws IOException {
    System.out.print("Replace it? Type yes: ");
    System.out.flush();
    String line =
        new BufferedReader(new InputStreamReader(System.in, Charset.defaultCharset())).readLine();
    return "yes".equalsIgnoreCase(line == null ? "" : line.strip());
  }

  static String said(BackupCounts counts) {
    return String.join(
        ", ",
        of(counts.reviews(), "review", "reviews"),
        of(counts.pictures(), "photo", "photos"),
        of(counts.orders(), "order", "orders"),
        of(counts.products(), "product", "products"),
        of(counts.versions(), "version of its pages", "versions of its pages"),
        of(counts.people(), "person", "people") + ".");
  }

  private static String of(long count, String one, String many) {
    return "%,d %s".formatted(count, count == 1 ? one : many);
  }
}
