package nodyes.core.bringin;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.common.Decimals;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingScale;
import org.jspecify.annotations.Nullable;

/**
 * Reads rows of one file.
 *
 * @param columns which column holds what; without {@link Column#RATING} every row is bad
 * @param scale the scale of its ratings
 * @param dateOrder the order of its dates
 * @param zone the shop's zone
 */
public record RowReader(
    Map<Column, Integer> columns, RatingScale scale, DateOrder dateOrder, ZoneId zone) {
  private static final int LONGEST_NAME = 120;
  private static final int LONGEST_TITLE = 300;
  private static final int LONGEST_WORDS = 10_000;
  private static final int MOST_PICTURES = 10;

  /** What became of a row. */
  public sealed interface Outcome {
    /** It is a review. */
    record Good(Candidate review) implements Outcome {}

    /** It is not, and these are all the reasons. */
    record Bad(List<RowProblem> problems) implements Outcome {}
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
  public Outcome read(long line, List<String> values) {
    var cells = new Cells(line, values);
    Optional<String> given = cells.text(Column.RATING, LONGEST_NAME);
    Rating rating = rating(cells, given);
    Optional<String> country = cells.optional(Column.COUNTRY, this::country);
    Optional<String> language = cells.optional(Column.LANGUAGE, this::language);
    Optional<LocalDate> date = cells.optional(Column.DATE, this::day);
    var product = cells.text(Column.PRODUCT, LONGEST_TITLE);
    var variant = cells.text(Column.VARIANT, LONGEST_NAME);
    var title = cells.text(Column.TITLE, LONGEST_TITLE);
    var words = cells.text(Column.WORDS, LONGEST_WORDS);
    var reviewer = cells.text(Column.REVIEWER, LONGEST_NAME);
    var order = cells.text(Column.ORDER, LONGEST_NAME);
    var sourceId = cells.text(Column.SOURCE_ID, LONGEST_TITLE);
    var reply = cells.text(Column.REPLY, LONGEST_WORDS);
    var pictures = pictures(cells);
    if (rating == null || !cells.problems.isEmpty()) {
      return new Outcome.Bad(List.copyOf(cells.problems));
    }
    return new Outcome.Good(
        new Candidate(
            line,
            product,
            variant,
            rating,
            given.orElse(""),
            title,
            words,
            reviewer,
            country,
            language,
            date,
            order,
            sourceId,
            pictures,
            reply));
  }

  private @Nullable Rating rating(Cells cells, Optional<String> given) {
    RatingScale rowScale = rowScale(cells);
    Rating rating = cells.value(Column.RATING, given, text -> rating(text, rowScale));
    if (given.isEmpty()) {
      cells.problem(Column.RATING, "", "is empty");
    }
    return rating;
  }

  /** The row's own scale where it names one, else the file's. */
  private RatingScale rowScale(Cells cells) {
    BigDecimal best = cells.value(Column.BEST, cells.text(Column.BEST, 20), RowReader::number);
    BigDecimal worst = cells.value(Column.WORST, cells.text(Column.WORST, 20), RowReader::number);
    if (best == null && worst == null) {
      return scale;
    }
    BigDecimal from = worst == null ? scale.worst() : worst;
    BigDecimal to = best == null ? scale.best() : best;
    if (to.compareTo(from) <= 0) {
      cells.problem(Column.BEST, to.toPlainString(), "is not above the worst rating");
      return scale;
    }
    return new RatingScale(from, to);
  }

  private static List<String> pictures(Cells cells) {
    return cells
        .text(Column.PICTURE, LONGEST_WORDS)
        .map(text -> Arrays.stream(text.split("[\\s,|]+")).filter(s -> !s.isEmpty()).distinct())
        .orElse(Stream.empty())
        .limit(MOST_PICTURES)
        .toList();
  }

  private static Rating rating(String text, RatingScale scale) throws BadValue {
    BigDecimal number = number(text);
    return scale
        .toRating(number)
        .orElseThrow(
            () ->
                number.compareTo(scale.best()) > 0
                    ? new BadValue("over " + scale.best() + ", the best of its scale")
                    : new BadValue("under " + scale.worst() + ", the worst of its scale"));
  }

  private static BigDecimal number(String text) throws BadValue {
    BigDecimal number;
    try {
      number = Decimals.of(text.replace(',', '.'));
    } catch (NumberFormatException e) {
      throw new BadValue("is not a number", e);
    }
    if (number.precision() > LONGEST_NAME || Math.abs(number.scale()) > LONGEST_NAME) {
      throw new BadValue("is not a number");
    }
    return number;
  }

  private String country(String text) throws BadValue {
    return CountryNames.code(text).orElseThrow(() -> new BadValue("is not a country"));
  }

  private String language(String text) throws BadValue {
    String tag = text.replace('_', '-');
    Locale locale = Locale.forLanguageTag(tag);
    if (locale.getLanguage().isEmpty() || locale.getLanguage().length() > 3) {
      throw new BadValue("is not a language code such as en or pt-PT");
    }
    return locale.toLanguageTag();
  }

  private LocalDate day(String text) throws BadValue {
    LocalDate day = dateOrder.read(text, zone);
    if (day.getYear() < 1990) {
      throw new BadValue("lies before 1990");
    }
    return day;
  }

  private interface Reading<T> {
    T read(String text) throws BadValue;
  }

  /** The cells of one row, and what is wrong with them. */
  private final class Cells {
    private final long line;
    private final List<String> values;
    private final List<RowProblem> problems = new ArrayList<>();

    Cells(long line, List<String> values) {
      this.line = line;
      this.values = values;
    }

    Optional<String> text(Column column, int longest) {
      Integer index = columns.get(column);
      if (index == null || index >= values.size()) {
        return Optional.empty();
      }
      String text = values.get(index).strip();
      if (text.codePointCount(0, text.length()) > longest) {
        problem(column, text, "is longer than " + longest + " characters");
      }
      return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    <T> @Nullable T value(Column column, Optional<String> text, Reading<T> reading) {
      if (text.isEmpty()) {
        return null;
      }
      try {
        return reading.read(text.get());
      } catch (BadValue e) {
        problem(column, text.get(), e.reason());
        return null;
      }
    }

    <T> Optional<T> optional(Column column, Reading<T> reading) {
      return Optional.ofNullable(value(column, text(column, LONGEST_NAME), reading));
    }

    void problem(Column column, String value, String reason) {
      problems.add(new RowProblem(line, Optional.of(column), value, reason));
    }
  }
}
