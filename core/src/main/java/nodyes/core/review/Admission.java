package nodyes.core.review;

/**
 * Whether a review that a shopper writes in the shop is published at once or waits. It never
 * depends on the rating: praise and blame go the same way.
 */
public enum Admission {
  /** All are published at once. */
  AT_ONCE,
  /** All but those whose words hold an e-mail address, a link or a telephone number. */
  UNLESS_CONTACT,
  /** All wait until someone has looked at them. */
  AFTER_A_LOOK;

  /**
   * Where a review begins.
   *
   * @param words what it says; empty where it has no words
   * @return {@link ReviewState#PUBLISHED} or {@link ReviewState#WAITING}
   */
  public ReviewState first(String words) {
    boolean atOnce =
        switch (this) {
          case AT_ONCE -> true;
          case UNLESS_CONTACT -> ContactDetails.in(words).isEmpty();
          case AFTER_A_LOOK -> false;
        };
    return atOnce ? ReviewState.PUBLISHED : ReviewState.WAITING;
  }
}
