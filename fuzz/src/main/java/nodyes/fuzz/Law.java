package nodyes.fuzz;

/** What has to hold whatever comes. */
final class Law {
  private Law() {}

  static void holds(boolean holds, String law) {
    if (!holds) {
      throw new AssertionError(law);
    }
  }
}
