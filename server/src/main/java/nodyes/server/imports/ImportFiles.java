package nodyes.server.imports;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import nodyes.server.ServerSettings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Keeps what was brought, each import's file as it came and, until it is read, the rows made of it.
 */
@Component
class ImportFiles {
  private final Path folder;

  ImportFiles(ServerSettings settings) {
    this.folder = settings.data().resolve("brought");
  }

  Path temporary() throws IOException {
    Files.createDirectories(folder);
    return Files.createTempFile(folder, "look-", ".part");
  }

  void keep(long id, Path file, @Nullable Path rows) throws IOException {
    Files.move(file, brought(id), StandardCopyOption.REPLACE_EXISTING);
    keepRows(id, rows);
  }

  /** Rows made of the file; null where it is rows itself. */
  void keepRows(long id, @Nullable Path rows) throws IOException {
    if (rows == null) {
      Files.deleteIfExists(made(id));
    } else {
      Files.move(rows, made(id), StandardCopyOption.REPLACE_EXISTING);
    }
  }

  Path brought(long id) {
    return folder.resolve(id + ".brought");
  }

  /** The rows to read. */
  Path rows(long id) {
    return Files.exists(made(id)) ? made(id) : brought(id);
  }

  /** Gives up the rows that were made; the file itself stays. */
  void isRead(long id) throws IOException {
    Files.deleteIfExists(made(id));
  }

  private Path made(long id) {
    return folder.resolve(id + ".rows.csv");
  }
}
