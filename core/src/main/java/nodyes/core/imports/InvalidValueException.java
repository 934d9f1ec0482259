package nodyes.core.imports;

import nodyes.core.common.Said;

/** A value of a row that cannot be taken, with what a person is told of it. */
public final class InvalidValueException extends Exception {
  private static final long serialVersionUID = 1;

  private final transient Said reason;

  /** With the reason. */
  public InvalidValueException(Said reason) {
    super(reason.toString());
    this.reason = reason;
  }

  InvalidValueException(Said reason, Throwable cause) {
    super(reason.toString(), cause);
    this.reason = reason;
  }

  /** The reason. */
  public Said reason() {
    return reason;
  }
}
