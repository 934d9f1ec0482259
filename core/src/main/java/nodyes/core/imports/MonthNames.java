package nodyes.core.imports;

import java.text.Normalizer;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Names of months and of days of the week by CLDR, as the JDK carries it, in the languages that
 * files come in; written out or shortened, with accents or without.
 */
final class MonthNames {
  private static final List<Locale> LANGUAGES =
      List.of("en", "de", "fr", "es", "pt", "it", "nl").stream()
          .map(Locale::forLanguageTag)
          .toList();

  private static final List<TextStyle> STYLES =
      List.of(
          TextStyle.FULL, TextStyle.FULL_STANDALONE, TextStyle.SHORT, TextStyle.SHORT_STANDALONE);

  /** Shortened as people do and CLDR does not. */
  private static final Map<String, Month> OTHERS =
      Map.of(
          "sept", Month.SEPTEMBER,
          "set", Month.SEPTEMBER,
          "mrz", Month.MARCH,
          "mär", Month.MARCH,
          "mar", Month.MARCH,
          "janner", Month.JANUARY,
          "jänner", Month.JANUARY,
          "fevr", Month.FEBRUARY);

  private static final Map<String, Month> MONTHS = months();
  private static final Set<String> DAYS = days();

  private MonthNames() {}

  /** The month of that name, in small letters without a point. */
  static Optional<Month> month(String word) {
    return Optional.ofNullable(MONTHS.get(word));
  }

  /** Whether a day of the week has that name. */
  static boolean isDayOfWeek(String word) {
    return DAYS.contains(word);
  }

  private static Map<String, Month> months() {
    var names = new HashMap<String, Month>();
    for (Locale language : LANGUAGES) {
      for (TextStyle style : STYLES) {
        for (Month month : Month.values()) {
          for (String name : spellings(month.getDisplayName(style, language), language)) {
            names.putIfAbsent(name, month);
          }
        }
      }
    }
    OTHERS.forEach(names::putIfAbsent);
    return Map.copyOf(names);
  }

  private static Set<String> days() {
    var names = new HashSet<String>();
    for (Locale language : LANGUAGES) {
      for (TextStyle style : STYLES) {
        for (DayOfWeek day : DayOfWeek.values()) {
          for (String name : spellings(day.getDisplayName(style, language), language)) {
            // of two words in one, such as terça-feira, each is passed over
            names.addAll(List.of(name.split("-")));
          }
        }
      }
    }
    return Set.copyOf(names);
  }

  private static List<String> spellings(String name, Locale language) {
    String plain = name.toLowerCase(language).replace(".", "");
    String bare = Normalizer.normalize(plain, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
    return List.of(plain, bare);
  }
}
