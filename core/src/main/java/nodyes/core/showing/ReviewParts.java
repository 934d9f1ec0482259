package nodyes.core.showing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Content;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.nod.WallContent;
import nodyes.core.review.Ago;
import nodyes.core.review.Quote;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;

/** What nods that speak of reviews have to show. */
final class ReviewParts {
  private ReviewParts() {}

  static Showing.Part line(StarLine line, ProductFacts product) {
    return new Showing.Part(
        starLineNeed(line, product.reviews()),
        () -> starLine(line, product.reviews()),
        ValidUntil.NEVER_ENDS);
  }

  static Showing.Part tab(ReviewTab tab, ProductFacts product, Viewpoint viewpoint) {
    return new Showing.Part(
        hasReviews(product.reviews(), 1),
        () ->
            Optional.of(
                new ReviewTab.Content(
                    content(
                        product.reviews(),
                        tab.perPage(),
                        ReviewOrder.NEWEST,
                        viewpoint,
                        Optional.empty()),
                    tab.isAtStart())),
        ValidUntil.NEVER_ENDS);
  }

  private static Finding hasReviews(ReviewFacts reviews, long wanted) {
    long count = reviews.rating().count();
    return Finding.of(
        FactName.REVIEWS, new Figure.Count(count), new Figure.Count(wanted), count >= wanted);
  }

  /** A line that counts verified purchases alone needs one. */
  private static Finding starLineNeed(StarLine line, ReviewFacts reviews) {
    boolean countsBought = !line.showsStars() && line.counted() == StarLine.Counted.VERIFIED;
    return countsBought
        ? Finding.of(
            FactName.BOUGHT,
            new Figure.Count(reviews.verified()),
            new Figure.Count(1),
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
                            new StarLine.Content(
                                mean,
                                drawn,
                                rating.count(),
                                reviews.verified(),
                                line.showsStars(),
                                line.counted())));
  }

  static Showing.Part wall(
      ReviewWall wall, ProductFacts product, ZoneId zone, Viewpoint viewpoint) {
    ReviewFacts reviews = product.reviews();
    Optional<LocalDate> today =
        wall.tellsAgo()
            ? Optional.of(LocalDate.ofInstant(viewpoint.moment(), zone))
            : Optional.empty();
    return new Showing.Part(
        hasReviews(reviews, wall.asksForTheFirst() ? 0 : 1),
        () ->
            Optional.of(
                new ReviewWall.Content(
                    content(reviews, wall.perPage(), wall.order(), viewpoint, today),
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
        .flatMap(review -> review.writtenOn().stream())
        .map(day -> Ago.changesOn(day, today))
        .min(Comparator.naturalOrder());
  }

  private static WallContent content(
      ReviewFacts reviews,
      int perPage,
      ReviewOrder order,
      Viewpoint viewpoint,
      Optional<LocalDate> today) {
    return WallContent.of(
        reviews.rating(),
        reviews.verified(),
        perPage,
        reviews.first().getOrDefault(order, List.of()),
        WallContent.Facets.of(reviews.facets(), viewpoint.language()),
        reviews.criteria(),
        today,
        reviews.sharedWith(),
        reviews.marked());
  }

  static Showing.Part quotes(
      PickedQuotes picked, ProductFacts product, ShopListing listing, Locale reader) {
    ReviewFacts reviews = product.reviews();
    if (picked.pick() == PickedQuotes.Pick.OF_THE_SHOP) {
      return ofTheShop(picked, listing);
    }
    List<Review> found = reviews.quotes().get(picked.rule());
    if (found == null) {
      // asked over the whole catalogue, where reviews themselves are not loaded
      return new Showing.Part(
          Finding.unknown(FactName.QUOTES, new Figure.Count(1)),
          Optional::empty,
          ValidUntil.NEVER_ENDS);
    }
    List<Quote> quotes =
        inTurn(found, picked, reader).stream()
            .map(review -> Quote.of(review, picked.longest()))
            .toList();
    Optional<PickedQuotes.Foot> foot =
        reviews.rating().mean(1).map(mean -> new PickedQuotes.Foot(mean, reviews.rating().count()));
    return new Showing.Part(
        List.of(enough(FactName.QUOTES, quotes)),
        () -> Optional.of(content(picked, quotes, foot, Optional.empty())),
        ValidUntil.NEVER_ENDS,
        ValidUntil.NEVER_ENDS,
        picked.mayHideTheWhole() ? List.of(Doubt.PRAISE_ALONE) : List.of());
  }

  /** What a rule found begins with what the reader can read; what was chosen stays as it was. */
  private static List<Review> inTurn(List<Review> found, PickedQuotes picked, Locale reader) {
    return picked.rule().byHand().isEmpty()
        ? found.stream().sorted(Comparator.comparing(review -> !isIn(review, reader))).toList()
        : found;
  }

  private static boolean isIn(Review review, Locale reader) {
    return review
        .language()
        .filter(tag -> Locale.forLanguageTag(tag).getLanguage().equals(reader.getLanguage()))
        .isPresent();
  }

  private static Showing.Part ofTheShop(PickedQuotes picked, ShopListing listing) {
    Optional<PickedQuotes.Foot> foot =
        listing
            .mean()
            .flatMap(mean -> listing.count().map(count -> new PickedQuotes.Foot(mean, count)));
    return new Showing.Part(
        enough(FactName.SHOP_REVIEWS, listing.quotes()),
        () -> Optional.of(content(picked, listing.quotes(), foot, listing.link())),
        ValidUntil.NEVER_ENDS);
  }

  private static Finding enough(FactName fact, List<Quote> quotes) {
    return Finding.of(
        fact, new Figure.Count(quotes.size()), new Figure.Count(1), !quotes.isEmpty());
  }

  private static Content content(
      PickedQuotes picked,
      List<Quote> quotes,
      Optional<PickedQuotes.Foot> foot,
      Optional<String> link) {
    return new PickedQuotes.Content(
        quotes, picked.turns(), picked.hasFoot() ? foot : Optional.empty(), link);
  }
}
