package nodyes.server.backup;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nodyes.server.ServerSettings;
import org.springframework.stereotype.Component;

/** The backups in the data folder, newest first; only those that were opened and counted stay. */
@Component
public class Backups {
  /** How many are kept: a month of days. */
  static final int KEPT = 30;

  private static final Pattern NAME =
      Pattern.compile("nod-yes-\\d{4}-\\d\\d-\\d\\dT\\d\\d-\\d\\d-\\d\\dZ\\.zip");

  private final Path data;
  private final Path folder;
  private final Clock clock;

  Backups(ServerSettings settings, Clock clock) {
    this.data = settings.data();
    this.folder = data.resolve("backups");
    this.clock = clock;
  }

  /** A backup that is here. */
  record Kept(String name, long bytes, BackupManifest manifest) {}

  /** Where they lie. */
  Path folder() {
    return folder.toAbsolutePath().normalize();
  }

  /** Makes one, and takes away the oldest above those that are kept. */
  synchronized Kept make() throws BackupException {
    Instant now = clock.instant();
    Path file = folder.resolve(BackupFile.name(now));
    if (!Files.exists(file)) {
      BackupFile.make(data, file, now);
    }
    try {
      for (Path old : files().stream().skip(KEPT).toList()) {
        Files.deleteIfExists(old);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return kept(file).orElseThrow(() -> new BackupException(text("backups.noSuchBackup")));
  }

  /** Keeps a file that came from elsewhere, once it was opened and counted; it is moved. */
  synchronized Kept keep(Path came) throws BackupException {
    BackupManifest manifest = BackupFile.check(came);
    Path file = folder.resolve(BackupFile.name(manifest.madeAt()));
    try {
      Files.createDirectories(folder);
      Files.move(came, file, StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return kept(file).orElseThrow(() -> new BackupException(text("backups.noSuchBackup")));
  }

  /** A file to put what comes into. */
  Path temporary() throws IOException {
    Files.createDirectories(folder);
    return Files.createTempFile(folder, "coming-", ".part");
  }

  /** What is stored now. */
  BackupCounts present() {
    try {
      return BackupFile.counts(data).orElseThrow();
    } catch (BackupException e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
  }

  List<Kept> all() {
    var all = new ArrayList<Kept>();
    for (Path file : files()) {
      kept(file).ifPresent(all::add);
    }
    return List.copyOf(all);
  }

  /** The newest, if there is one. */
  Optional<Kept> newest() {
    return files().stream().map(this::kept).flatMap(Optional::stream).findFirst();
  }

  /** Whether somebody owns what is stored. */
  boolean hasOwner() {
    try {
      return BackupFile.counts(data).filter(counts -> counts.people() > 0).isPresent();
    } catch (BackupException e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
  }

  /** The file of a backup that is here; the name is one of ours and leads nowhere else. */
  Optional<Path> file(String name) {
    return Optional.of(name)
        .filter(one -> NAME.matcher(one).matches())
        .map(folder::resolve)
        .filter(Files::isRegularFile);
  }

  private Optional<Kept> kept(Path file) {
    try {
      return Optional.of(
          new Kept(
              String.valueOf(file.getFileName()), Files.size(file), BackupFile.manifest(file)));
    } catch (BackupException | IOException e) {
      // what somebody put there, or took away meanwhile, is no backup of ours
      return Optional.empty();
    }
  }

  private List<Path> files() {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> NAME.matcher(String.valueOf(file.getFileName())).matches())
          .sorted(Comparator.comparing(Path::getFileName).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
