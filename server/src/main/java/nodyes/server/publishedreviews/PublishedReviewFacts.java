package nodyes.server.publishedreviews;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nodyes.core.evaluation.ReviewFacts;
import nodyes.core.nod.FactRequirements;
import nodyes.core.review.AspectAverage;
import nodyes.core.review.QuoteCriteria;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;
import nodyes.core.review.ReviewOrder;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.server.reviews.Criteria;
import org.springframework.stereotype.Component;

/**
 * What pages need to know of published reviews, in a number of queries that does not grow with the
 * products. Those that are grouped as the same thing have the facts of all of them.
 */
@Component
public class PublishedReviewFacts {
  /** Among so many of the newest a rule finds what it quotes. */
  private static final int QUOTABLE = 120;

  private final PublishedReviewStore published;
  private final AspectRatingStore details;
  private final Criteria criteria;
  private final SharedReviews kin;
  private final StructuredDataPolicy markup;

  PublishedReviewFacts(
      PublishedReviewStore published,
      AspectRatingStore details,
      Criteria criteria,
      SharedReviews kin,
      StructuredDataPolicy markup) {
    this.published = published;
    this.details = details;
    this.criteria = criteria;
    this.kin = kin;
    this.markup = markup;
  }

  /**
   * The facts of each product.
   *
   * @param products their ids
   * @param need what some nods need
   * @param language of the reader, for what the owner named
   */
  public Map<Long, ReviewFacts> of(List<Long> products, FactRequirements need, String language) {
    if (products.isEmpty()) {
      return Map.of();
    }
    Set<Long> all = kin.ids(products);
    Map<Long, PublishedSummary> tallies = published.tallies(all);
    var first = new EnumMap<ReviewOrder, Map<Long, List<Review>>>(ReviewOrder.class);
    need.first().forEach((order, most) -> first.put(order, published.first(all, order, most)));
    var quotes = new HashMap<QuoteCriteria, Map<Long, List<Review>>>();
    need.quotes().forEach(rule -> quotes.put(rule, published.quotable(all, rule, QUOTABLE)));
    boolean hasWall = !need.first().isEmpty();
    Map<Long, ReviewFacets> facets = hasWall ? published.facets(all) : Map.of();
    Map<Long, ReviewAspect> asked = hasWall ? criteria.byId() : Map.of();
    Map<Long, List<AspectRatingStore.Rated>> rated =
        asked.isEmpty() ? Map.of() : details.rated(all);
    Map<Long, PublishedSummary> own =
        hasWall && !markup.countsBroughtIn() ? published.ownTallies(all) : Map.of();
    var facts = new HashMap<Long, ReviewFacts>();
    for (Long product : products) {
      Set<Long> of = kin.ids(product);
      PublishedSummary tally = sum(of, tallies);
      var firstOf = new EnumMap<ReviewOrder, List<Review>>(ReviewOrder.class);
      first.forEach(
          (order, found) ->
              firstOf.put(
                  order,
                  merged(of, found).stream()
                      .sorted(order.comparator())
                      .limit(need.first().getOrDefault(order, 0))
                      .toList()));
      var quotesOf = new HashMap<QuoteCriteria, List<Review>>();
      quotes.forEach((rule, found) -> quotesOf.put(rule, rule.of(merged(of, found))));
      facts.put(
          product,
          new ReviewFacts(
              tally.summary(),
              tally.verified(),
              firstOf,
              of.stream()
                  .map(facets::get)
                  .filter(Objects::nonNull)
                  .reduce(ReviewFacets.NONE, ReviewFacets::and),
              means(merged(of, rated), asked, language),
              quotesOf,
              kin.others(product).stream().map(SharedReviews.Member::title).toList(),
              Optional.of(sum(of, own).summary()).filter(one -> one.count() > 0)));
    }
    return facts;
  }

  private static PublishedSummary sum(Set<Long> of, Map<Long, PublishedSummary> tallies) {
    return of.stream()
        .map(tallies::get)
        .filter(Objects::nonNull)
        .reduce(PublishedSummary.NONE, PublishedSummary::and);
  }

  private static <T> List<T> merged(Set<Long> of, Map<Long, List<T>> found) {
    if (of.size() == 1) {
      return found.getOrDefault(of.iterator().next(), List.of());
    }
    var merged = new ArrayList<T>();
    of.forEach(id -> merged.addAll(found.getOrDefault(id, List.of())));
    return merged;
  }

  private static List<AspectAverage> means(
      List<AspectRatingStore.Rated> rated, Map<Long, ReviewAspect> asked, String language) {
    var sums = new LinkedHashMap<Long, AspectRatingStore.Rated>();
    Function<Long, String> name =
        id -> {
          ReviewAspect criterion = asked.get(id);
          return criterion == null ? "" : criterion.name(language);
        };
    rated.forEach(
        one ->
            sums.merge(
                one.criterion(),
                one,
                (a, b) ->
                    new AspectRatingStore.Rated(
                        a.criterion(), a.sum() + b.sum(), a.count() + b.count())));
    return sums.values().stream()
        .map(
            one ->
                new AspectAverage(
                    one.criterion(), name.apply(one.criterion()), one.sum(), one.count()))
        .toList();
  }
}
