package nodyes.server.imports;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import opennlp.tools.langdetect.Language;
import opennlp.tools.langdetect.LanguageDetectorME;
import opennlp.tools.langdetect.LanguageDetectorModel;
import org.springframework.stereotype.Component;

/** Tells the language of a text by its letter sequences. */
@Component
public class LanguageDetector {
  private static final int SHORTEST = 12;
  private static final int LOOKED_AT = 400;

  /** Enough to see that a text is in the language that it says, in less time than all of it. */
  private static final int GLANCED_AT = 100;

  /** So many times likelier than the next one: what is not is not told. */
  private static final double SURE = 1.05;

  /** In the model beside others of its kind that reviews are hardly ever written in. */
  private static final Set<String> RARE =
      Set.of(
          ("an ast av ba bo br bs ce co cv eo fo fy gd gv ht ia ie ig io jv ku la lb li lo mg mi oc om os"
                  + " rm rn rw sa sc se sn so st su sw ti tk tn to ts tt ug ve vo wa wo xh yi yo za zu")
              .split(" "));

  /** Codes of the model that are of a part of a language (ISO 639-3), and the whole's. */
  private static final Map<String, String> PARTS =
      Map.of(
          "cmn", "zh", "nob", "no", "nno", "no", "lvs", "lv", "ekk", "et", "pes", "fa", "zlm", "ms",
          "arb", "ar");

  /** Scripts (UAX 24) that one language of today is written in, or none other that has reviews. */
  private static final Map<Character.UnicodeScript, String> BY_SCRIPT =
      Map.ofEntries(
          Map.entry(Character.UnicodeScript.HIRAGANA, "ja"),
          Map.entry(Character.UnicodeScript.KATAKANA, "ja"),
          Map.entry(Character.UnicodeScript.HANGUL, "ko"),
          Map.entry(Character.UnicodeScript.THAI, "th"),
          Map.entry(Character.UnicodeScript.GREEK, "el"),
          Map.entry(Character.UnicodeScript.TAMIL, "ta"),
          Map.entry(Character.UnicodeScript.TELUGU, "te"),
          Map.entry(Character.UnicodeScript.KANNADA, "kn"),
          Map.entry(Character.UnicodeScript.MALAYALAM, "ml"),
          Map.entry(Character.UnicodeScript.GUJARATI, "gu"),
          Map.entry(Character.UnicodeScript.KHMER, "km"),
          Map.entry(Character.UnicodeScript.HEBREW, "he"));

  /** So many letters of a script in a text settle it; one alone may be a quotation. */
  private static final int LETTERS = 3;

  /** Read when the first text is to be told: half a second that no start waits for. */
  private static final class Model {
    private static final String FILE = "/langdetect-183.bin";
    private static final LanguageDetectorModel ALL = read();
    static final Map<String, String> CODES = codes();

    private static LanguageDetectorModel read() {
      try (InputStream model =
          Objects.requireNonNull(LanguageDetectorME.class.getResourceAsStream(FILE))) {
        return new LanguageDetectorModel(model);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    /** Of three letters (ISO 639-3) those of two (ISO 639-1), where there are. */
    private static Map<String, String> codes() {
      var codes = new HashMap<String, String>();
      for (String language : Locale.getISOLanguages()) {
        if (!RARE.contains(language)) {
          codes.put(Locale.of(language).getISO3Language(), language);
        }
      }
      codes.putAll(PARTS);
      return Map.copyOf(codes);
    }
  }

  /** The language (BCP 47), where the text is long enough and the guess is sure. */
  public Optional<String> of(String text) {
    if (text.length() < SHORTEST && text.chars().noneMatch(c -> c > 0x2E80)) {
      return Optional.empty();
    }
    return byScript(text).or(() -> in(start(text, LOOKED_AT)));
  }

  private static Optional<String> byScript(String text) {
    if (text.chars().noneMatch(c -> c >= 0x0370)) {
      return Optional.empty();
    }
    return text
        .codePoints()
        .limit(LOOKED_AT)
        .mapToObj(Character.UnicodeScript::of)
        .map(BY_SCRIPT::get)
        .filter(Objects::nonNull)
        .collect(groupingBy(language -> language, counting()))
        .entrySet()
        .stream()
        .filter(found -> found.getValue() >= LETTERS)
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey);
  }

  /** Whether a text is surely in another language than this one (ISO 639). */
  public boolean isAnother(String text, String language) {
    return !byScript(text).or(() -> in(start(text, GLANCED_AT))).equals(Optional.of(language))
        && of(text).filter(found -> !found.equals(language)).isPresent();
  }

  private static String start(String text, int length) {
    return text.length() > length ? text.substring(0, length) : text;
  }

  /** The likeliest of those that reviews are written in, if the next one is less so. */
  private static Optional<String> in(String text) {
    Optional<String> likeliest = Optional.empty();
    double best = 0;
    // a detector is not made for several threads, and light beside its model
    for (Language found : new LanguageDetectorME(Model.ALL).predictLanguages(text)) {
      String code = Model.CODES.get(found.getLang());
      if (code == null) {
        continue;
      }
      if (likeliest.isEmpty()) {
        likeliest = Optional.of(code);
        best = found.getConfidence();
      } else if (!likeliest.get().equals(code)) {
        return best >= found.getConfidence() * SURE ? likeliest : Optional.empty();
      }
    }
    return likeliest;
  }
}
