package nodyes.server.backup;

/** A backup that cannot be made, opened or restored; its message is a sentence for people. */
public final class BackupException extends Exception {
  private static final long serialVersionUID = 1;

  BackupException(String message) {
    super(message);
  }

  BackupException(String message, Throwable cause) {
    super(message, cause);
  }
}
