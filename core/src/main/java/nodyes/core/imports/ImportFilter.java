package nodyes.core.imports;

import java.util.Set;

/**
 * Which of the good rows of a file are taken. An empty set means any.
 *
 * @param stars whole stars 1 to 5
 * @param countries ISO 3166-1 alpha-2 codes
 * @param languages BCP 47 primary languages
 * @param withWords only those with words
 * @param withPictures only those with pictures
 */
public record ImportFilter(
    Set<Integer> stars,
    Set<String> countries,
    Set<String> languages,
    boolean withWords,
    boolean withPictures) {
  /** All of them. */
  public static final ImportFilter ALL =
      new ImportFilter(Set.of(), Set.of(), Set.of(), false, false);

  /** Keeps the sets unchangeable. */
  public ImportFilter {
    stars = Set.copyOf(stars);
    countries = Set.copyOf(countries);
    languages = Set.copyOf(languages);
  }

  /** Whether a review is one of them; what a review does not say, it does not match. */
  public boolean takes(ImportedReview review) {
    return (stars.isEmpty() || stars.contains(review.rating().wholeStar()))
        && (countries.isEmpty()
            || review.writer().country().filter(countries::contains).isPresent())
        && (languages.isEmpty()
            || review
                .text()
                .language()
                .map(ImportFilter::primary)
                .filter(languages::contains)
                .isPresent())
        && (!withWords || review.text().body().isPresent())
        && (!withPictures || !review.media().isEmpty());
  }

  private static String primary(String tag) {
    int hyphen = tag.indexOf('-');
    return hyphen < 0 ? tag : tag.substring(0, hyphen);
  }
}
