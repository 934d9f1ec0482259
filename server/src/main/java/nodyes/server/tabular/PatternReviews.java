package nodyes.server.tabular;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.pagereading.PageTree;
import nodyes.core.pagereading.PatternFinder;
import nodyes.core.pagereading.PatternReader;
import nodyes.core.pagereading.ReviewPart;

/** Reviews that were read by how they look, as rows. */
public final class PatternReviews {
  private static final Map<ReviewPart, ReviewColumn> COLUMNS =
      new EnumMap<>(
          Map.of(
              ReviewPart.STARS, ReviewColumn.RATING,
              ReviewPart.NAME, ReviewColumn.REVIEWER,
              ReviewPart.DATE, ReviewColumn.DATE,
              ReviewPart.TITLE, ReviewColumn.TITLE,
              ReviewPart.WORDS, ReviewColumn.WORDS,
              ReviewPart.PICTURES, ReviewColumn.PICTURE,
              ReviewPart.VARIANT, ReviewColumn.VARIANT));

  private PatternReviews() {}

  /** What looks like reviews on a page that marks up none. */
  static List<Map<ReviewColumn, String>> proposed(PageTree page) {
    return PatternFinder.propose(page).stream()
        .flatMap(pattern -> PatternReader.read(page, pattern).stream())
        .filter(PatternReader.Block::isReview)
        .map(PatternReviews::row)
        .toList();
  }

  /** What was read of one. */
  public static Map<ReviewColumn, String> row(PatternReader.Block block) {
    var row = new EnumMap<ReviewColumn, String>(ReviewColumn.class);
    block.parts().forEach((part, read) -> row.put(COLUMNS.get(part), read.text()));
    block.best().ifPresent(best -> row.put(ReviewColumn.BEST, best.toPlainString()));
    return row;
  }
}
