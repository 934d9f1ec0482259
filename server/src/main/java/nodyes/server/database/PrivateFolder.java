package nodyes.server.database;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** A folder that only its owner sees into, on systems that know of that (POSIX). */
final class PrivateFolder {
  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");

  private PrivateFolder() {}

  /** Makes the folder, or closes one that was open to others. */
  static void make(Path folder) throws IOException {
    Files.createDirectories(folder);
    if (isPosix(folder)) {
      Files.setPosixFilePermissions(folder, FOLDER);
    }
  }

  /** Makes an empty file that what is written into it stays in, or closes one that was open. */
  static void file(Path folder, String name) throws IOException {
    Path file = folder.resolve(name);
    if (!isPosix(folder)) {
      return;
    }
    try {
      Files.createFile(file, PosixFilePermissions.asFileAttribute(FILE));
    } catch (FileAlreadyExistsException e) {
      Files.setPosixFilePermissions(file, FILE);
    }
  }

  private static boolean isPosix(Path path) throws IOException {
    return Files.getFileStore(path).supportsFileAttributeView("posix");
  }
}
