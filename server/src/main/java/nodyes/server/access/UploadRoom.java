package nodyes.server.access;

import static nodyes.server.messages.Texts.text;

import jakarta.annotation.PostConstruct;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import nodyes.server.ServerSettings;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;

/**
 * How many files may come in at a time, and how much room on the disk they may take together until
 * they are read. It stands after the judgement of who may send them.
 */
@Component
class UploadRoom {
  private static final int AT_ONCE = 4;
  private static final long TOGETHER = 2_200_000_000L;

  /** So much is left for all else that is stored. */
  private static final long SPARED = 300_000_000L;

  private static final int WAIT_SECONDS = 10;
  private static final int TOO_MANY = 429;
  private static final int NO_ROOM = 507;

  private final AccessTable table;
  private final Path folder;
  private int coming;
  private long taken;

  UploadRoom(AccessTable table, ServerSettings settings) {
    this.table = table;
    this.folder = settings.data().resolve("uploads");
  }

  /** What a stop in the middle has left. */
  @PostConstruct
  void tidy() {
    try {
      Files.createDirectories(folder);
      List<Path> left;
      try (Stream<Path> files = Files.list(folder)) {
        left = files.toList();
      }
      for (Path file : left) {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The folder for files that come in cannot be used", e);
    }
  }

  void filter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean isFile =
        BodyGate.hasBody(request)
            && table
                .find(request.getMethod(), request.getRequestURI())
                .filter(line -> line.body() == Line.Body.FILE)
                .isPresent();
    if (!isFile) {
      chain.doFilter(request, response);
      return;
    }
    long length = request.getContentLengthLong();
    if (length > folder.toFile().getUsableSpace() - SPARED) {
      ProblemAnswer.unread(request, response, NO_ROOM, text("problems.noRoom"));
    } else if (enter(length)) {
      try {
        chain.doFilter(request, response);
      } finally {
        leave(length);
      }
    } else {
      response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(WAIT_SECONDS));
      ProblemAnswer.unread(request, response, TOO_MANY, text("problems.otherUploads"));
    }
  }

  private synchronized boolean enter(long length) {
    if (coming == AT_ONCE || taken + length > TOGETHER) {
      return false;
    }
    coming++;
    taken += length;
    return true;
  }

  private synchronized void leave(long length) {
    coming--;
    taken -= length;
  }
}
