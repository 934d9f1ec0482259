package nodyes.core.nod;

import java.util.Arrays;
import java.util.Optional;

/** The family of nods: for each kind its name on the wire and its types. */
public enum NodKind {
  /** Mean and number of reviews in one line. */
  STAR_LINE("star-line", "Star line", StarLine.class, StarLine.Content.class),
  /** The reviews themselves, with summary and pages. */
  REVIEW_WALL("review-wall", "Review wall", ReviewWall.class, ReviewWall.Content.class);

  private final String wireName;
  private final String words;
  private final Class<? extends Nod> settings;
  private final Class<? extends Content> content;

  NodKind(
      String wireName,
      String words,
      Class<? extends Nod> settings,
      Class<? extends Content> content) {
    this.wireName = wireName;
    this.words = words;
    this.settings = settings;
    this.content = content;
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

  /** The kind with that wire name, if any. */
  public static Optional<NodKind> parse(String wireName) {
    return Arrays.stream(values()).filter(kind -> kind.wireName.equals(wireName)).findFirst();
  }
}
