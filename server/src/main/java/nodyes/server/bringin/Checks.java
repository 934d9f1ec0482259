package nodyes.server.bringin;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.Flag;
import nodyes.core.bringin.VariantMatch;
import nodyes.server.catalogue.ProductFinder;

/** What is looked at in each review that is brought in, by itself. */
final class Checks {
  private static final int LONG_ENOUGH = 40;

  private final LanguageGuess guess;
  private final ProductFinder products;
  private final Choices choices;
  private final LocalDate today;

  /**
   * Checks for one file.
   *
   * @param choices the owner's: the language of all words, and what texts mean
   * @param today the day of bringing in
   */
  Checks(LanguageGuess guess, ProductFinder products, Choices choices, LocalDate today) {
    this.guess = guess;
    this.products = products;
    this.choices = choices;
    this.today = today;
  }

  /** The review in the language that it, the owner or its words say, in this order. */
  Candidate withLanguage(Candidate review) {
    if (review.language().isPresent()) {
      return review;
    }
    Optional<String> found =
        choices.language() != null
            ? Optional.of(choices.language())
            : review.words().flatMap(guess::of);
    return found.isEmpty() ? review : review.inLanguage(found);
  }

  /** The shop's variant that it speaks of. */
  Optional<String> variant(Candidate review, ProductFinder.Found product) {
    return review
        .variant()
        .map(
            given ->
                VariantMatch.of(
                    choices.meant(Column.VARIANT, given),
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
  long flags(Candidate review, ProductFinder.Found product, Optional<String> variant) {
    Set<Flag> flags = Flag.ofWords(review.words());
    if (review.variant().isPresent() && variant.isEmpty()) {
      flags.add(Flag.VARIANT);
    }
    if (isInAnotherLanguage(review)) {
      flags.add(Flag.LANGUAGE);
    }
    if (review.writtenOn().filter(day -> day.isAfter(today)).isPresent()) {
      flags.add(Flag.FUTURE);
    }
    if (review.words().filter(words -> namesAnother(words, product.productId())).isPresent()) {
      flags.add(Flag.OTHER_PRODUCT);
    }
    return Flag.bits(flags);
  }

  private boolean namesAnother(String words, long product) {
    Set<Long> named = products.named(words);
    return !named.isEmpty() && !named.contains(product);
  }

  private boolean isInAnotherLanguage(Candidate review) {
    String said = review.language().or(() -> Optional.ofNullable(choices.language())).orElse("");
    if (said.isEmpty() || review.words().orElse("").length() < LONG_ENOUGH) {
      return false;
    }
    String primary = Locale.forLanguageTag(said).getLanguage();
    return review.words().filter(words -> guess.isAnother(words, primary)).isPresent();
  }
}
