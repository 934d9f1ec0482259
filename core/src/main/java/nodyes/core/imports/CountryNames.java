package nodyes.core.imports;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Countries by code and by name in the languages that files come in; names from CLDR. */
public final class CountryNames {
  private static final List<Locale> LANGUAGES =
      List.of(
          Locale.ENGLISH,
          Locale.forLanguageTag("pt"),
          Locale.GERMAN,
          Locale.forLanguageTag("es"),
          Locale.FRENCH,
          Locale.JAPANESE);
  private static final Map<String, String> CODES = codes();

  private CountryNames() {}

  private static Map<String, String> codes() {
    var codes = new HashMap<String, String>();
    for (String code : Locale.getISOCountries()) {
      Locale country = new Locale.Builder().setRegion(code).build();
      codes.put(code.toLowerCase(Locale.ROOT), code);
      codes.putIfAbsent(country.getISO3Country().toLowerCase(Locale.ROOT), code);
      for (Locale language : LANGUAGES) {
        codes.putIfAbsent(country.getDisplayCountry(language).toLowerCase(Locale.ROOT), code);
      }
    }
    for (String name : List.of("uk", "great britain", "england", "scotland", "wales")) {
      codes.put(name, "GB");
    }
    for (String name : List.of("usa", "u.s.a.", "u.s.", "united states of america")) {
      codes.put(name, "US");
    }
    codes.put("the netherlands", "NL");
    codes.put("holland", "NL");
    codes.put("czech republic", "CZ");
    codes.put("turkey", "TR");
    codes.put("south korea", "KR");
    return Map.copyOf(codes);
  }

  /** The ISO 3166-1 alpha-2 code that a text is, or whose country it names. */
  public static Optional<String> code(String text) {
    return Optional.ofNullable(CODES.get(text.strip().toLowerCase(Locale.ROOT)));
  }
}
