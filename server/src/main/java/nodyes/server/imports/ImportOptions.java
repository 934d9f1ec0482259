package nodyes.server.imports;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.review.NameDisplay;
import org.jspecify.annotations.Nullable;

/**
 * How the owner wants a file read. What is null is taken as it was found, and of what can be chosen
 * all is taken.
 *
 * @param columns which column holds what
 * @param product slug of the product that all rows are for; null to let the column choose
 * @param worst the lowest rating of its scale
 * @param best the highest
 * @param dateOrder the order of its dates
 * @param language the language of all words; null for each its own
 * @param stars only these whole stars
 * @param countries only from these countries
 * @param languages only in these languages
 * @param withWords only those with words
 * @param withPictures only those with pictures
 * @param most at most so many, newest first
 * @param nameForm the form that names get; as given where null
 * @param takesLeftOut whether what was left out before comes again
 * @param source what the owner calls the place they are from
 * @param renames what other texts of a column mean here, by the text as it stands in the file
 * @param permitted whether the owner says that they may be published; asked once for a source
 */
public record ImportOptions(
    @Nullable Map<ReviewColumn, Integer> columns,
    @Nullable String product,
    @Nullable BigDecimal worst,
    @Nullable BigDecimal best,
    @Nullable DateOrder dateOrder,
    @Nullable String language,
    @Nullable Set<Integer> stars,
    @Nullable Set<String> countries,
    @Nullable Set<String> languages,
    @Nullable Boolean withWords,
    @Nullable Boolean withPictures,
    @Nullable Integer most,
    @Nullable NameDisplay nameForm,
    @Nullable Boolean takesLeftOut,
    @Nullable String source,
    @Nullable Map<ReviewColumn, Map<String, String>> renames,
    @Nullable Boolean permitted) {
  /** All as it was found. */
  public static final ImportOptions FOUND =
      new ImportOptions(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null, null);

  /** The same, from a place with that name. */
  ImportOptions from(String place) {
    return with(best, place, permitted);
  }

  /** The same, permitted, with ratings up to {@code highest}. */
  public ImportOptions permitted(@Nullable BigDecimal highest) {
    return with(highest, source, true);
  }

  private ImportOptions with(
      @Nullable BigDecimal highest, @Nullable String place, @Nullable Boolean isPermitted) {
    return new ImportOptions(
        columns,
        product,
        worst,
        highest,
        dateOrder,
        language,
        stars,
        countries,
        languages,
        withWords,
        withPictures,
        most,
        nameForm,
        takesLeftOut,
        place,
        renames,
        isPermitted);
  }

  /** What a text of a column means here: the text itself, unless the owner said otherwise. */
  String meant(ReviewColumn column, String text) {
    return renames == null
        ? text
        : renames.getOrDefault(column, Map.of()).getOrDefault(text.strip(), text);
  }
}
