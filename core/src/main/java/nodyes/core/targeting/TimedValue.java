package nodyes.core.targeting;

import java.util.Optional;
import nodyes.core.common.ValidUntil;

/**
 * A fact and until when it stays so.
 *
 * @param value empty where it is not known
 * @param until with nothing but time going on
 */
public record TimedValue<T>(Optional<T> value, ValidUntil until) {
  /** A fact that time does not change. */
  public static <T> TimedValue<T> lasting(Optional<T> value) {
    return new TimedValue<>(value, ValidUntil.NEVER_ENDS);
  }
}
