package nodyes.core.nod;

import java.util.List;
import nodyes.core.common.NodId;
import nodyes.core.common.Unfit;
import nodyes.core.review.ReviewOrder;

/**
 * The published reviews of a product with their summary, a page at a time.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param perPage reviews to a page, 2 to 100
 * @param options how they are laid out, and what goes with them
 * @param dress what it says and how it looks
 */
public record ReviewWall(
    NodId id, Placement placement, int perPage, NodOptions options, Appearance dress)
    implements Nod {
  private static final int MOST_COLUMNS = 4;
  private static final String BE_THE_FIRST = "be-the-first";

  static final NodOption ORDER =
      NodOption.oneOf("order", "newest", "most-helpful", "highest", "lowest", "pictures-first");
  static final NodOption LAYOUT = NodOption.oneOf("layout", Layout.values());
  static final NodOption COLUMNS = NodOption.whole("columns", 1, MOST_COLUMNS, 2);
  static final NodOption COLUMNS_NARROW = NodOption.whole("columns-narrow", 1, 2, 1);
  static final NodOption TURNING = NodOption.oneOf("turning", Pagination.values());
  static final NodOption SUMMARY = NodOption.oneOf("summary", "full", "compact");
  static final NodOption LIST = NodOption.oneOf("list", "open", "folded");
  static final NodOption DATES = NodOption.oneOf("dates", "date", "ago");
  static final NodOption FLAGS = NodOption.yesNo("flags", true);
  static final NodOption TRANSLATION = NodOption.yesNo("translation", true);
  static final NodOption FORM = NodOption.oneOf("form", FormPlace.values());
  static final NodOption FORM_AT_FIRST = NodOption.oneOf("form-at-first", "folded", "open");
  static final NodOption EMPTY = NodOption.oneOf("empty", "hidden", BE_THE_FIRST);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS =
      List.of(
          ORDER,
          LAYOUT,
          COLUMNS,
          COLUMNS_NARROW,
          TURNING,
          SUMMARY,
          LIST,
          DATES,
          FLAGS,
          TRANSLATION,
          FORM,
          FORM_AT_FIRST,
          EMPTY);

  /** How reviews lie on the page. */
  public enum Layout {
    /** One under the other. */
    LIST,
    /** In rows of the same height. */
    GRID,
    /** In columns, each as high as it needs, its pictures first. */
    MASONRY
  }

  /** How a reader comes to further reviews. */
  public enum Pagination {
    /** By numbered pages. */
    PAGES,
    /** By a button that puts more under them. */
    MORE
  }

  /** Where a shopper writes a review. */
  public enum FormPlace {
    /** Behind the reviews. */
    AFTER,
    /** Before them. */
    BEFORE,
    /** Not here. */
    NONE
  }

  /** As usual, in our words and the brand kit's look. */
  public ReviewWall(NodId id, Placement placement, int perPage) {
    this(id, placement, perPage, NodOptions.USUAL, Appearance.DEFAULT);
  }

  /** Throws {@link IllegalArgumentException} outside 2 to 100 reviews to a page. */
  public ReviewWall {
    if (perPage < 2 || perPage > 100) {
      throw new Unfit("nods.reviewsPerPage");
    }
  }

  @Override
  public NodKind kind() {
    return NodKind.REVIEW_WALL;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.reviews(order(), perPage());
  }

  @Override
  public ReviewWall placed(Placement other) {
    return new ReviewWall(id, other, perPage, options, dress);
  }

  @Override
  public ReviewWall dressed(Appearance other) {
    return new ReviewWall(id, placement, perPage, options, other);
  }

  @Override
  public ReviewWall opted(NodOptions other) {
    return new ReviewWall(id, placement, perPage, other, dress);
  }

  @Override
  public ReviewWall copied(NodId other) {
    return new ReviewWall(other, placement, perPage, options, dress);
  }

  /** The order in which a reader finds them. */
  public ReviewOrder order() {
    return options.value(ORDER, ReviewOrder.class);
  }

  /** Whether days are told as so long ago. */
  public boolean tellsAgo() {
    return options.text(DATES).equals("ago");
  }

  /** The same that is there without reviews too, asking for the first. */
  public ReviewWall askingForTheFirst() {
    return opted(options.with(EMPTY, BE_THE_FIRST));
  }

  /** Whether it is there without reviews too, asking for the first. */
  public boolean asksForTheFirst() {
    return options.text(EMPTY).equals(BE_THE_FIRST);
  }

  /** How it is laid out. */
  public Shape shape() {
    return new Shape(
        order(),
        new Grid(
            options.value(LAYOUT, Layout.class),
            options.whole(COLUMNS),
            options.whole(COLUMNS_NARROW)),
        options.value(TURNING, Pagination.class),
        options.text(SUMMARY).equals("compact"),
        options.text(LIST).equals("folded"),
        options.isYes(FLAGS),
        options.isYes(TRANSLATION),
        new FormPosition(
            options.value(FORM, FormPlace.class), options.text(FORM_AT_FIRST).equals("open")));
  }

  /**
   * How reviews lie on the page.
   *
   * @param layout how they follow each other
   * @param columns beside each other on a wide screen, but in a list
   * @param columnsNarrow the same on a narrow one
   */
  public record Grid(Layout layout, int columns, int columnsNarrow) {}

  /**
   * Where a review is written.
   *
   * @param place before the reviews, after them or not here
   * @param isOpen whether the form is open at first
   */
  public record FormPosition(FormPlace place, boolean isOpen) {}

  /**
   * How a wall is laid out.
   *
   * @param order the order at first
   * @param grid how reviews lie
   * @param turning how a reader comes to further ones
   * @param isCompact whether the summary is one line
   * @param isFolded whether the reviews open when asked for
   * @param hasFlags whether a reviewer's country has its flag
   * @param isTranslated whether reviews in other languages can be read in the reader's
   * @param form where a review is written
   */
  public record Shape(
      ReviewOrder order,
      Grid grid,
      Pagination turning,
      boolean isCompact,
      boolean isFolded,
      boolean hasFlags,
      boolean isTranslated,
      FormPosition form) {
    /** As it is usual. */
    public static final Shape USUAL =
        new ReviewWall(
                new NodId("usual"),
                new Placement(
                    Spot.STANDARD.getFirst(),
                    java.util.Set.of(),
                    nodyes.core.targeting.Condition.everyone(),
                    true),
                2)
            .shape();
  }

  /**
   * What is shown at first; further pages are asked for when a shopper turns to them.
   *
   * @param wall the reviews and their summary
   * @param shape how it is laid out
   */
  public record ShapedWall(ReviewWallContent wall, Shape shape) implements Content {
    @Override
    public java.util.Map<String, java.util.Map<String, Object>> values() {
      return wall.values();
    }
  }
}
