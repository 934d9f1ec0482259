package nodyes.server.rows;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.bringin.Column;

/** Names the columns of reviews that come from schema.org data, as its vocabulary does. */
public final class SchemaColumns {
  private static final Map<Column, String> NAMES =
      Map.ofEntries(
          Map.entry(Column.PRODUCT, "itemReviewed"),
          Map.entry(Column.VARIANT, "variant"),
          Map.entry(Column.RATING, "ratingValue"),
          Map.entry(Column.BEST, "bestRating"),
          Map.entry(Column.WORST, "worstRating"),
          Map.entry(Column.TITLE, "headline"),
          Map.entry(Column.WORDS, "reviewBody"),
          Map.entry(Column.REVIEWER, "author"),
          Map.entry(Column.COUNTRY, "country"),
          Map.entry(Column.LANGUAGE, "inLanguage"),
          Map.entry(Column.DATE, "datePublished"),
          Map.entry(Column.PICTURE, "image"),
          Map.entry(Column.ORDER, "order"),
          Map.entry(Column.REPLY, "reply"),
          Map.entry(Column.SOURCE_ID, "identifier"));

  private SchemaColumns() {}

  /** The columns that at least one review fills, in a fixed order. */
  static List<Column> filled(List<Map<Column, String>> reviews) {
    return Arrays.stream(Column.values())
        .filter(column -> reviews.stream().anyMatch(review -> review.containsKey(column)))
        .toList();
  }

  /** What the vocabulary calls a column. */
  public static String name(Column column) {
    return NAMES.getOrDefault(column, column.words());
  }

  /** A review's texts by the names of their columns. */
  public static Map<String, String> cells(Map<Column, String> review) {
    var cells = new LinkedHashMap<String, String>();
    review.forEach((column, text) -> cells.put(name(column), text));
    return cells;
  }
}
