package nodyes.server.backup;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import nodyes.server.database.Database;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A backup: one ZIP file with the database as it stood at one instant and the files beside it. It
 * holds secrets and what people wrote, so only its owner may read it.
 */
public final class BackupFile {
  /** Folders that are made anew, or hold backups themselves. */
  private static final Set<String> LEFT_OUT = Set.of("backups", "uploads", "out");

  private static final String LOOKS = "feeds/looks";
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final long MOST_ENTRIES = 5_000_000;

  private BackupFile() {}

  /** The usual name of a backup of that moment. */
  public static String name(Instant at) {
    return "nod-yes-" + at.truncatedTo(ChronoUnit.SECONDS).toString().replace(':', '-') + ".zip";
  }

  /**
   * Makes a backup of a data folder, whether a server runs on it or not, and opens it to see that
   * all is in it. What cannot be opened does not stay.
   *
   * @param to the file; it must not be there yet
   */
  public static BackupManifest make(Path data, Path to, Instant now) throws BackupException {
    if (!Files.isRegularFile(data.resolve(Database.NAME))) {
      throw new BackupException(text("backups.nothingStored", "folder", data.toAbsolutePath()));
    }
    try {
      Path folder = Files.createDirectories(to.toAbsolutePath().getParent());
      if (Files.exists(to)) {
        throw new BackupException(text("backups.isThere", "file", to.toAbsolutePath()));
      }
      Path copy = Files.createTempFile(folder, "copying-", ".sqlite");
      Path part = Files.createTempFile(folder, "backup-", ".part");
      try {
        Files.delete(copy);
        BackupManifest manifest = write(data, copy, part, now);
        check(part);
        Files.move(part, to);
        return manifest;
      } finally {
        Files.deleteIfExists(copy);
        Files.deleteIfExists(part);
      }
    } catch (IOException e) {
      throw new BackupException(
          text("backups.notWritten", "why", String.valueOf(e.getMessage())), e);
    }
  }

  private static BackupManifest write(Path data, Path copy, Path part, Instant now)
      throws IOException, BackupException {
    BackupCounts counts;
    String schema;
    try (var database = BackupStore.open(data.resolve(Database.NAME))) {
      database.copyTo(copy);
    }
    try (var copied = BackupStore.open(copy)) {
      counts = copied.counts();
      schema = copied.schema();
    }
    List<Path> files = files(data);
    var manifest = new BackupManifest(BackupManifest.FORMAT, now, schema, counts, files.size());
    try (OutputStream out = Files.newOutputStream(part);
        ZipOutputStream zip = new ZipOutputStream(out)) {
      entry(zip, BackupManifest.NAME);
      zip.write(JSON.writeValueAsBytes(manifest));
      entry(zip, Database.NAME);
      Files.copy(copy, zip);
      for (Path file : files) {
        entry(zip, data.relativize(file).toString().replace('\\', '/'));
        Files.copy(file, zip);
      }
    }
    return manifest;
  }

  private static void entry(ZipOutputStream zip, String name) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
  }

  private static List<Path> files(Path data) throws IOException {
    try (Stream<Path> all = Files.walk(data)) {
      return all.filter(Files::isRegularFile)
          .filter(file -> isKept(data.relativize(file)))
          .sorted()
          .toList();
    }
  }

  private static boolean isKept(Path file) {
    return !LEFT_OUT.contains(file.getName(0).toString())
        && !file.startsWith(LOOKS)
        && !file.getFileName().toString().startsWith(Database.NAME)
        && !file.getFileName().toString().endsWith(".part");
  }

  /**
   * Opens a backup: each of its files is read to its end, the database is checked and counted.
   *
   * @throws BackupException telling what is wrong with it
   */
  public static BackupManifest check(Path backup) throws BackupException {
    try (var zip = new ZipFile(backup.toFile())) {
      BackupManifest manifest = manifest(zip);
      Path folder = Files.createTempDirectory("nodyes-backup");
      try {
        demandRoom(zip, folder);
        Path database = folder.resolve(Database.NAME);
        long files = 0;
        for (ZipEntry entry : entries(zip)) {
          Path to = entry.getName().equals(Database.NAME) ? database : null;
          read(zip, entry, to);
          files += isFile(entry) ? 1 : 0;
        }
        if (!Files.exists(database) || files != manifest.files()) {
          throw new BackupException(text("backups.incomplete"));
        }
        try (var opened = BackupStore.open(database)) {
          opened.check();
          String schema = opened.schema();
          boolean isCounted =
              !opened.isOfThisVersion() || opened.counts().equals(manifest.counts());
          if (!schema.equals(manifest.schema()) || !isCounted) {
            throw new BackupException(text("backups.incomplete"));
          }
        }
        return manifest;
      } finally {
        delete(folder);
      }
    } catch (ZipException e) {
      throw new BackupException(
          text("backups.unreadable", "file", backup, "why", String.valueOf(e.getMessage())), e);
    } catch (IOException e) {
      throw new BackupException(
          text("backups.unreadable", "file", backup, "why", String.valueOf(e.getMessage())), e);
    }
  }

  private static boolean isFile(ZipEntry entry) {
    return !Set.of(BackupManifest.NAME, Database.NAME).contains(entry.getName());
  }

  /** What a backup says of itself, without opening what it holds. */
  static BackupManifest manifest(Path backup) throws BackupException, IOException {
    try (var zip = new ZipFile(backup.toFile())) {
      return manifest(zip);
    }
  }

  private static BackupManifest manifest(ZipFile zip) throws IOException, BackupException {
    ZipEntry entry = zip.getEntry(BackupManifest.NAME);
    if (entry == null) {
      throw new BackupException(text("backups.notOurs"));
    }
    try (InputStream in = zip.getInputStream(entry)) {
      BackupManifest manifest = JSON.readValue(in, BackupManifest.class);
      if (manifest.format() > BackupManifest.FORMAT) {
        throw new BackupException(text("backups.newer"));
      }
      return manifest;
    } catch (JacksonException e) {
      throw new BackupException(text("backups.notOurs"), e);
    }
  }

  private static List<? extends ZipEntry> entries(ZipFile zip) throws BackupException {
    if (zip.size() > MOST_ENTRIES) {
      throw new BackupException(text("backups.notOurs"));
    }
    return zip.stream().filter(entry -> !entry.isDirectory()).toList();
  }

  /** Refuses what would fill the disk, by the sizes that it names. */
  private static void demandRoom(ZipFile zip, Path folder) throws IOException, BackupException {
    long bytes = 0;
    for (ZipEntry entry : entries(zip)) {
      bytes += Math.max(0, entry.getSize());
    }
    if (bytes > Files.getFileStore(folder).getUsableSpace()) {
      throw new BackupException(text("backups.noRoom"));
    }
  }

  /** Reads an entry to its end and compares its checksum, which ZipFile itself does not. */
  private static void read(ZipFile zip, ZipEntry entry, @Nullable Path to) throws IOException {
    var sum = new CRC32();
    try (InputStream in = new CheckedInputStream(zip.getInputStream(entry), sum)) {
      if (to == null) {
        in.transferTo(OutputStream.nullOutputStream());
      } else {
        Files.createDirectories(to.getParent());
        Files.copy(in, to);
        if (Files.getFileStore(to).supportsFileAttributeView("posix")) {
          Files.setPosixFilePermissions(to, PosixFilePermissions.fromString("rw-------"));
        }
      }
    }
    if (sum.getValue() != entry.getCrc()) {
      throw new ZipException(entry.getName());
    }
  }

  /**
   * Puts a backup in the place of what a data folder holds, which is kept beside it.
   *
   * @return where what was there is now; empty where nothing was
   * @throws BackupException where the backup cannot be used, or a server runs on the folder;
   *     nothing has changed then
   */
  public static Optional<Path> restore(Path backup, Path data, Instant now) throws BackupException {
    check(backup);
    Path present = data.toAbsolutePath();
    String stamp = now.toString().replaceAll("[:.]", "-");
    Path made = present.resolveSibling(present.getFileName() + ".restoring-" + stamp);
    Path kept = present.resolveSibling(present.getFileName() + ".before-" + stamp);
    boolean isThere = Files.isRegularFile(present.resolve(Database.NAME));
    if (isThere) {
      try (var database = BackupStore.open(present.resolve(Database.NAME))) {
        database.demandAlone();
      }
    }
    try {
      unpack(backup, made);
      if (Files.exists(present)) {
        Path backups = present.resolve("backups");
        if (Files.isDirectory(backups)) {
          Files.move(backups, made.resolve("backups"));
        }
        Files.move(present, kept, StandardCopyOption.ATOMIC_MOVE);
      }
      Files.createDirectories(present.getParent());
      Files.move(made, present, StandardCopyOption.ATOMIC_MOVE);
      return isThere ? Optional.of(kept) : Optional.empty();
    } catch (IOException e) {
      throw new BackupException(text("backups.notPut", "why", String.valueOf(e.getMessage())), e);
    }
  }

  /**
   * Takes a restored backup away again, for one that the server does not start on; it is kept
   * beside.
   *
   * @param kept where what was there before is
   */
  public static void putBack(Path data, Path kept, Instant now) throws BackupException {
    Path present = data.toAbsolutePath();
    String stamp = now.toString().replaceAll("[:.]", "-");
    try {
      Path backups = present.resolve("backups");
      if (Files.isDirectory(backups)) {
        Files.move(backups, kept.resolve("backups"));
      }
      Files.move(present, present.resolveSibling(present.getFileName() + ".failed-" + stamp));
      Files.move(kept, present, StandardCopyOption.ATOMIC_MOVE);
    } catch (IOException e) {
      throw new BackupException(text("backups.notPut", "why", String.valueOf(e.getMessage())), e);
    }
  }

  private static void unpack(Path backup, Path folder) throws IOException, BackupException {
    Files.createDirectories(folder);
    try (var zip = new ZipFile(backup.toFile())) {
      demandRoom(zip, folder);
      for (ZipEntry entry : entries(zip)) {
        Path to = folder.resolve(entry.getName()).normalize();
        if (!to.startsWith(folder)) {
          throw new BackupException(text("backups.outside"));
        }
        if (!entry.getName().equals(BackupManifest.NAME)) {
          read(zip, entry, to);
        }
      }
    }
  }

  /** What is stored in a data folder now. */
  public static Optional<BackupCounts> counts(Path data) throws BackupException {
    Path file = data.resolve(Database.NAME);
    if (!Files.isRegularFile(file)) {
      return Optional.empty();
    }
    try (var database = BackupStore.open(file)) {
      return Optional.of(database.counts());
    }
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path one : all.sorted(java.util.Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(one);
      }
    }
  }
}
