package nodyes.server.imports;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.ColumnDetector;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.ReviewColumn;
import nodyes.server.tabular.FileKind;
import org.jspecify.annotations.Nullable;

/**
 * What a file was found to hold.
 *
 * @param kind what it is
 * @param sheets names of a workbook's sheets
 * @param sheet the one that was read; empty where there are none
 * @param encoding name of the encoding of its rows
 * @param delimiter what parts their cells
 * @param headings its first row
 * @param columns which column is taken for what
 * @param bases how each is known
 * @param samples its first rows, with their lines
 * @param rows rows under the headings
 * @param broken rows that cannot be read
 * @param dateOrder the order of its dates
 * @param dateBecause the date that decided it, or empty
 * @param dateUnclear a date that is another day in the other order where nothing tells the order;
 *     empty or missing where that is clear
 * @param worst the lowest rating of the scale that its ratings seem to have
 * @param best the highest
 * @param highestRating the highest rating in it; 0 where there is none
 * @param languages how many of its first texts are in which language, most first
 * @param countries how many of its first rows are from which country, most first
 * @param seconds how long looking took
 * @param remembered when a file of these headings was read before, in which case its choices are
 *     taken over
 * @param choices those choices
 */
public record FileInspection(
    FileKind kind,
    List<String> sheets,
    String sheet,
    String encoding,
    String delimiter,
    List<String> headings,
    Map<ReviewColumn, Integer> columns,
    Map<ReviewColumn, ColumnDetector.MatchBasis> bases,
    List<Sample> samples,
    long rows,
    long broken,
    DateOrder dateOrder,
    String dateBecause,
    @Nullable String dateUnclear,
    BigDecimal worst,
    BigDecimal best,
    BigDecimal highestRating,
    List<Counted> languages,
    List<Counted> countries,
    double seconds,
    @Nullable Instant remembered,
    @Nullable ImportOptions choices) {
  /** A row as it stands in the file. */
  public record Sample(long line, List<String> cells) {}

  /** How many of the rows looked at are in a language, or from a country. */
  public record Counted(String code, int rows) {
    static List<Counted> mostFirst(Map<String, Integer> counts) {
      return counts.entrySet().stream()
          .sorted(
              Map.Entry.<String, Integer>comparingByValue()
                  .reversed()
                  .thenComparing(Map.Entry.comparingByKey()))
          .map(entry -> new Counted(entry.getKey(), entry.getValue()))
          .toList();
    }
  }

  /** The same with what is remembered of such a file. */
  FileInspection remembering(Instant when, ImportOptions before) {
    return new FileInspection(
        kind,
        sheets,
        sheet,
        encoding,
        delimiter,
        headings,
        columns,
        bases,
        samples,
        rows,
        broken,
        dateOrder,
        dateBecause,
        dateUnclear,
        worst,
        best,
        highestRating,
        languages,
        countries,
        seconds,
        when,
        before);
  }
}
