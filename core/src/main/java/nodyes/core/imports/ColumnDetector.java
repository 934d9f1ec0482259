package nodyes.core.imports;

import java.text.Normalizer;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Tells which column of a file holds what: by its heading, else by what stands in it. */
public final class ColumnDetector {
  private static final double MOST = 0.8;
  private static final Set<String> LANGUAGE_CODES = Set.of(Locale.getISOLanguages());

  /** How a column is known. */
  public enum MatchBasis {
    /** Its heading names it. */
    HEADING,
    /** Its values look like it. */
    CONTENT,
    /** The owner said so. */
    CHOSEN
  }

  /**
   * What a column is taken for.
   *
   * @param index of the column, from 0
   * @param basis how it is known
   */
  public record ColumnMatch(int index, MatchBasis basis) {
    /** A column that the owner chose. */
    public static ColumnMatch chosen(int index) {
      return new ColumnMatch(index, MatchBasis.CHOSEN);
    }
  }

  private ColumnDetector() {}

  /**
   * The column for each thing that a heading names; the first where several do. Case, spaces and
   * punctuation do not matter. A path such as {@code customer.display_name} names what its parts
   * do, where no heading of one part does.
   */
  public static Map<ReviewColumn, Integer> of(List<String> headings) {
    var guess = new EnumMap<ReviewColumn, Integer>(ReviewColumn.class);
    named(headings, ColumnDetector::plain, guess);
    named(headings, heading -> plain(HeadingPath.meant(heading)), guess);
    return guess;
  }

  private static void named(
      List<String> headings, UnaryOperator<String> plain, Map<ReviewColumn, Integer> guess) {
    List<String> names = headings.stream().map(plain).toList();
    for (ReviewColumn column : ReviewColumn.values()) {
      for (int i = 0; i < names.size() && !guess.containsKey(column); i++) {
        if (column.isNamed(names.get(i)) && !guess.containsValue(i)) {
          guess.put(column, i);
        }
      }
    }
  }

  /**
   * As {@link #of(List)}; what no heading names is looked for in the values of the other columns.
   *
   * @param rows some rows of the file
   * @param isProduct whether a text names a product of the catalogue
   */
  public static Map<ReviewColumn, ColumnMatch> of(
      List<String> headings, List<List<String>> rows, Predicate<String> isProduct) {
    var guesses = new EnumMap<ReviewColumn, ColumnMatch>(ReviewColumn.class);
    var taken = new HashSet<Integer>();
    of(headings)
        .forEach(
            (column, index) -> {
              guesses.put(column, new ColumnMatch(index, MatchBasis.HEADING));
              taken.add(index);
            });
    truer(guesses.get(ReviewColumn.PRODUCT), headings.size(), rows, taken, isProduct)
        .ifPresent(index -> move(guesses, taken, index));
    var byContent = new EnumMap<ReviewColumn, Predicate<List<String>>>(ReviewColumn.class);
    byContent.put(ReviewColumn.PRODUCT, values -> most(values, isProduct));
    byContent.put(ReviewColumn.DATE, values -> most(values, ColumnDetector::isDate));
    byContent.put(ReviewColumn.PICTURE, values -> most(values, ColumnDetector::isPicture));
    byContent.put(ReviewColumn.COUNTRY, values -> most(values, ColumnDetector::isCountry));
    byContent.put(ReviewColumn.LANGUAGE, values -> most(values, LANGUAGE_CODES::contains));
    byContent.put(ReviewColumn.RATING, values -> most(values, ColumnDetector::isRating));
    byContent.forEach(
        (column, fits) -> {
          for (int i = 0; i < headings.size() && !guesses.containsKey(column); i++) {
            List<String> values = values(rows, i);
            if (!taken.contains(i) && !values.isEmpty() && fits.test(values)) {
              guesses.put(column, new ColumnMatch(i, MatchBasis.CONTENT));
              taken.add(i);
            }
          }
        });
    if (!guesses.containsKey(ReviewColumn.WORDS)) {
      longest(headings.size(), rows, taken)
          .ifPresent(i -> guesses.put(ReviewColumn.WORDS, new ColumnMatch(i, MatchBasis.CONTENT)));
    }
    return guesses;
  }

  /** A column whose values are products goes before one whose heading alone says so. */
  private static Optional<Integer> truer(
      @Nullable ColumnMatch product,
      int columns,
      List<List<String>> rows,
      Set<Integer> taken,
      Predicate<String> isProduct) {
    if (product == null || most(values(rows, product.index()), isProduct)) {
      return Optional.empty();
    }
    return IntStream.range(0, columns)
        .filter(i -> !taken.contains(i))
        .filter(i -> !values(rows, i).isEmpty() && most(values(rows, i), isProduct))
        .boxed()
        .findFirst();
  }

  private static void move(Map<ReviewColumn, ColumnMatch> guesses, Set<Integer> taken, int index) {
    ColumnMatch before =
        guesses.put(ReviewColumn.PRODUCT, new ColumnMatch(index, MatchBasis.CONTENT));
    if (before != null) {
      taken.remove(before.index());
    }
    taken.add(index);
  }

  /** What stands in a column, empty cells left out. */
  static List<String> values(List<List<String>> rows, int index) {
    return rows.stream()
        .filter(row -> index < row.size())
        .map(row -> row.get(index).strip())
        .filter(value -> !value.isEmpty())
        .toList();
  }

  private static boolean most(List<String> values, Predicate<String> fits) {
    return values.stream().filter(fits).count() >= MOST * values.size();
  }

  private static boolean isPicture(String text) {
    return text.matches("(?is)https?://\\S+\\.(jpe?g|png|webp|gif|avif)(\\?\\S*)?([\\s,|].*)?");
  }

  private static boolean isCountry(String text) {
    return (text.length() != 2 || text.equals(text.toUpperCase(Locale.ROOT)))
        && CountryNames.code(text).isPresent();
  }

  static boolean isRating(String text) {
    return text.matches("(?:\\d|10)(?:[.,]\\d{1,2})?");
  }

  /** The column of the longest texts, if they are texts of several words at all. */
  private static Optional<Integer> longest(
      int columns, List<List<String>> rows, Set<Integer> taken) {
    int best = -1;
    double most = 20;
    for (int i = 0; i < columns; i++) {
      List<String> values = values(rows, i);
      double mean = values.stream().mapToInt(String::length).average().orElse(0);
      if (!taken.contains(i)
          && mean > most
          && most(values, text -> text.length() < 2000 || text.contains(" "))) {
        most = mean;
        best = i;
      }
    }
    return best < 0 ? Optional.empty() : Optional.of(best);
  }

  static String plain(String header) {
    return Normalizer.normalize(header, Normalizer.Form.NFC)
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{M}\\p{N}]", "");
  }

  private static boolean isDate(String value) {
    return DateParser.isWritten(value)
        || MonthParser.isAgo(value)
        || MonthParser.named(value).isPresent();
  }
}
