package nodyes.core.review;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;

/**
 * Which reviews of a product are quoted.
 *
 * @param byHand the chosen ones in their order; empty where a rule finds them
 * @param most at most so many
 * @param leastStars of at least so many stars
 * @param leastWords with at least so many words
 */
public record QuoteCriteria(List<ReviewId> byHand, int most, int leastStars, int leastWords) {
  /** Keeps the chosen ones unchangeable. */
  public QuoteCriteria {
    byHand = List.copyOf(byHand);
  }

  /** Those that were chosen, however many stars they have. */
  public static QuoteCriteria byHand(List<ReviewId> chosen) {
    return new QuoteCriteria(chosen, chosen.size(), 1, 0);
  }

  /** The newest that fit. */
  public static QuoteCriteria newest(int most, int leastStars, int leastWords) {
    return new QuoteCriteria(List.of(), most, leastStars, leastWords);
  }

  /** Those of some reviews that are quoted, in the order in which they are. */
  public List<Review> of(List<Review> reviews) {
    if (!byHand.isEmpty() || most == 0) {
      return reviews.stream()
          .filter(review -> byHand.contains(review.id()))
          .sorted(Comparator.comparingInt(review -> byHand.indexOf(review.id())))
          .toList();
    }
    Rating least = Rating.ofStars(leastStars);
    var fit = new ArrayList<Review>();
    for (Review review : reviews.stream().sorted(Review.NEWEST_FIRST).toList()) {
      if (fit.size() < most
          && review.rating().compareTo(least) >= 0
          && review.text().body().filter(words -> words(words, review) >= leastWords).isPresent()) {
        fit.add(review);
      }
    }
    return List.copyOf(fit);
  }

  private static int words(String text, Review review) {
    return words(text, Locale.forLanguageTag(review.text().language().orElse("und")));
  }

  /** Words of a text, told apart as its language does (UAX 29); marks alone are no words. */
  static int words(String text, Locale language) {
    BreakIterator breaks = BreakIterator.getWordInstance(language);
    breaks.setText(text);
    int words = 0;
    int from = breaks.first();
    for (int to = breaks.next(); to != BreakIterator.DONE; from = to, to = breaks.next()) {
      if (text.substring(from, to).codePoints().anyMatch(Character::isLetterOrDigit)) {
        words++;
      }
    }
    return words;
  }
}
