package nodyes.core.bringin;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;

/** Tells whether two reviews of one product are the same one come twice. */
public final class Fingerprint {
  private Fingerprint() {}

  /**
   * Equal for reviews that came twice: the same words and reviewer, whatever their case, spacing
   * and punctuation. Where a review has no words, its rating, day and source id stand in for them.
   */
  public static String of(Candidate review) {
    Optional<String> words = review.words().map(Fingerprint::normal).filter(s -> !s.isEmpty());
    String who = review.reviewer().map(Fingerprint::normal).orElse("");
    return words
        .map(text -> "words|" + text + "|" + who)
        .orElseGet(
            () ->
                "rated|"
                    + review.rating().parts()
                    + "|"
                    + review.writtenOn().map(Object::toString).orElse("")
                    + "|"
                    + review.sourceId().orElse("")
                    + "|"
                    + review.title().map(Fingerprint::normal).orElse("")
                    + "|"
                    + who);
  }

  private static String normal(String text) {
    return Normalizer.normalize(text, Normalizer.Form.NFKC)
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", " ")
        .strip();
  }
}
