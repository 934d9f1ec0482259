package nodyes.core.bringin;

/** A value of a row that cannot be taken. Its message says why, as the end of a sentence. */
public final class BadValue extends Exception {
  /** With the reason. */
  public BadValue(String reason) {
    super(reason);
  }

  BadValue(String reason, Throwable cause) {
    super(reason, cause);
  }

  /** The reason. */
  public String reason() {
    return String.valueOf(getMessage());
  }
}
