package nodyes.core.pagereading;

/** What can be read of a review on a page. */
public enum ReviewPart {
  /** How many stars it gives. */
  STARS,
  /** Who wrote it. */
  NAME,
  /** When it was written. */
  DATE,
  /** Its heading. */
  TITLE,
  /** What it says. */
  WORDS,
  /** Its pictures. */
  PICTURES,
  /** Which variant it is about. */
  VARIANT
}
