package nodyes.server.feeds;

import java.util.List;
import nodyes.core.imports.ColumnDetector.MatchBasis;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.TableKind;
import nodyes.server.tabular.FileKind;
import nodyes.server.web.JsonLines.LineProblem;
import org.jspecify.annotations.Nullable;

/**
 * A file of products or orders as it was found, and what would come of reading it so.
 *
 * @param id names it when it is read
 * @param kind what it is read as; missing where nothing tells and the owner has to say
 * @param looksLike what its headings say that it holds, where they do
 * @param columns its columns in their order; none where it is no table
 * @param samples its first rows
 * @param trial what would come of it; missing where it is not known what it holds
 */
record FeedLook(
    String id,
    String fileName,
    @Nullable FeedKind kind,
    @Nullable TableKind looksLike,
    LookForm form,
    List<LookColumn> columns,
    List<LookRow> samples,
    LookDates dates,
    @Nullable LookTrial trial) {

  /**
   * How the file is written.
   *
   * @param delimiter what parts its cells, where it is CSV
   * @param sheet the sheet that is read, where it is a workbook
   */
  record LookForm(
      FileKind type,
      String delimiter,
      String encoding,
      String sheet,
      List<String> sheets,
      long rows) {}

  /**
   * A column.
   *
   * @param term what it holds, by schema.org's term; missing where it is not used
   * @param basis how that is known
   * @param proof what of its values bears that out; missing where nothing does
   * @param isDoubtful whether its values rather speak against it
   */
  record LookColumn(
      int index,
      String heading,
      @Nullable String term,
      @Nullable MatchBasis basis,
      @Nullable String proof,
      boolean isDoubtful) {}

  /** A row as it stands in the file. */
  record LookRow(long line, List<String> cells) {}

  /**
   * How dates are read.
   *
   * @param because the date that tells the order; empty where none does
   * @param unclear a date that is another day in the other order; empty where that is decided
   */
  record LookDates(DateOrder order, String because, String unclear) {}

  /**
   * What would come of it.
   *
   * @param taken products or orders
   * @param wrong lines that cannot be taken
   * @param so the same as a sentence
   * @param facts what the shop will know afterwards, and what it will not
   * @param problems the first of the wrong lines
   */
  record LookTrial(
      long taken, long wrong, String so, List<LookFact> facts, List<LineProblem> problems) {}

  /**
   * Something that nods rest on.
   *
   * @param text the sentence that tells of it
   * @param columns headings of the columns that say so
   */
  record LookFact(Topic topic, boolean isKnown, String text, List<String> columns) {}

  /** What nods rest on. */
  enum Topic {
    BESTSELLERS,
    RECENT_ORDERS,
    VERIFIED_PURCHASES,
    ARRIVALS,
    PRICE_DROPS,
    STOCK,
    PICTURES
  }
}
