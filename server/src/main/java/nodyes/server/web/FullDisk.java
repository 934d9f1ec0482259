package nodyes.server.web;

import java.io.IOException;

/** Tells a disk that is full from other failures. */
public final class FullDisk {
  /** What to say of it. */
  public static final String WORDS =
      "The disk of this machine is full. Nothing of this was stored, and all that was stored before"
          + " is kept. Make room, then try again.";

  private FullDisk() {}

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
