package nodyes.core.review;

/**
 * Whether a review that a shopper writes in the shop is published at once or waits. It never
 * depends on the rating: praise and blame go the same way.
 */
public enum PublicationPolicy {
  /** All are published at once. */
  IMMEDIATE,
  /** All but those whose words hold an e-mail address, a link or a telephone number. */
  UNLESS_CONTACT_DETAILS,
  /** All wait until someone has looked at them. */
  MANUAL;

  /**
   * Where a review begins.
   *
   * @param words what it says; empty where it has no words
   * @return {@link ReviewStatus#PUBLISHED} or {@link ReviewStatus#PENDING}
   */
  public ReviewStatus first(String words) {
    boolean atOnce =
        switch (this) {
          case IMMEDIATE -> true;
          case UNLESS_CONTACT_DETAILS -> ContactDetails.in(words).isEmpty();
          case MANUAL -> false;
        };
    return atOnce ? ReviewStatus.PUBLISHED : ReviewStatus.PENDING;
  }
}
