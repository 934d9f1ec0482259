package nodyes.core.reviewform;

import java.util.Locale;

/** What the form can ask for beside the stars, which it always does. */
public enum FormField {
  /** A line above the words. */
  TITLE(120),
  /** The text. */
  WORDS(10_000),
  /** What is good, a line to each. */
  PROS(1_000),
  /** What is not. */
  CONS(1_000),
  /** Stars for single things that the owner asks about. */
  CRITERIA(0),
  /** Pictures. */
  PICTURES(0),
  /** The name, and how it is shown. */
  NAME(120),
  /** An e-mail address, which is never shown. */
  EMAIL(254);

  private final int longest;

  FormField(int longest) {
    this.longest = longest;
  }

  /** Most characters (code points); 0 where it is no text. */
  public int longest() {
    return longest;
  }

  /** The name on the wire. */
  public String wireName() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** Whether a field is asked for. */
  public enum Asked {
    /** The form is not taken without it. */
    REQUIRED,
    /** It can be left empty. */
    OPTIONAL,
    /** It is not there. */
    OFF
  }
}
