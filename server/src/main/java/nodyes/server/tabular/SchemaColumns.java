package nodyes.server.tabular;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.ReviewColumn;

/** Names the columns of reviews that come from schema.org data, as its vocabulary does. */
public final class SchemaColumns {
  /** A heading of the tables that this product writes, and nobody else. */
  public static final String OWN_HEADING = "left out because";

  private static final Map<ReviewColumn, String> NAMES =
      Map.ofEntries(
          Map.entry(ReviewColumn.PRODUCT, "itemReviewed"),
          Map.entry(ReviewColumn.VARIANT, "variant"),
          Map.entry(ReviewColumn.RATING, "ratingValue"),
          Map.entry(ReviewColumn.BEST, "bestRating"),
          Map.entry(ReviewColumn.WORST, "worstRating"),
          Map.entry(ReviewColumn.TITLE, "headline"),
          Map.entry(ReviewColumn.WORDS, "reviewBody"),
          Map.entry(ReviewColumn.REVIEWER, "author"),
          Map.entry(ReviewColumn.COUNTRY, "country"),
          Map.entry(ReviewColumn.LANGUAGE, "inLanguage"),
          Map.entry(ReviewColumn.DATE, "datePublished"),
          Map.entry(ReviewColumn.PICTURE, "image"),
          Map.entry(ReviewColumn.ORDER, "order"),
          Map.entry(ReviewColumn.REPLY, "reply"),
          Map.entry(ReviewColumn.REPLY_DATE, "replyDate"),
          Map.entry(ReviewColumn.PROS, "positiveNotes"),
          Map.entry(ReviewColumn.CONS, "negativeNotes"),
          Map.entry(ReviewColumn.REASON, OWN_HEADING),
          Map.entry(ReviewColumn.SOURCE_ID, "identifier"));

  private SchemaColumns() {}

  /** Whether the cells of a table are text as this product or the vocabulary has it. */
  public static boolean isText(List<String> headings) {
    return headings.contains(OWN_HEADING) || headings.contains(name(ReviewColumn.WORDS));
  }

  /** The columns that at least one review fills, in a fixed order. */
  static List<ReviewColumn> filled(List<Map<ReviewColumn, String>> reviews) {
    return Arrays.stream(ReviewColumn.values())
        .filter(column -> reviews.stream().anyMatch(review -> review.containsKey(column)))
        .toList();
  }

  /** What the vocabulary calls a column. */
  public static String name(ReviewColumn column) {
    return NAMES.getOrDefault(column, column.words());
  }

  /** A review's texts by the names of their columns. */
  public static Map<String, String> cells(Map<ReviewColumn, String> review) {
    var cells = new LinkedHashMap<String, String>();
    review.forEach((column, text) -> cells.put(name(column), text));
    return cells;
  }
}
