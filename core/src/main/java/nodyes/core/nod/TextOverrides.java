package nodyes.core.nod;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;

/**
 * The owner's words for a nod.
 *
 * @param byLanguage by language (BCP 47 primary subtag), then by the word's name; a word that
 *     counts has one for each plural form, such as {@code reviews.one} and {@code reviews.other}
 *     (CLDR)
 */
public record TextOverrides(Map<String, Map<String, String>> byLanguage) {
  /** None: all is said in our words. */
  public static final TextOverrides NONE = new TextOverrides(Map.of());

  /** The languages that we have words in; readers of others read English. */
  public static final Set<String> LANGUAGES = Set.of("ar", "de", "en", "es", "fr", "ja", "pt");

  private static final Pattern VALUE = Pattern.compile("\\{([^{}]*)\\}");

  /** Keeps the words unchangeable, sorted by language and name; languages without words go. */
  public TextOverrides {
    var sorted = new TreeMap<String, Map<String, String>>();
    byLanguage.forEach(
        (language, words) -> {
          if (!words.isEmpty()) {
            sorted.put(language, java.util.Collections.unmodifiableMap(new TreeMap<>(words)));
          }
        });
    byLanguage = java.util.Collections.unmodifiableMap(sorted);
  }

  /** The names of the values that a text puts in, in braces, in their order. */
  public static List<String> values(String text) {
    var names = new ArrayList<String>();
    var found = VALUE.matcher(text);
    while (found.find()) {
      names.add(found.group(1));
    }
    return names;
  }

  /** The words of a language; none where the owner wrote none. */
  public Map<String, String> in(String language) {
    return byLanguage.getOrDefault(language, Map.of());
  }

  /**
   * The same with what cannot be said replaced by what was said before.
   *
   * @param sayable whether a text under a name can be said
   * @param before the words that were good last
   */
  public TextOverrides sayable(
      java.util.function.BiPredicate<String, String> sayable, TextOverrides before) {
    var kept = new LinkedHashMap<String, Map<String, String>>();
    byLanguage.forEach(
        (language, words) -> {
          var good = new LinkedHashMap<String, String>();
          words.forEach(
              (name, text) -> {
                String last = before.in(language).get(name);
                if (sayable.test(name, text)) {
                  good.put(name, text);
                } else if (last != null && sayable.test(name, last)) {
                  good.put(name, last);
                }
              });
          kept.put(language, good);
        });
    return new TextOverrides(kept);
  }
}
