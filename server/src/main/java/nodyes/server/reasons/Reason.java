package nodyes.server.reasons;

import nodyes.core.common.Said;

/** Messages of the catalogue of reasons. */
final class Reason {
  private Reason() {}

  /**
   * One with its values.
   *
   * @param key without the name of the catalogue
   */
  static Said of(String key, Object... namesAndValues) {
    return Said.of("reasons." + key, namesAndValues);
  }
}
