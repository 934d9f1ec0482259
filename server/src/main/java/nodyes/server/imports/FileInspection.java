package nodyes.server.imports;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.ColumnDetector;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.TableKind;
import nodyes.server.tabular.FileKind;
import org.jspecify.annotations.Nullable;

/**
 * What a file was found to hold, written and stored as one flat object.
 *
 * @param kind what it is
 * @param form how its rows stand in it
 * @param headings its first row
 * @param guessed which column is taken for what
 * @param found its rows
 * @param dates how its dates are read
 * @param scale which ratings it has
 * @param spread where its reviews are from
 * @param seconds how long looking took
 * @param memory what is known of such files
 */
public record FileInspection(
    FileKind kind,
    @JsonUnwrapped Form form,
    List<String> headings,
    @JsonUnwrapped Guessed guessed,
    @JsonUnwrapped FoundRows found,
    @JsonUnwrapped Dates dates,
    @JsonUnwrapped Scale scale,
    @JsonUnwrapped Spread spread,
    double seconds,
    @JsonUnwrapped Memory memory) {
  /**
   * How rows stand in a file.
   *
   * @param sheets names of a workbook's sheets
   * @param sheet the one that was read; empty where there are none
   * @param encoding name of the encoding of its rows
   * @param delimiter what parts their cells
   * @param doubled what of its text seems to be encoded twice; missing where nothing does
   */
  public record Form(
      List<String> sheets,
      String sheet,
      String encoding,
      String delimiter,
      @Nullable Doubled doubled) {}

  /**
   * Text that was written in UTF-8 and read as something else on its way.
   *
   * @param rows how many rows have such text
   * @param before the first of it, as it stands
   * @param after the same as it seems to be meant
   */
  public record Doubled(long rows, String before, String after) {}

  /**
   * Which column is taken for what.
   *
   * @param columns its index, from 0
   * @param bases how each is known
   * @param criteria names of single things by the index of the column that seems to hold their
   *     stars; missing where none does
   * @param looksLike what else its headings say that it holds; missing where that is reviews
   */
  public record Guessed(
      Map<ReviewColumn, Integer> columns,
      Map<ReviewColumn, ColumnDetector.MatchBasis> bases,
      @Nullable Map<Integer, String> criteria,
      @Nullable TableKind looksLike) {}

  /**
   * The rows of a file.
   *
   * @param samples the first of them, with their lines
   * @param rows how many stand under the headings
   * @param broken how many cannot be read
   */
  public record FoundRows(List<Sample> samples, long rows, long broken) {}

  /**
   * How dates are read.
   *
   * @param dateOrder their order
   * @param dateBecause the date that decided it, or empty
   * @param dateUnclear a date that is another day in the other order where nothing tells the order;
   *     empty or missing where that is clear
   * @param agos columns that tell how long ago it was and no day; missing where none does
   */
  public record Dates(
      DateOrder dateOrder,
      String dateBecause,
      @Nullable String dateUnclear,
      @Nullable List<Ago> agos) {}

  /**
   * A column with dates such as 'two weeks ago'.
   *
   * @param column its index
   * @param rows how many
   * @param example the first of them
   */
  public record Ago(int column, long rows, String example) {}

  /**
   * Which ratings a file has.
   *
   * @param worst the lowest of the scale that they seem to have
   * @param best the highest
   * @param highestRating the highest in it; 0 where there is none
   */
  public record Scale(BigDecimal worst, BigDecimal best, BigDecimal highestRating) {}

  /**
   * Where reviews are from.
   *
   * @param languages how many of the first texts are in which language, most first
   * @param countries how many of the first rows are from which country, most first
   */
  public record Spread(List<Counted> languages, List<Counted> countries) {}

  /**
   * What is known of files with these headings.
   *
   * @param remembered when one was read before, in which case its choices are taken over
   * @param choices those choices
   */
  public record Memory(@Nullable Instant remembered, @Nullable ImportOptions choices) {
    /** None was read before. */
    static final Memory NONE = new Memory(null, null);
  }

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
        form,
        headings,
        guessed,
        found,
        dates,
        scale,
        spread,
        seconds,
        new Memory(when, before));
  }
}
