package nodyes.server.messages;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.PluralRules;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Each language has English's messages with the same values, and the plurals that CLDR gives it.
 */
public class CataloguesTest {

  /** Names of values, those within plurals and choices too, which ICU's own list leaves out. */
  static Set<String> values(String message) {
    var pattern = new MessagePattern(message);
    var names = new TreeSet<String>();
    for (int i = 0; i < pattern.countParts(); i++) {
      if (pattern.getPartType(i) == MessagePattern.Part.Type.ARG_NAME) {
        names.add(pattern.getSubstring(pattern.getPart(i)));
      }
    }
    return names;
  }

  private static Set<String> pluralForms(String message) {
    var pattern = new MessagePattern(message);
    var names = new TreeSet<String>();
    for (int i = 0; i < pattern.countParts(); i++) {
      var part = pattern.getPart(i);
      if (part.getType() == MessagePattern.Part.Type.ARG_START
          && part.getArgType() == MessagePattern.ArgType.PLURAL) {
        for (int k = i + 1; k < pattern.getLimitPartIndex(i); k++) {
          if (pattern.getPartType(k) == MessagePattern.Part.Type.ARG_SELECTOR) {
            names.add(pattern.getSubstring(pattern.getPart(k)));
          }
          // what stands within a form has forms of its own
          if (pattern.getPartType(k) == MessagePattern.Part.Type.MSG_START) {
            k = pattern.getLimitPartIndex(k);
          }
        }
      }
    }
    return names.stream().filter(name -> !name.startsWith("=")).collect(Collectors.toSet());
  }

  @Test
  public void everyLanguageSaysAllThatEnglishSaysWithTheSameValues() {
    var english = Texts.catalogue("en");
    assertTrue(english.size() > 100, english.size() + " messages");
    for (String language : Texts.languages()) {
      var said = Texts.catalogue(language);
      assertEquals(said.keySet(), english.keySet(), language);
      Set<String> known = PluralRules.forLocale(new ULocale(language)).getKeywords();
      said.forEach(
          (key, message) -> {
            assertEquals(
                values(message), values(requireNonNull(english.get(key))), language + " " + key);
            Set<String> forms = pluralForms(message);
            assertTrue(known.containsAll(forms), language + " " + key + " " + forms);
            assertTrue(forms.isEmpty() || forms.contains("other"), language + " " + key);
          });
    }
  }

  /** Money is kept in a till. */
  private static final String MONEY = "A till";

  @Test
  public void noTextUsesAWordThatReadsOddly() throws IOException {
    var json = JsonMapper.builder().build();
    var avoided =
        json.readValue(
            Path.of("../docs/words-to-avoid.json").toFile(),
            new TypeReference<Map<String, List<String>>>() {});
    assertEquals(avoided.keySet(), Texts.languages());
    var found = new TreeSet<String>();
    avoided.forEach(
        (language, words) -> {
          Stream<String> shop =
              leaves(json.readTree(getClass().getResourceAsStream("/words/" + language + ".json")));
          List<String> texts =
              Stream.concat(Texts.catalogue(language).values().stream(), shop).toList();
          assertTrue(texts.size() > 900, language + " has " + texts.size());
          for (String word : words) {
            var whole =
                Pattern.compile(
                    "(?<![\\p{L}-])" + Pattern.quote(word) + "(?![\\p{L}-])",
                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
            texts.stream()
                .filter(text -> whole.matcher(text).find() && !text.contains(MONEY))
                .forEach(text -> found.add(language + " says " + word + ": " + text));
          }
        });
    assertEquals(found, Set.of());
  }

  private static Stream<String> leaves(JsonNode node) {
    return node.isObject() || node.isArray()
        ? node.valueStream().flatMap(CataloguesTest::leaves)
        : Stream.of(node.asString());
  }
}
