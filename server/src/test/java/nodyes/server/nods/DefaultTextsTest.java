package nodyes.server.nods;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.text.PluralRules;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nodyes.core.nod.NodKind;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.ObjectMapper;

public class DefaultTextsTest {
  private static final List<String> KINDS =
      java.util.stream.Stream.concat(
              java.util.Arrays.stream(NodKind.values()).map(NodKind::wireName),
              java.util.stream.Stream.of("review-form", "writer-letter"))
          .toList();
  private static final Pattern VALUE = Pattern.compile("\\{\\w+}");
  private final DefaultTexts words = new DefaultTexts(new ObjectMapper());

  /**
   * Plural categories of CLDR that whole numbers under a million take in each language (CLDR plural
   * rules; English, German, Portuguese and Spanish: one and other; Japanese: other; Arabic: all
   * six).
   */
  @DataProvider
  Object[][] languages() {
    return new Object[][] {
      {"en", Set.of("one", "other")},
      {"pt", Set.of("one", "other")},
      {"de", Set.of("one", "other")},
      {"es", Set.of("one", "other")},
      {"fr", Set.of("one", "other")},
      {"ja", Set.of("other")},
      {"ar", Set.of("zero", "one", "two", "few", "many", "other")},
      {"pt-BR", Set.of("one", "other")},
    };
  }

  /** The same from ICU4J, which carries CLDR's rules itself. */
  @Test(dataProvider = "languages")
  public void theCategoriesAreThoseOfAnotherCarrierOfTheRules(
      String language, Set<String> plurals) {
    PluralRules rules = PluralRules.forLocale(Locale.forLanguageTag(language));
    Set<String> taken =
        IntStream.range(0, 1_000_000)
            .mapToObj(number -> rules.select(number))
            .collect(Collectors.toSet());
    assertEquals(taken, plurals);
  }

  @Test(dataProvider = "languages")
  public void everyLanguageSaysAllThatEnglishSays(String language, Set<String> plurals) {
    var english = words.of(Locale.ENGLISH, KINDS);
    var said = words.of(Locale.forLanguageTag(language), KINDS);
    assertEquals(said.keySet(), Set.copyOf(KINDS));
    for (String kind : KINDS) {
      var ours = requireNonNull(said.get(kind));
      var theirs = requireNonNull(english.get(kind));
      assertEquals(ours.keySet(), theirs.keySet(), language + " " + kind);
      ours.forEach(
          (name, wording) -> {
            if (wording instanceof Map<?, ?> forms) {
              assertEquals(forms.keySet(), plurals, language + " " + name);
            }
            assertEquals(
                values(wording), values(requireNonNull(theirs.get(name))), language + name);
          });
    }
  }

  private static Set<String> values(Object wording) {
    String text =
        wording instanceof Map<?, ?> forms ? forms.values().toString() : wording.toString();
    var found = new java.util.TreeSet<String>();
    var matcher = VALUE.matcher(text);
    while (matcher.find()) {
      found.add(matcher.group());
    }
    return found;
  }

  @Test
  public void aLanguageWithoutWordsReadsEnglish() {
    assertEquals(words.language(Locale.forLanguageTag("pt-BR")), "pt");
    assertEquals(words.language(Locale.forLanguageTag("fi")), "en");
    assertEquals(words.language(Locale.ROOT), "en");
    assertTrue(words.of(Locale.ENGLISH, List.of("no-such-kind")).isEmpty());
  }

  /** Words of Brazil that are other ones in Portugal: foto, link, anônimo, pedido (from memory). */
  @SuppressWarnings("ReferenceEquality") // what is not of the region is the very same object
  @Test
  public void aBrazilianReadsBrazilianPortuguese() {
    var brazil = words.of(Locale.forLanguageTag("pt-BR"), KINDS);
    var portugal = words.of(Locale.forLanguageTag("pt-PT"), KINDS);
    assertEquals(portugal, words.of(Locale.of("pt"), KINDS));
    assertEquals(requireNonNull(brazil.get("review-form")).get("pictures"), "Fotos");
    assertEquals(requireNonNull(portugal.get("review-form")).get("pictures"), "Fotografias");
    assertEquals(requireNonNull(brazil.get("review-wall")).get("someone"), "An\u00f4nimo");
    String all = brazil.toString();
    for (String europe :
        List.of(
            "fotografia",
            "An\u00f3nimo",
            "ncomend",
            "liga\u00e7\u00e3o",
            "apelido",
            "A sua ",
            "Introduza")) {
      assertFalse(all.contains(europe), europe);
    }
    // a text of the region is kept only where it is another one
    brazil.forEach(
        (kind, texts) -> {
          var theirs = requireNonNull(portugal.get(kind));
          texts.forEach(
              (name, text) -> {
                if (text != theirs.get(name)) {
                  assertNotEquals(text, theirs.get(name), kind + " " + name);
                }
              });
        });
  }

  @Test
  public void theWordsOfTheFormAreSaidWithTheWall() {
    assertEquals(words.sayable("de", NodKind.REVIEW_WALL).get("form-send"), "Bewertung senden");
    assertTrue(
        requireNonNull(words.values(NodKind.REVIEW_WALL).get("form-heading")).contains("product"));
    assertEquals(words.sayable("de", NodKind.STAR_LINE).get("form-send"), null);
  }
}
