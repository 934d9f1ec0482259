package nodyes.core.imports;

import java.util.List;
import java.util.stream.IntStream;

/** Tells headings of a table from other rows. */
public final class TableHeadings {
  private static final int LONGEST = 60;

  private TableHeadings() {}

  /**
   * How many cells of a row are words that headings of reviews, products or orders are known by; 0
   * where a cell is longer than a heading is.
   */
  public static int known(List<String> cells) {
    if (cells.stream().anyMatch(cell -> cell.length() > LONGEST)) {
      return 0;
    }
    return IntStream.of(
            ColumnDetector.of(cells).size(),
            FeedColumnNames.products(cells).size(),
            FeedColumnNames.orders(cells).size())
        .max()
        .orElse(0);
  }
}
