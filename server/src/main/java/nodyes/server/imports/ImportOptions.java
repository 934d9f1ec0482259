package nodyes.server.imports;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.review.NameDisplay;
import org.jspecify.annotations.Nullable;

/**
 * How the owner wants a file read, written and stored as one flat object. What is null is taken as
 * it was found, and of what can be chosen all is taken.
 *
 * @param columns which column holds what
 * @param criteria names of single things by the index of the column that holds their stars
 * @param product slug of the product that all rows are for; null to let the column choose
 * @param renames what other texts of a column mean here, by the text as it stands in the file
 * @param reading how cells are read
 * @param selection which rows are taken
 * @param handling what becomes of them
 */
public record ImportOptions(
    @Nullable Map<ReviewColumn, Integer> columns,
    @Nullable Map<Integer, String> criteria,
    @Nullable String product,
    @Nullable Map<ReviewColumn, Map<String, String>> renames,
    @JsonUnwrapped Reading reading,
    @JsonUnwrapped Selection selection,
    @JsonUnwrapped Handling handling) {
  /** All as it was found. */
  public static final ImportOptions FOUND =
      new ImportOptions(
          null,
          null,
          null,
          null,
          new Reading(null, null, null, null, null, null),
          new Selection(null, null, null, null, null, null),
          new Handling(null, null, null, null));

  /**
   * How cells are read.
   *
   * @param worst the lowest rating of the scale
   * @param best the highest
   * @param dateOrder the order of dates
   * @param language the language of all words; null for each its own
   * @param mendsEncoding whether text that was encoded twice is mended
   * @param countedFrom the day that 'two weeks ago' is counted back from, for a month; null where
   *     such dates are not taken
   */
  public record Reading(
      @Nullable BigDecimal worst,
      @Nullable BigDecimal best,
      @Nullable DateOrder dateOrder,
      @Nullable String language,
      @Nullable Boolean mendsEncoding,
      @Nullable LocalDate countedFrom) {
    Reading upTo(@Nullable BigDecimal highest) {
      return new Reading(worst, highest, dateOrder, language, mendsEncoding, countedFrom);
    }
  }

  /**
   * Which rows are taken.
   *
   * @param stars only these whole stars
   * @param countries only from these countries
   * @param languages only in these languages
   * @param withWords only those with words
   * @param withPictures only those with pictures
   * @param most at most so many, newest first
   */
  public record Selection(
      @Nullable Set<Integer> stars,
      @Nullable Set<String> countries,
      @Nullable Set<String> languages,
      @Nullable Boolean withWords,
      @Nullable Boolean withPictures,
      @Nullable Integer most) {}

  /**
   * What becomes of rows that are taken.
   *
   * @param nameForm the form that names get; as given where null
   * @param takesLeftOut whether what was left out before comes again
   * @param source what the owner calls the place they are from
   * @param permitted whether the owner says that they may be published; asked once for a source
   */
  public record Handling(
      @Nullable NameDisplay nameForm,
      @Nullable Boolean takesLeftOut,
      @Nullable String source,
      @Nullable Boolean permitted) {
    Handling from(String place) {
      return new Handling(nameForm, takesLeftOut, place, permitted);
    }

    Handling allowed() {
      return new Handling(nameForm, takesLeftOut, source, true);
    }

    NameDisplay nameFormOrAsGiven() {
      return nameForm == null ? NameDisplay.AS_GIVEN : nameForm;
    }
  }

  /** The same, from a place with that name. */
  ImportOptions from(String place) {
    return new ImportOptions(
        columns, criteria, product, renames, reading, selection, handling.from(place));
  }

  /** The same, permitted, with ratings up to {@code highest}. */
  public ImportOptions permitted(@Nullable BigDecimal highest) {
    return new ImportOptions(
        columns, criteria, product, renames, reading.upTo(highest), selection, handling.allowed());
  }

  /** What a text of a column means here: the text itself, unless the owner said otherwise. */
  String meant(ReviewColumn column, String text) {
    return renames == null
        ? text
        : renames.getOrDefault(column, Map.of()).getOrDefault(text.strip(), text);
  }
}
