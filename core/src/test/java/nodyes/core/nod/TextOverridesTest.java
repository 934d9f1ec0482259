package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;

public class TextOverridesTest {
  private static TextOverrides wording(String language, String name, String text) {
    return new TextOverrides(Map.of(language, Map.of(name, text)));
  }

  @Test
  public void valuesAreFoundInTheirOrder() {
    assertEquals(TextOverrides.values("{n} of {of}, since {day}"), List.of("n", "of", "day"));
    assertEquals(TextOverrides.values("{n} and {n}"), List.of("n", "n"));
    assertEquals(TextOverrides.values("no value"), List.of());
    assertEquals(TextOverrides.values("{"), List.of());
    assertEquals(TextOverrides.values("} {n"), List.of());
    assertEquals(TextOverrides.values("{{n}}"), List.of("n"));
    assertEquals(TextOverrides.values("{}"), List.of(""));
    assertEquals(TextOverrides.values("{ n }"), List.of(" n "));
  }

  @Test
  public void languagesWithoutWordsAreNone() {
    assertEquals(new TextOverrides(Map.of("pt", Map.of())), TextOverrides.NONE);
    assertEquals(wording("pt", "off", "menos").in("de"), Map.of());
    assertThrows(
        UnsupportedOperationException.class,
        () -> wording("pt", "off", "menos").in("pt").put("off", "mais"));
  }

  /** What is taken in is not what is kept: a map that is changed later changes nothing here. */
  @Test
  public void whatIsGivenIsCopied() {
    var words = new HashMap<String, String>();
    words.put("off", "menos");
    var given = new HashMap<String, Map<String, String>>();
    given.put("pt", words);
    var wording = new TextOverrides(given);
    words.put("off", "mais");
    given.put("de", Map.of("off", "weniger"));
    assertEquals(wording, wording("pt", "off", "menos"));
  }

  @Test
  public void whatCannotBeSaidSaysWhatItSaidBefore() {
    TextOverrides before = wording("en", "off", "{percent} less");
    TextOverrides after = wording("en", "off", "{prcent} less");
    assertEquals(after.sayable((_, text) -> !text.contains("prcent"), before), before);
    assertEquals(
        after.sayable((_, text) -> !text.contains("prcent"), TextOverrides.NONE),
        TextOverrides.NONE);
    assertEquals(after.sayable((_, _) -> true, before), after);
    // what was good last may be good no more
    assertEquals(after.sayable((_, _) -> false, before), TextOverrides.NONE);
    // a word of another language is no help
    assertEquals(
        after.sayable((_, text) -> !text.contains("prcent"), wording("pt", "off", "menos")),
        TextOverrides.NONE);
  }

  /** Whatever is given: all that is kept can be said, and is from now or from before. */
  @Test
  public void whatIsKeptCanBeSaid() {
    var random = new Random(11);
    for (int i = 0; i < 2_000; i++) {
      TextOverrides before = any(random);
      TextOverrides after = any(random);
      TextOverrides kept = after.sayable((name, text) -> (name + text).hashCode() % 3 != 0, before);
      kept.byLanguage()
          .forEach(
              (language, words) ->
                  words.forEach(
                      (name, text) -> {
                        assertTrue((name + text).hashCode() % 3 != 0);
                        var known = new ArrayList<String>();
                        known.add(after.in(language).get(name));
                        known.add(before.in(language).get(name));
                        assertTrue(known.contains(text), text);
                      }));
      assertTrue(after.byLanguage().keySet().containsAll(kept.byLanguage().keySet()));
      assertEquals(kept.sayable((_, _) -> true, before), kept);
    }
  }

  private static TextOverrides any(Random random) {
    var words = new HashMap<String, Map<String, String>>();
    for (String language : List.of("en", "pt", "ja")) {
      var texts = new HashMap<String, String>();
      for (int i = random.nextInt(4); i > 0; i--) {
        texts.put("word" + random.nextInt(4), "text " + random.nextInt(6));
      }
      words.put(language, texts);
    }
    return new TextOverrides(words);
  }
}
