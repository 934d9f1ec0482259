package nodyes.server.imports;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.imports.VariantMatcher;
import nodyes.server.catalogue.ProductFinder;

/** What is looked at in each review that is imported, by itself. */
final class ReviewChecks {
  private static final int LONG_ENOUGH = 40;

  private final LanguageDetector guess;
  private final ProductFinder products;
  private final ImportOptions choices;
  private final LocalDate today;

  /**
   * Checks for one file.
   *
   * @param choices the owner's: the language of all words, and what texts mean
   * @param today the day of bringing in
   */
  ReviewChecks(
      LanguageDetector guess, ProductFinder products, ImportOptions choices, LocalDate today) {
    this.guess = guess;
    this.products = products;
    this.choices = choices;
    this.today = today;
  }

  /** The review in the language that it, the owner or its words say, in this order. */
  ImportedReview withLanguage(ImportedReview review) {
    if (review.text().language().isPresent()) {
      return review;
    }
    Optional<String> found =
        choices.reading().language() != null
            ? Optional.of(choices.reading().language())
            : review.text().body().flatMap(guess::of);
    return found.isEmpty() ? review : review.inLanguage(found);
  }

  /** The shop's variant that it speaks of. */
  Optional<String> variant(ImportedReview review, ProductFinder.Found product) {
    return review
        .variant()
        .map(
            given ->
                VariantMatcher.of(
                    choices.meant(ReviewColumn.VARIANT, given),
                    products.variants(product.productId()),
                    products.title(product.productId())))
        .orElse(product.variant());
  }

  /**
   * What there is to check, as bits.
   *
   * @param review as it stands in the file
   * @param product that it is filed under
   * @param variant the shop's variant that was found for it
   */
  long flags(ImportedReview review, ProductFinder.Found product, Optional<String> variant) {
    Set<ReviewFlag> flags = ReviewFlag.ofWords(review.text().body());
    if (review.variant().isPresent() && variant.isEmpty()) {
      flags.add(ReviewFlag.VARIANT);
    }
    if (isInAnotherLanguage(review)) {
      flags.add(ReviewFlag.LANGUAGE);
    }
    if (review.source().reviewedOn().filter(date -> date.earliest().isAfter(today)).isPresent()) {
      flags.add(ReviewFlag.FUTURE_DATE);
    }
    if (review
        .text()
        .body()
        .filter(words -> namesAnother(words, product.productId()))
        .isPresent()) {
      flags.add(ReviewFlag.OTHER_PRODUCT);
    }
    return ReviewFlag.bits(flags);
  }

  private boolean namesAnother(String words, long product) {
    Set<Long> named = products.named(words);
    return !named.isEmpty() && !named.contains(product);
  }

  private boolean isInAnotherLanguage(ImportedReview review) {
    String said =
        review
            .text()
            .language()
            .or(() -> Optional.ofNullable(choices.reading().language()))
            .orElse("");
    if (said.isEmpty() || review.text().body().orElse("").length() < LONG_ENOUGH) {
      return false;
    }
    String primary = Locale.forLanguageTag(said).getLanguage();
    return review.text().body().filter(words -> guess.isAnother(words, primary)).isPresent();
  }
}
