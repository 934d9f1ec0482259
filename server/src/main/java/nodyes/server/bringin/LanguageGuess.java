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

  /** Enough to see that a text is in the language that it says, at a third of the time. */
  private static final int GLANCED_AT = 100;

  private static final int LONG_FROM = 50;
  private static final double SURE = 0.7;

  /** Hardly ever written in reviews, and easily taken for a neighbour that is. */
  private static final Set<String> RARE = Set.of("an", "ast", "br", "ht", "oc", "wa");

  /** Scripts (UAX 24) that one language of today is written in, or none other that has reviews. */
  private static final Map<Character.UnicodeScript, String> BY_SCRIPT =
      Map.of(
          Character.UnicodeScript.HIRAGANA, "ja",
          Character.UnicodeScript.KATAKANA, "ja",
          Character.UnicodeScript.HANGUL, "ko",
          Character.UnicodeScript.THAI, "th",
          Character.UnicodeScript.GREEK, "el",
          Character.UnicodeScript.HEBREW, "he");

  /** So many letters of a script in a text settle it; one alone may be a quotation. */
  private static final int LETTERS = 3;

  private final LanguageDetector thorough;
  private final LanguageDetector quick;

  LanguageGuess() {
    try {
      List<LanguageProfile> languages =
          new LanguageProfileReader()
              .readAllBuiltIn().stream()
                  .filter(profile -> !RARE.contains(profile.getLocale().getLanguage()))
                  .toList();
      thorough = detector(languages, LONG_FROM);
      quick = detector(languages, Integer.MAX_VALUE);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * One that reads texts from a length on by samples, seven times, and shorter ones whole, once.
   */
  private static LanguageDetector detector(List<LanguageProfile> languages, int sampledFrom) {
    return LanguageDetectorBuilder.create(NgramExtractors.standard())
        .shortTextAlgorithm(sampledFrom)
        .minimalConfidence(SURE)
        .withProfiles(languages)
        .seed(1)
        .build();
  }

  /** The language (BCP 47), where the text is long enough and the guess is sure. */
  public Optional<String> of(String text) {
    if (text.length() < SHORTEST && text.chars().noneMatch(c -> c > 0x2E80)) {
      return Optional.empty();
    }
    return byScript(text).or(() -> in(thorough, start(text, LOOKED_AT)));
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
    return !byScript(text)
            .or(() -> in(quick, start(text, GLANCED_AT)))
            .equals(Optional.of(language))
        && of(text).filter(found -> !found.equals(language)).isPresent();
  }

  private static String start(String text, int length) {
    return text.length() > length ? text.substring(0, length) : text;
  }

  private static Optional<String> in(LanguageDetector detector, String text) {
    var found = detector.detect(text);
    return found.isPresent() ? Optional.of(found.get().getLanguage()) : Optional.empty();
  }
}
