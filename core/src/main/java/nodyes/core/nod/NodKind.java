package nodyes.core.nod;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The family of nods: for each kind its name on the wire and its types. */
public enum NodKind {
  /** Mean and number of reviews in one line. */
  STAR_LINE("star-line", "Star line", StarLine.class, StarLine.Content.class, StarLine.OPTIONS),
  /** The reviews themselves, with summary and pages. */
  REVIEW_WALL(
      "review-wall", "Review wall", ReviewWall.class, ReviewWall.Content.class, ReviewWall.OPTIONS),
  /** A tab at the screen's edge that opens the reviews. */
  REVIEW_TAB(
      "review-tab", "Review tab", ReviewTab.class, ReviewTab.Content.class, ReviewTab.OPTIONS),
  /** A few reviews, picked by hand or by a rule. */
  PICKED_QUOTES(
      "picked-quotes",
      "Picked quotes",
      PickedQuotes.class,
      PickedQuotes.Content.class,
      PickedQuotes.OPTIONS);

  private final String wireName;
  private final String words;
  private final Class<? extends Nod> settings;
  private final Class<? extends Content> content;

  // records of names and forms that never change
  @SuppressWarnings("ImmutableEnumChecker")
  private final List<NodOption> options;

  NodKind(
      String wireName,
      String words,
      Class<? extends Nod> settings,
      Class<? extends Content> content,
      List<NodOption> options) {
    this.wireName = wireName;
    this.words = words;
    this.settings = settings;
    this.content = content;
    this.options = List.copyOf(options);
  }

  /** The name in stored settings and on the wire. */
  public String wireName() {
    return wireName;
  }

  /** What the owner calls it. */
  public String words() {
    return words;
  }

  /** The record with its settings. */
  public Class<? extends Nod> settings() {
    return settings;
  }

  /** The record with what a page shows of it. */
  public Class<? extends Content> content() {
    return content;
  }

  /** What can be set of it beside its look. */
  public List<NodOption> options() {
    return options;
  }

  /** The kind with that wire name, if any. */
  public static Optional<NodKind> parse(String wireName) {
    return Arrays.stream(values()).filter(kind -> kind.wireName.equals(wireName)).findFirst();
  }
}
