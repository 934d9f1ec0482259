package nodyes.server.jobs;

/** The kinds of work in the background. */
public enum JobKind {
  /** Asks the addresses of feeds when it is time to. */
  FEEDS,
  /** Asks the business directory when it is time to. */
  BUSINESS_PROFILE,
  /** Tells the owner of new reviews. */
  NOTIFICATIONS,
  /** Sends e-mails to reviewers. */
  REVIEWER_MAILS,
  /** Reads reviews from files. */
  REVIEW_IMPORTS,
  /** Fetches the photos that reviews name. */
  PICTURES,
  /** Tries again what follows a change and failed. */
  FOLLOW_UPS,
  /** Saves how many looked at products. */
  VISITOR_COUNTS(true),
  /** Writes down which pages shoppers had before them. */
  SEEN_PAGES(true),
  /** Makes a backup each day. */
  BACKUPS,
  /** Forgets photos that were sent ahead of forms that never came. */
  UPLOAD_CLEANUP,
  /** Forgets what is old of the activity. */
  ACTIVITY_CLEANUP,
  /** Saves when keys were used. */
  API_KEYS(true),
  /** Ends sign-ins that are over. */
  SIGN_INS(true);

  private final boolean isHousekeeping;

  JobKind() {
    this(false);
  }

  JobKind(boolean isHousekeeping) {
    this.isHousekeeping = isHousekeeping;
  }

  /** Whether it does something nearly each time, of which only a failure is worth noting. */
  boolean isHousekeeping() {
    return isHousekeeping;
  }
}
