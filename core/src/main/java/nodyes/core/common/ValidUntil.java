package nodyes.core.common;

import java.time.Instant;
import java.util.Optional;
import java.util.function.BinaryOperator;

/**
 * The first instant at which, with the same facts, an answer could differ.
 *
 * @param end that instant, or empty where there is none
 */
public record ValidUntil(Optional<Instant> end) {
  /** Time alone changes nothing. */
  public static final ValidUntil NEVER_ENDS = new ValidUntil(Optional.empty());

  /** Holds before {@code end}, which is no longer part of it. */
  public static ValidUntil before(Instant end) {
    return new ValidUntil(Optional.of(end));
  }

  /** The earlier of the two ends: what holds while both hold. */
  public ValidUntil and(ValidUntil other) {
    return earlier(this, other);
  }

  /** As an operator for reduce, with {@link #NEVER_ENDS} as its identity. */
  public static final BinaryOperator<ValidUntil> EARLIEST = ValidUntil::earlier;

  private static ValidUntil earlier(ValidUntil a, ValidUntil b) {
    if (a.end.isEmpty()) {
      return b;
    }
    return b.end.isEmpty() || a.end.get().isBefore(b.end.get()) ? a : b;
  }
}
