package nodyes.server.database;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import nodyes.server.Settings;
import org.testng.annotations.Test;

/** What is stored was readable by everyone on the machine. */
public class PrivateFolderTest {
  private static String permissions(Path path) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  @Test
  public void whatIsStoredIsItsOwnersAlone() throws IOException {
    Path data = Files.createTempDirectory("nodyes-private").resolve("data");
    Files.createDirectory(
        data, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
    Database database = new Database(Settings.in(data));
    try {
      new HeartbeatStore(database).write(java.time.Instant.EPOCH);
      assertEquals(permissions(data), "rwx------");
      try (var files = Files.newDirectoryStream(data, "nodyes.sqlite*")) {
        for (Path file : files) {
          assertEquals(permissions(file), "rw-------", file.toString());
        }
      }
    } finally {
      database.close();
    }
  }
}
