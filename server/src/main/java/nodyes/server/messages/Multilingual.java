package nodyes.server.messages;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * A text that is stored when something is done and read later by anyone: in each language of the
 * back office, since what it names may be gone by then.
 *
 * @param byLanguage by ISO 639 code; English at least
 */
public record Multilingual(Map<String, String> byLanguage) {
  private static final String FALLBACK = "en";
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final TypeReference<Map<String, String>> TEXTS = new TypeReference<>() {};

  /** Keeps the texts unchangeable. */
  public Multilingual {
    byLanguage = Map.copyOf(byLanguage);
  }

  /** The same said in each language. */
  public static Multilingual of(Supplier<String> saying) {
    return new Multilingual(
        Texts.languages().stream()
            .collect(
                Collectors.toMap(
                    Function.identity(), language -> Texts.in(Optional.of(language), saying))));
  }

  /** In the language of whoever reads it, else in English. */
  public String text() {
    String spoken = byLanguage.get(Texts.spoken().getLanguage());
    return spoken != null ? spoken : byLanguage.getOrDefault(FALLBACK, "");
  }

  /** As it is stored: an object of JSON. */
  public String toJson() {
    return MAPPER.writeValueAsString(new TreeMap<>(byLanguage));
  }

  /** What {@link #toJson} made. */
  public static Multilingual parse(String json) {
    return new Multilingual(MAPPER.readValue(json, TEXTS));
  }
}
