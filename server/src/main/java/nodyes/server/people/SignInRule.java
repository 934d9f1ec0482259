package nodyes.server.people;

/**
 * How people sign in.
 *
 * @param secondStep who gives a second step
 * @param days so long a device stays signed in after its last use
 * @param isTold whether people are told by e-mail of a device that is new
 */
public record SignInRule(Who secondStep, int days, boolean isTold) {
  static final int MOST_DAYS = 60;
  static final SignInRule FIRST = new SignInRule(Who.WHO_WISHES, 14, true);

  /** Who gives a second step. */
  public enum Who {
    /** Whoever has set one up. */
    WHO_WISHES,
    /** Whoever can change something has to set one up. */
    WHO_CHANGES,
    /** Everyone has to. */
    EVERYONE
  }

  /** Whether a role must have a second step. */
  boolean asks(Role role) {
    return switch (secondStep) {
      case WHO_WISHES -> false;
      case WHO_CHANGES -> role != Role.READER;
      case EVERYONE -> true;
    };
  }
}
