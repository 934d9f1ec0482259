package nodyes.server.embed;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** The words of nods in each language; a language that is missing reads English. */
@Component
class Words {
  private static final String FALLBACK = "en";

  private final Map<String, Map<String, Map<String, Object>>> byLanguage = new TreeMap<>();

  Words(ObjectMapper json) {
    try {
      for (var file :
          new PathMatchingResourcePatternResolver().getResources("classpath:/words/*.json")) {
        String name = String.valueOf(file.getFilename());
        try (InputStream in = file.getInputStream()) {
          byLanguage.put(
              name.substring(0, name.length() - ".json".length()),
              json.readValue(in, new TypeReference<>() {}));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The words cannot be read", e);
    }
  }

  /** The language whose words a reader of {@code asked} gets. */
  String language(Locale asked) {
    return byLanguage.containsKey(asked.getLanguage()) ? asked.getLanguage() : FALLBACK;
  }

  Map<String, Map<String, Object>> of(String language, Collection<String> kinds) {
    var words = new LinkedHashMap<String, Map<String, Object>>();
    Map<String, Map<String, Object>> all = byLanguage.getOrDefault(language, Map.of());
    kinds.stream().distinct().filter(all::containsKey).forEach(k -> words.put(k, all.get(k)));
    return words;
  }
}
