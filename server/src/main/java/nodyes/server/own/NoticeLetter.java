package nodyes.server.own;

import java.util.List;
import java.util.stream.Collectors;
import nodyes.core.review.ReviewState;
import nodyes.server.reviews.ReviewLine;

/** The letter that tells of new reviews. */
record NoticeLetter(String subject, String text) {
  private static final int LONGEST = 400;

  static NoticeLetter of(String shop, List<ReviewLine> fresh) {
    long waiting = fresh.stream().filter(one -> one.state() == ReviewState.WAITING).count();
    String subject =
        shop + ": " + (fresh.size() == 1 ? "a new review" : fresh.size() + " new reviews");
    String lead =
        waiting == 0
            ? "Shoppers see them already."
            : waiting == fresh.size()
                ? "They wait until you publish them."
                : waiting + " of them wait until you publish them.";
    String reviews = fresh.stream().map(NoticeLetter::told).collect(Collectors.joining("\n\n"));
    return new NoticeLetter(
        oneLine(subject), lead + "\n\n" + reviews + "\n\nThe desk is under Reviews in Nod Yes.\n");
  }

  private static String told(ReviewLine review) {
    var told = new StringBuilder(oneLine(review.productTitle()));
    told.append(": ").append(review.stars().stripTrailingZeros().toPlainString()).append(" of 5");
    if (review.reviewer() != null) {
      told.append(", ").append(oneLine(review.reviewer()));
    }
    if (review.title() != null) {
      told.append('\n').append(oneLine(review.title()));
    }
    if (review.wordsShown() != null) {
      told.append('\n').append(cut(review.wordsShown()));
    }
    return told.toString();
  }

  private static String cut(String words) {
    return words.codePointCount(0, words.length()) <= LONGEST
        ? words
        : words.substring(0, words.offsetByCodePoints(0, LONGEST)) + " … (cut here)";
  }

  /** Nothing that a shopper typed may begin a line of its own, least of all in a header. */
  private static String oneLine(String text) {
    return text.replaceAll("\\R|\\p{Cntrl}", " ");
  }
}
