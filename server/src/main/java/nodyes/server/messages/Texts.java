package nodyes.server.messages;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import nodyes.core.common.Said;
import nodyes.core.common.Unfit;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Texts by key, in the language of whoever asks, from the catalogues on the class path as a
 * resource bundle would be. A text is written in ICU's MessageFormat with named values; where a
 * language lacks one, it is the English one.
 */
public final class Texts {
  static final String FALLBACK = "en";

  private static final Map<String, Map<String, String>> BY_LANGUAGE = read();
  private static final Set<String> COUNTRIES = Set.of(Locale.getISOCountries());
  private static final Cache<String, MessageFormat> FORMATS =
      Caffeine.newBuilder().maximumSize(8_000).build();

  private Texts() {}

  private static Map<String, Map<String, String>> read() {
    var found = new HashMap<String, Map<String, String>>();
    var json = JsonMapper.builder().build();
    try {
      for (var file :
          new PathMatchingResourcePatternResolver().getResources("classpath:/messages/*/*.json")) {
        String language = file.getURL().getPath().replaceAll(".*/messages/([^/]+)/[^/]+$", "$1");
        try (InputStream in = file.getInputStream()) {
          Map<String, String> texts = json.readValue(in, new TypeReference<>() {});
          found.computeIfAbsent(language, _ -> new HashMap<>()).putAll(texts);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The messages cannot be read", e);
    }
    return found;
  }

  /**
   * A text with its values.
   *
   * @param key as in the catalogue
   * @param namesAndValues the name of a value and the value, in turn: numbers and texts
   */
  public static String text(String key, Object... namesAndValues) {
    var values = new HashMap<String, Object>();
    for (int i = 0; i < namesAndValues.length; i += 2) {
      values.put((String) namesAndValues[i], namesAndValues[i + 1]);
    }
    return text(key, values);
  }

  /** A text with its values by name: numbers and texts. */
  public static String text(String key, Map<String, ?> values) {
    Locale locale = locale();
    MessageFormat format =
        FORMATS.get(
            locale.toLanguageTag() + " " + key,
            _ -> new MessageFormat(required(locale, key), ULocale.forLocale(locale)));
    // a format is no thing to be used by two at once
    synchronized (format) {
      return format.format(values);
    }
  }

  /** What the core says, as a text. */
  public static String text(Said said) {
    var written = new HashMap<String, Object>();
    said.values().forEach((name, value) -> written.put(name, Written.value(value)));
    return text(said.key(), written);
  }

  /** Why a value was refused: the text of what the core says, else what the failure says itself. */
  public static String why(IllegalArgumentException failure) {
    return failure instanceof Unfit unfit
        ? text(unfit.said())
        : String.valueOf(failure.getMessage());
  }

  private static String required(Locale locale, String key) {
    return pattern(locale, key)
        .orElseThrow(() -> new IllegalArgumentException("no message has the key " + key));
  }

  /** A text as it stands in the catalogue, its values still open. */
  static Optional<String> pattern(Locale locale, String key) {
    Map<String, String> english = Objects.requireNonNull(BY_LANGUAGE.get(FALLBACK));
    Map<String, String> spoken = BY_LANGUAGE.getOrDefault(locale.getLanguage(), english);
    return Optional.ofNullable(spoken.getOrDefault(key, english.get(key)));
  }

  /** The catalogue of a language, by key; for what checks them. */
  static Map<String, String> catalogue(String language) {
    return Map.copyOf(BY_LANGUAGE.getOrDefault(language, Map.of()));
  }

  /** Says something in another language than that of whoever asks; in English where it is none. */
  public static <T> T in(Optional<String> language, Supplier<T> saying) {
    LocaleContext before = LocaleContextHolder.getLocaleContext();
    LocaleContextHolder.setLocale(language.map(Locale::forLanguageTag).orElse(Locale.UK));
    try {
      return saying.get();
    } finally {
      LocaleContextHolder.setLocaleContext(before);
    }
  }

  /** The languages that there are catalogues of. */
  public static Set<String> languages() {
    return Set.copyOf(BY_LANGUAGE.keySet());
  }

  /** The language that is spoken, whatever the country: of a few, for what is kept by language. */
  public static Locale spoken() {
    return Locale.of(locale().getLanguage());
  }

  /**
   * Where whoever asks reads: the language of the request, in English the British form. What nobody
   * asks for, such as a job by the clock, is said in English whatever the machine's language.
   */
  public static Locale locale() {
    if (LocaleContextHolder.getLocaleContext() == null) {
      return Locale.UK;
    }
    Locale asked = LocaleContextHolder.getLocale();
    if (!BY_LANGUAGE.containsKey(asked.getLanguage())) {
      return Locale.UK;
    }
    // a language and a country alone: with what else a stranger may ask for, there is no end to
    // them
    return asked.getCountry().isEmpty() && asked.getLanguage().equals(FALLBACK)
        ? Locale.UK
        : Locale.of(
            asked.getLanguage(), COUNTRIES.contains(asked.getCountry()) ? asked.getCountry() : "");
  }
}
