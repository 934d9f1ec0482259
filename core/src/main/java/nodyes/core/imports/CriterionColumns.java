package nodyes.core.imports;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Columns that each hold the stars of one single thing: 'Quality rating', 'stars_comfort'. */
public final class CriterionColumns {
  private static final int MOST = 30;
  private static final int LONGEST = 60;
  private static final Pattern HUMP = Pattern.compile("(?<=[a-z])(?=[A-Z])");
  private static final Pattern PARTING = Pattern.compile("[\\s_:()\\[\\]/.]+");
  private static final Pattern WHOLE = Pattern.compile("(?i)rating[\\s_-]?value");

  /** Words by which a column of stars is known, in the languages of files (common practice). */
  private static final Set<String> STARS =
      Set.of(
          ("rating ratings rated stars star score bewertung sterne wertung note notes étoiles nota"
                  + " notas avaliação avaliacao estrelas valoración valoracion puntuación puntuacion"
                  + " estrellas voto stelle beoordeling sterren")
              .split(" "));

  /** What else stands beside such a word, in a column that is of no single thing. */
  private static final Set<String> OTHERS =
      Set.of(
          ("count number total max maximum min minimum best worst highest lowest scale average avg mean"
                  + " overall general id date text title review reviews product of the in out"
                  + " anzahl gesamt durchschnitt höchste niedrigste media nombre moyenne número"
                  + " quantidade média gesamtbewertung")
              .split(" "));

  private CriterionColumns() {}

  /**
   * The names of the single things by the index of their columns.
   *
   * @param rows some rows of the file; a column whose values are no numbers holds no stars
   * @param taken columns that hold something else
   * @param isCriterion whether the shop has a single thing of that name
   */
  public static Map<Integer, String> of(
      List<String> headings,
      List<List<String>> rows,
      Set<Integer> taken,
      Predicate<String> isCriterion) {
    var found = new LinkedHashMap<Integer, String>();
    for (int i = 0; i < headings.size() && found.size() < MOST; i++) {
      int column = i;
      if (!taken.contains(column) && areStars(rows, column)) {
        name(headings.get(column), isCriterion)
            .filter(name -> !found.containsValue(name))
            .ifPresent(name -> found.put(column, name));
      }
    }
    return found;
  }

  private static Optional<String> name(String heading, Predicate<String> isCriterion) {
    String own = heading.strip();
    if (own.isEmpty() || own.length() > LONGEST || WHOLE.matcher(own).matches()) {
      return Optional.empty();
    }
    if (isCriterion.test(own)) {
      return Optional.of(own);
    }
    List<String> words = words(own);
    List<String> left = words.stream().filter(word -> !isOneOf(STARS, word)).toList();
    boolean isNamed =
        left.size() < words.size() && left.stream().anyMatch(word -> !isOneOf(OTHERS, word));
    return isNamed ? Optional.of(sentence(left)) : Optional.empty();
  }

  /** What a program wrote as one word is parted where its words begin. */
  private static List<String> words(String heading) {
    String text =
        heading.contains(" ")
            ? heading
            : HUMP.matcher(heading).replaceAll(" ").replace('-', ' ').toLowerCase(Locale.ROOT);
    return Arrays.stream(PARTING.split(text)).filter(word -> !word.isEmpty()).toList();
  }

  private static boolean isOneOf(Set<String> words, String word) {
    return words.contains(word.toLowerCase(Locale.ROOT));
  }

  private static String sentence(List<String> words) {
    String text = String.join(" ", words);
    return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
  }

  private static boolean areStars(List<List<String>> rows, int column) {
    List<String> values =
        rows.stream()
            .filter(row -> column < row.size())
            .map(row -> row.get(column).strip())
            .filter(value -> !value.isEmpty())
            .toList();
    return !values.isEmpty() && values.stream().allMatch(ColumnDetector::isRating);
  }
}
