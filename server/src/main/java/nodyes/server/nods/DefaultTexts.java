package nodyes.server.nods;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import nodyes.core.nod.Label;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.TextOverrides;
import nodyes.core.nod.TextValue;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** The words of nods in each language; a language that is missing reads English. */
@Component
public class DefaultTexts {
  private static final String FALLBACK = "en";
  private static final String FORM = "review-form";

  private final Map<String, Map<String, Map<String, Object>>> byLanguage;

  /** What is said otherwise in a region, by its tag (BCP 47): pt-BR. */
  private final Map<String, Map<String, Map<String, Object>>> byRegion;

  DefaultTexts(ObjectMapper json) {
    byLanguage = read(json, "classpath:/words/*.json");
    byRegion = read(json, "classpath:/words/regional/*.json");
  }

  private static Map<String, Map<String, Map<String, Object>>> read(
      ObjectMapper json, String files) {
    var found = new TreeMap<String, Map<String, Map<String, Object>>>();
    try {
      for (var file : new PathMatchingResourcePatternResolver().getResources(files)) {
        String name = String.valueOf(file.getFilename());
        try (InputStream in = file.getInputStream()) {
          found.put(
              name.substring(0, name.length() - ".json".length()),
              json.readValue(in, new TypeReference<>() {}));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The words cannot be read", e);
    }
    return found;
  }

  /** The language whose words a reader of {@code asked} gets. */
  public String language(Locale asked) {
    return byLanguage.containsKey(asked.getLanguage()) ? asked.getLanguage() : FALLBACK;
  }

  /** The words of some kinds for a reader: of the language, as its region says them. */
  public Map<String, Map<String, Object>> of(Locale asked, Collection<String> kinds) {
    Map<String, Map<String, Object>> all = byLanguage.getOrDefault(language(asked), Map.of());
    Map<String, Map<String, Object>> regional =
        byRegion.getOrDefault(asked.getLanguage() + "-" + asked.getCountry(), Map.of());
    var words = new LinkedHashMap<String, Map<String, Object>>();
    for (String kind : kinds) {
      Map<String, Object> said = all.get(kind);
      if (said != null) {
        words.put(kind, with(said, regional.get(kind)));
      }
    }
    return words;
  }

  private static Map<String, Object> with(
      Map<String, Object> words, @Nullable Map<String, Object> regional) {
    if (regional == null) {
      return words;
    }
    var both = new LinkedHashMap<>(words);
    both.putAll(regional);
    return both;
  }

  /**
   * What an owner can say in other words of a kind: its own words, and those of what opens from it,
   * which begin with {@code wall-} and {@code form-}.
   */
  Map<String, Object> sayable(String language, NodKind kind) {
    var all = byLanguage.getOrDefault(language, Map.of());
    var sayable = new LinkedHashMap<>(all.getOrDefault(kind.wireName(), Map.of()));
    if (kind == NodKind.REVIEW_TAB) {
      add(sayable, "wall-", all.get(NodKind.REVIEW_WALL.wireName()));
    }
    if (kind == NodKind.REVIEW_TAB || kind == NodKind.REVIEW_WALL) {
      add(sayable, "form-", all.get(FORM));
    }
    return sayable;
  }

  private static void add(
      Map<String, Object> sayable, String prefix, @Nullable Map<String, Object> words) {
    if (words != null) {
      words.forEach((name, said) -> sayable.put(prefix + name, said));
    }
  }

  /** The languages that we have words in. */
  Set<String> languages() {
    return byLanguage.keySet();
  }

  /** The values that a word of a kind can put in, by the word's name without its plural form. */
  Map<String, Set<String>> values(NodKind kind) {
    var values = new LinkedHashMap<String, Set<String>>();
    sayable(FALLBACK, kind)
        .forEach(
            (name, said) ->
                values.put(name, new LinkedHashSet<>(TextOverrides.values(texts(said)))));
    if (kind.settings() == Label.class) {
      // any value of the product's can stand in a label
      values.values().forEach(names -> names.addAll(TextValue.Name.all()));
    }
    return values;
  }

  private static String texts(Object said) {
    return said instanceof Map<?, ?> forms ? String.valueOf(forms.values()) : said.toString();
  }
}
