package nodyes.server.pictures;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import nodyes.server.ServerSettings;
import nodyes.server.web.ApiProblem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Where pictures of shoppers lie until it is their turn: on the disk, so that slow senders take
 * neither memory nor a turn, and so many at a time.
 */
@Component
class Spool {
  private static final int AT_ONCE = 24;
  private static final Duration LONGEST = Duration.ofSeconds(60);
  private static final Duration COME_BACK = Duration.ofSeconds(5);
  private static final int MEGABYTE = 1_000_000;
  private static final int PIECE = 1 << 16;

  private final Semaphore coming = new Semaphore(AT_ONCE);
  private final Path folder;

  Spool(ServerSettings settings) {
    this.folder = settings.data().resolve("uploads");
  }

  /** What is done with a file that has come in. */
  @FunctionalInterface
  interface Use<T> {
    T of(Path file) throws IOException;
  }

  <T> T receive(InputStream picture, int mostBytes, Use<T> use) throws IOException {
    if (!coming.tryAcquire()) {
      throw ApiProblem.busy(text("pictures.inTurn"), COME_BACK);
    }
    try {
      Files.createDirectories(folder);
      Path file = Files.createTempFile(folder, "picture-", ".part");
      try {
        receive(picture, mostBytes, file);
        return use.of(file);
      } finally {
        Files.deleteIfExists(file);
      }
    } finally {
      coming.release();
    }
  }

  private static void receive(InputStream picture, int mostBytes, Path file) throws IOException {
    long end = System.nanoTime() + LONGEST.toNanos();
    var piece = new byte[PIECE];
    long taken = 0;
    try (OutputStream out = Files.newOutputStream(file)) {
      for (int read = picture.read(piece); read >= 0; read = picture.read(piece)) {
        taken += read;
        if (taken > mostBytes) {
          throw ApiProblem.unusable(text("pictures.tooLarge", "megabyte", mostBytes / MEGABYTE));
        }
        if (System.nanoTime() > end) {
          throw new ApiProblem(HttpStatus.REQUEST_TIMEOUT, text("pictures.tooSlow"));
        }
        out.write(piece, 0, read);
      }
    }
  }
}
