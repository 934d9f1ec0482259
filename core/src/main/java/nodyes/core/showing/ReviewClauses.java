package nodyes.core.showing;

import static nodyes.core.common.English.counted;
import static nodyes.core.showing.BecauseSentence.count;

import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;

/** What is found about reviews, as clauses. */
final class ReviewClauses {
  private ReviewClauses() {}

  static String of(Finding finding, String figure, String wanted) {
    boolean met = finding.met();
    return switch (finding.fact()) {
      case BOUGHT ->
          met
              ? counted(count(finding), "published review") + " of verified purchases"
              : "no published review is of a verified purchase";
      case QUOTES ->
          met
              ? counted(count(finding), "review")
                  + " of it "
                  + (count(finding) == 1 ? "is" : "are")
                  + " picked"
              : "none of its published reviews is picked";
      case SHOP_REVIEWS ->
          met
              ? "the shop’s listing has " + counted(count(finding), "review")
              : "no listing of the shop is connected, or it has no reviews to show";
      case MEAN_RATING ->
          "the mean is "
              + figure
              + (met ? " (" : "; the rule wants ")
              + wanted
              + " or more"
              + (met ? " wanted)" : "");
      default -> reviews(finding, met);
    };
  }

  private static String reviews(Finding finding, boolean met) {
    long have = ((Figure.Count) finding.figure()).value();
    long want = ((Figure.Count) finding.wanted()).value();
    String so = have == 0 ? "no published reviews yet" : counted(have, "published review");
    if (met) {
      return "there " + (have == 1 ? "is " : "are ") + so;
    }
    return so + (want > 1 ? "; the rule wants " + want + " or more" : "");
  }
}
