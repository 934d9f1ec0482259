package nodyes.core.imports;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import nodyes.core.imports.ColumnDetector.ColumnMatch;
import nodyes.core.imports.ColumnDetector.MatchBasis;

/**
 * Tells which column of a table of products or orders holds what: by its heading, and by what
 * stands in it. Where a column holds what the catalogue has, it is the one that names products,
 * whatever others are called.
 */
public final class FeedColumnDetector {
  private static final double MOST = 0.8;
  private static final double SOME = 0.5;
  private static final double FEW = 0.2;

  private FeedColumnDetector() {}

  /**
   * The column of each term.
   *
   * @param isOrders whether it is a table of orders; else of products
   * @param rows some of its rows
   * @param isSku whether a text names a variant of the catalogue
   */
  public static Map<String, ColumnMatch> of(
      boolean isOrders, List<String> headings, List<List<String>> rows, Predicate<String> isSku) {
    var found = new LinkedHashMap<String, ColumnMatch>();
    (isOrders ? FeedColumnNames.orders(headings) : FeedColumnNames.products(headings))
        .forEach((term, index) -> found.put(term, new ColumnMatch(index, MatchBasis.HEADING)));
    byContent("sku", found, shares(headings.size(), rows, isSku), SOME);
    if (isOrders) {
      byContent("orderDate", found, shares(headings.size(), rows, DateParser::isWritten), MOST);
    }
    return found;
  }

  /** A column whose values fit takes the place of one whose values do not. */
  private static void byContent(
      String term, Map<String, ColumnMatch> found, double[] shares, double least) {
    ColumnMatch named = found.get(term);
    if (named != null && shares[named.index()] >= FEW) {
      return;
    }
    best(found, term, shares, least)
        .ifPresent(
            index -> {
              found.values().removeIf(match -> match.index() == index);
              found.put(term, new ColumnMatch(index, MatchBasis.CONTENT));
            });
  }

  /** The column that fits best, of those that are not known as something else by their values. */
  private static Optional<Integer> best(
      Map<String, ColumnMatch> found, String term, double[] shares, double least) {
    int best = -1;
    for (int i = 0; i < shares.length; i++) {
      int index = i;
      boolean isTaken =
          found.entrySet().stream()
              .anyMatch(
                  other ->
                      other.getValue().index() == index
                          && (other.getValue().basis() == MatchBasis.CONTENT
                              || (term.equals("orderDate") && !other.getKey().equals(term))));
      if (!isTaken && shares[i] >= least && (best < 0 || shares[i] > shares[best])) {
        best = i;
      }
    }
    return best < 0 ? Optional.empty() : Optional.of(best);
  }

  private static double[] shares(int columns, List<List<String>> rows, Predicate<String> fits) {
    var shares = new double[columns];
    for (int i = 0; i < columns; i++) {
      List<String> values = ColumnDetector.values(rows, i);
      shares[i] =
          values.isEmpty() ? 0 : (double) values.stream().filter(fits).count() / values.size();
    }
    return shares;
  }
}
