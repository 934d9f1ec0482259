package nodyes.server.feeds;

/** What became of something that a feed brought. */
public enum FeedRunState {
  /** Its good lines are taken. */
  DONE,
  /** It was read, and none of its lines could be taken. */
  NOTHING_TAKEN,
  /** So much is missing in it that someone should look first; nothing of it is taken. */
  NEEDS_APPROVAL,
  /** It was held, and the owner did not want it. */
  DISCARDED,
  /** It could not be read at all; nothing changed. */
  FAILED
}
