package nodyes.server.bringin;

import com.optimaize.langdetect.LanguageDetector;
import com.optimaize.langdetect.LanguageDetectorBuilder;
import com.optimaize.langdetect.ngram.NgramExtractors;
import com.optimaize.langdetect.profiles.LanguageProfileReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Tells the language of a text by its letter sequences. */
@Component
public class LanguageGuess {
  private static final int SHORTEST = 12;
  private static final int LOOKED_AT = 400;
  private static final double SURE = 0.7;

  /** Hardly ever written in reviews, and easily taken for a neighbour that is. */
  private static final Set<String> RARE = Set.of("an", "ast", "br", "ht", "oc", "wa");

  private final LanguageDetector detector;

  LanguageGuess() {
    try {
      detector =
          LanguageDetectorBuilder.create(NgramExtractors.standard())
              .shortTextAlgorithm(50)
              .minimalConfidence(SURE)
              .withProfiles(
                  new LanguageProfileReader()
                      .readAllBuiltIn().stream()
                          .filter(profile -> !RARE.contains(profile.getLocale().getLanguage()))
                          .toList())
              .seed(1)
              .build();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The language (BCP 47), where the text is long enough and the guess is sure. */
  public Optional<String> of(String text) {
    if (text.length() < SHORTEST && text.chars().noneMatch(c -> c > 0x2E80)) {
      return Optional.empty();
    }
    String start = text.length() > LOOKED_AT ? text.substring(0, LOOKED_AT) : text;
    com.google.common.base.Optional<com.optimaize.langdetect.i18n.LdLocale> found =
        detector.detect(start);
    return found.isPresent() ? Optional.of(found.get().getLanguage()) : Optional.empty();
  }
}
