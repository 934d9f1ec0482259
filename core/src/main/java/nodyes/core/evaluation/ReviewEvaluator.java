package nodyes.core.evaluation;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Content;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.ReviewWallContent;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.review.Quote;
import nodyes.core.review.RelativeDate;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What nods that speak of reviews have to show. */
final class ReviewEvaluator {
  private ReviewEvaluator() {}

  static NodEvaluator.Part line(StarLine line, ProductFacts product) {
    return new NodEvaluator.Part(
        starLineNeed(line, product.reviews()),
        () -> starLine(line, product.reviews()),
        ValidUntil.NEVER_ENDS);
  }

  static NodEvaluator.Part tab(ReviewTab tab, ProductFacts product, Viewpoint viewpoint) {
    return new NodEvaluator.Part(
        hasReviews(product.reviews(), 1),
        () ->
            Optional.of(
                new ReviewTab.ReviewTabContent(
                    content(
                        product.reviews(),
                        ReviewWallContent.Page.first(
                            tab.perPage(),
                            product.reviews().first().getOrDefault(ReviewOrder.NEWEST, List.of()),
                            Optional.empty()),
                        viewpoint),
                    tab.isAtStart())),
        ValidUntil.NEVER_ENDS);
  }

  private static Finding hasReviews(ReviewFacts reviews, long wanted) {
    long count = reviews.rating().count();
    return Finding.of(
        FactName.REVIEWS, new FactValue.Count(count), new FactValue.Count(wanted), count >= wanted);
  }

  /** A line that counts verified purchases alone needs one. */
  private static Finding starLineNeed(StarLine line, ReviewFacts reviews) {
    boolean countsBought = !line.showsStars() && line.counted() == StarLine.Counted.VERIFIED;
    return countsBought
        ? Finding.of(
            FactName.VERIFIED_PURCHASES,
            new FactValue.Count(reviews.verified()),
            new FactValue.Count(1),
            reviews.verified() >= 1)
        : hasReviews(reviews, 1);
  }

  private static Optional<Content> starLine(StarLine line, ReviewFacts reviews) {
    var rating = reviews.rating();
    return rating
        .mean(1)
        .flatMap(
            mean ->
                rating
                    .quarterStars()
                    .map(
                        drawn ->
                            new StarLine.StarLineContent(
                                mean,
                                drawn,
                                rating.count(),
                                reviews.verified(),
                                line.showsStars(),
                                line.counted())));
  }

  static NodEvaluator.Part wall(
      ReviewWall wall, ProductFacts product, ZoneId zone, Viewpoint viewpoint) {
    ReviewFacts reviews = product.reviews();
    Optional<LocalDate> today =
        wall.tellsAgo()
            ? Optional.of(LocalDate.ofInstant(viewpoint.moment(), zone))
            : Optional.empty();
    return new NodEvaluator.Part(
        hasReviews(reviews, wall.asksForTheFirst() ? 0 : 1),
        () ->
            Optional.of(
                new ReviewWall.ShapedWall(
                    content(
                        reviews,
                        ReviewWallContent.Page.first(
                            wall.perPage(), firstPage(wall, reviews), today),
                        viewpoint),
                    wall.shape())),
        today
            .flatMap(day -> nextChange(firstPage(wall, reviews), day))
            .map(day -> ValidUntil.before(day.atStartOfDay(zone).toInstant()))
            .orElse(ValidUntil.NEVER_ENDS));
  }

  private static List<Review> firstPage(ReviewWall wall, ReviewFacts reviews) {
    List<Review> first = reviews.first().getOrDefault(wall.order(), List.of());
    return first.subList(0, Math.min(wall.perPage(), first.size()));
  }

  /** The first day on which 'so long ago' reads differently for one of them. */
  private static Optional<LocalDate> nextChange(List<Review> reviews, LocalDate today) {
    return reviews.stream()
        .flatMap(review -> review.origin().day().stream())
        .map(day -> RelativeDate.changesOn(day, today))
        .min(Comparator.naturalOrder());
  }

  private static ReviewWallContent content(
      ReviewFacts reviews, ReviewWallContent.Page page, Viewpoint viewpoint) {
    return new ReviewWallContent(
        ReviewWallContent.Summary.of(reviews.rating(), reviews.verified(), reviews.marked()),
        page,
        ReviewWallContent.Facets.of(reviews.facets(), viewpoint.language()),
        reviews.criteria(),
        reviews.sharedWith());
  }

  static NodEvaluator.Part quotes(
      PickedQuotes picked, ProductFacts product, BusinessProfile listing, Locale reader) {
    ReviewFacts reviews = product.reviews();
    if (picked.pick() == PickedQuotes.Selection.OF_THE_SHOP) {
      return ofTheShop(picked, listing);
    }
    List<Review> found = reviews.quotes().get(picked.rule());
    if (found == null) {
      // asked over the whole catalogue, where reviews themselves are not loaded
      return new NodEvaluator.Part(
          Finding.unknown(FactName.QUOTED_REVIEWS, new FactValue.Count(1)),
          Optional::empty,
          ValidUntil.NEVER_ENDS);
    }
    List<Quote> quotes =
        inTurn(found, picked, reader).stream()
            .map(review -> Quote.of(review, picked.longest()))
            .toList();
    Optional<PickedQuotes.SummaryFooter> foot =
        reviews
            .rating()
            .mean(1)
            .map(mean -> new PickedQuotes.SummaryFooter(mean, reviews.rating().count()));
    return new NodEvaluator.Part(
        List.of(enough(FactName.QUOTED_REVIEWS, quotes)),
        () -> Optional.of(content(picked, quotes, foot, Optional.empty())),
        ValidUntil.NEVER_ENDS,
        ValidUntil.NEVER_ENDS,
        picked.mayHideTheWhole() ? List.of(ClaimRisk.ONLY_HIGH_RATINGS) : List.of());
  }

  /** What a rule found begins with what the reader can read; what was chosen stays as it was. */
  private static List<Review> inTurn(List<Review> found, PickedQuotes picked, Locale reader) {
    return picked.rule().byHand().isEmpty()
        ? found.stream().sorted(Comparator.comparing(review -> !isIn(review, reader))).toList()
        : found;
  }

  private static boolean isIn(Review review, Locale reader) {
    return review
        .text()
        .language()
        .filter(tag -> Locale.forLanguageTag(tag).getLanguage().equals(reader.getLanguage()))
        .isPresent();
  }

  private static NodEvaluator.Part ofTheShop(PickedQuotes picked, BusinessProfile listing) {
    Optional<PickedQuotes.SummaryFooter> foot =
        listing
            .average()
            .flatMap(
                mean -> listing.count().map(count -> new PickedQuotes.SummaryFooter(mean, count)));
    return new NodEvaluator.Part(
        enough(FactName.SHOP_REVIEWS, listing.quotes()),
        () -> Optional.of(content(picked, listing.quotes(), foot, listing.link())),
        ValidUntil.NEVER_ENDS);
  }

  private static Finding enough(FactName fact, List<Quote> quotes) {
    return Finding.of(
        fact, new FactValue.Count(quotes.size()), new FactValue.Count(1), !quotes.isEmpty());
  }

  private static Content content(
      PickedQuotes picked,
      List<Quote> quotes,
      Optional<PickedQuotes.SummaryFooter> foot,
      Optional<String> link) {
    return new PickedQuotes.PickedQuotesContent(
        quotes, picked.turns(), picked.hasFoot() ? foot : Optional.empty(), link);
  }
}
