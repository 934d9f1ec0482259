package nodyes.core.imports;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.common.Decimals;
import nodyes.core.common.Said;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingScale;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import org.jspecify.annotations.Nullable;

/**
 * Reads rows of one file.
 *
 * @param columns which column holds what; without {@link ReviewColumn#RATING} every row is bad
 * @param scale the scale of its ratings
 * @param dateOrder the order of its dates
 * @param zone the shop's zone
 * @param countedFrom the day that 'two weeks ago' is counted back from; empty where such a date is
 *     none
 */
public record RowReader(
    Map<ReviewColumn, Integer> columns,
    RatingScale scale,
    DateOrder dateOrder,
    ZoneId zone,
    Optional<LocalDate> countedFrom) {
  private static final int LONGEST_NAME = 120;
  private static final int LONGEST_TITLE = 300;
  private static final int LONGEST_WORDS = 10_000;
  private static final int MOST_PICTURES = 10;

  /** What became of a row. */
  public sealed interface RowResult {
    /** It is a review. */
    record Parsed(ImportedReview review) implements RowResult {}

    /** It is not, and these are all the reasons. */
    record Failed(List<RowError> problems) implements RowResult {}
  }

  /** Keeps the columns unchangeable. */
  public RowReader {
    columns = Map.copyOf(columns);
  }

  /**
   * Reads one row.
   *
   * @param line where it starts in the file, counted from 1
   * @param values its cells; a missing one counts as empty
   */
  public RowResult read(long line, List<String> values) {
    var cells = new RowCells(line, values, columns);
    Optional<String> given = cells.text(ReviewColumn.RATING, LONGEST_NAME);
    RatingScale rowScale = rowScale(cells);
    Rating rating = rating(cells, given, rowScale);
    Optional<String> country = cells.optional(ReviewColumn.COUNTRY, this::country);
    Optional<String> language = cells.optional(ReviewColumn.LANGUAGE, this::language);
    Optional<ReviewDate> date = cells.optional(ReviewColumn.DATE, this::date);
    var product = cells.text(ReviewColumn.PRODUCT, LONGEST_TITLE);
    var variant = cells.text(ReviewColumn.VARIANT, LONGEST_NAME);
    var title = cells.text(ReviewColumn.TITLE, LONGEST_TITLE);
    var words = cells.text(ReviewColumn.WORDS, LONGEST_WORDS);
    var reviewer = cells.text(ReviewColumn.REVIEWER, LONGEST_NAME);
    var order = cells.text(ReviewColumn.ORDER, LONGEST_NAME);
    var sourceId = cells.text(ReviewColumn.SOURCE_ID, LONGEST_TITLE);
    var pictures = pictures(cells);
    var extras = new ExtrasReader(cells, dateOrder, zone);
    var pros = extras.notes(ReviewColumn.PROS);
    var cons = extras.notes(ReviewColumn.CONS);
    boolean isVerified = extras.isSaid(ReviewColumn.VERIFIED);
    var incentive = extras.incentive();
    var besides = extras.extras(rowScale);
    if (rating == null || !cells.problems().isEmpty()) {
      return new RowResult.Failed(cells.problems());
    }
    return new RowResult.Parsed(
        new ImportedReview(
            line,
            product,
            variant,
            rating,
            given.orElse(""),
            new ReviewText(title, words, language, pros, cons),
            new Writer(reviewer, country),
            new ImportedReview.Source(date, order, sourceId, isVerified, incentive),
            new ReviewMedia(pictures),
            besides));
  }

  private static @Nullable Rating rating(
      RowCells cells, Optional<String> given, RatingScale rowScale) {
    Rating rating = cells.value(ReviewColumn.RATING, given, text -> rating(text, rowScale));
    if (given.isEmpty()) {
      cells.problem(ReviewColumn.RATING, "", Said.of("imports.cell.empty"));
    }
    return rating;
  }

  /** The row's own scale where it names one, else the file's. */
  private RatingScale rowScale(RowCells cells) {
    BigDecimal best =
        cells.value(ReviewColumn.BEST, cells.text(ReviewColumn.BEST, 20), RowReader::number);
    BigDecimal worst =
        cells.value(ReviewColumn.WORST, cells.text(ReviewColumn.WORST, 20), RowReader::number);
    if (best == null && worst == null) {
      return scale;
    }
    BigDecimal from = worst == null ? scale.worst() : worst;
    BigDecimal to = best == null ? scale.best() : best;
    if (to.compareTo(from) <= 0) {
      cells.problem(ReviewColumn.BEST, to.toPlainString(), Said.of("imports.cell.scale"));
      return scale;
    }
    return new RatingScale(from, to);
  }

  private static List<String> pictures(RowCells cells) {
    return cells
        .text(ReviewColumn.PICTURE, LONGEST_WORDS)
        .map(text -> Arrays.stream(text.split("[\\s,|]+")).filter(s -> !s.isEmpty()).distinct())
        .orElse(Stream.empty())
        .limit(MOST_PICTURES)
        .toList();
  }

  static Rating rating(String text, RatingScale scale) throws InvalidValueException {
    BigDecimal number = number(text);
    return scale
        .toRating(number)
        .orElseThrow(
            () ->
                number.compareTo(scale.best()) > 0
                    ? new InvalidValueException(Said.of("imports.cell.over", "best", scale.best()))
                    : new InvalidValueException(
                        Said.of("imports.cell.under", "worst", scale.worst())));
  }

  private static BigDecimal number(String text) throws InvalidValueException {
    BigDecimal number;
    try {
      number = Decimals.of(text.replace(',', '.'));
    } catch (NumberFormatException e) {
      throw new InvalidValueException(Said.of("imports.cell.notANumber"), e);
    }
    if (number.precision() > LONGEST_NAME || Math.abs(number.scale()) > LONGEST_NAME) {
      throw new InvalidValueException(Said.of("imports.cell.notANumber"));
    }
    return number;
  }

  private String country(String text) throws InvalidValueException {
    return CountryNames.code(text)
        .orElseThrow(() -> new InvalidValueException(Said.of("imports.cell.notACountry")));
  }

  private String language(String text) throws InvalidValueException {
    String tag = text.replace('_', '-');
    Locale locale = Locale.forLanguageTag(tag);
    if (locale.getLanguage().isEmpty() || locale.getLanguage().length() > 3) {
      throw new InvalidValueException(Said.of("imports.cell.notALanguage"));
    }
    return locale.toLanguageTag();
  }

  private ReviewDate date(String text) throws InvalidValueException {
    LocalDate day;
    try {
      day = dateOrder.read(text, zone);
    } catch (InvalidValueException noDay) {
      return ReviewDate.about(month(text, noDay));
    }
    if (day.getYear() < 1990) {
      throw new InvalidValueException(Said.of("imports.cell.before1990"));
    }
    return ReviewDate.on(day);
  }

  private YearMonth month(String text, InvalidValueException noDay) throws InvalidValueException {
    Optional<YearMonth> named = MonthParser.named(text);
    if (named.isPresent()) {
      return named.get();
    }
    if (!MonthParser.isAgo(text)) {
      throw noDay;
    }
    return countedFrom
        .flatMap(from -> MonthParser.ago(text, from))
        .orElseThrow(() -> new InvalidValueException(Said.of("imports.cell.soLongAgo"), noDay));
  }
}
