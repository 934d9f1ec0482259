package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;

/** Tells a disk that is full from other failures. */
public final class DiskFullDetector {
  private DiskFullDetector() {}

  /** What to say of it. */
  public static String words() {
    return text("problems.diskFull");
  }

  /** Whether a failure comes of a disk that is full, as SQLite or the system says it. */
  public static boolean is(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      String said = String.valueOf(cause.getMessage());
      if (said.contains("[SQLITE_FULL]")
          || (cause instanceof IOException && said.contains("No space left on device"))) {
        return true;
      }
    }
    return false;
  }
}
