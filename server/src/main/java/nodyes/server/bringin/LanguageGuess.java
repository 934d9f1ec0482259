package nodyes.server.bringin;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;

import com.optimaize.langdetect.LanguageDetector;
import com.optimaize.langdetect.LanguageDetectorBuilder;
import com.optimaize.langdetect.ngram.NgramExtractors;
import com.optimaize.langdetect.profiles.LanguageProfile;
import com.optimaize.langdetect.profiles.LanguageProfileReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Tells the language of a text by its letter sequences. */
@Component
public class LanguageGuess {
  private static final int SHORTEST = 12;
  private static final int LOOKED_AT = 400;

  /** Enough to see that a text is in the language that it says, in less time than all of it. */
  private static final int GLANCED_AT = 100;

  private static final double SURE = 0.7;

  /** Hardly ever written in reviews, and easily taken for a neighbour that is. */
  private static final Set<String> RARE = Set.of("an", "ast", "br", "ht", "oc", "wa");

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
  private static final class Profiles {
    static final LanguageDetector ALL = read();

    private static LanguageDetector read() {
      try {
        List<LanguageProfile> languages =
            new LanguageProfileReader()
                .readAllBuiltIn().stream()
                    .filter(profile -> isRead(profile.getLocale().getLanguage()))
                    .toList();
        // always the whole text, once: sampling it seven times takes longer and tells no more
        return LanguageDetectorBuilder.create(NgramExtractors.standard())
            .shortTextAlgorithm(Integer.MAX_VALUE)
            .minimalConfidence(SURE)
            .withProfiles(languages)
            .seed(1)
            .build();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /** A language whose script says it needs no letter sequences, which take memory and time. */
  private static boolean isRead(String language) {
    return !RARE.contains(language) && !BY_SCRIPT.containsValue(language);
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

  private Optional<String> in(String text) {
    var found = Profiles.ALL.detect(text);
    return found.isPresent() ? Optional.of(found.get().getLanguage()) : Optional.empty();
  }
}
