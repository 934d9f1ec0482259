package nodyes.server.publishedreviews;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.rowNumber;
import static org.jooq.impl.DSL.sum;
import static org.jooq.impl.DSL.when;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.QuoteCriteria;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;
import nodyes.core.review.ReviewOrder;
import nodyes.core.review.ReviewStatus;
import nodyes.generated.tables.records.ReviewRecord;
import nodyes.server.database.Database;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.ReviewQueryStore;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** What shop pages ask of reviews; all of it from the index {@code review_published}. */
@Component
class PublishedReviewStore {
  private static final List<SortField<?>> NEWEST_FIRST =
      List.of(REVIEW.REVIEWED_ON.desc(), REVIEW.ID.desc());

  private final Database database;

  PublishedReviewStore(Database database) {
    this.database = database;
  }

  private static Condition isPublished() {
    return REVIEW.STATUS.eq(inline(ReviewStatus.PUBLISHED));
  }

  /** The whole star that a rating counts under; the same as {@link Rating#wholeStar()}. */
  private static Field<Integer> wholeStar() {
    return REVIEW.RATING_PARTS.add(inline(Rating.PER_STAR / 2)).div(inline(Rating.PER_STAR));
  }

  Map<Long, PublishedSummary> tallies(Collection<Long> productIds) {
    return tallies(productIds, noCondition());
  }

  /** Of what was written in this shop alone. */
  Map<Long, PublishedSummary> ownTallies(Collection<Long> productIds) {
    return tallies(productIds, isOwn());
  }

  private static Condition isOwn() {
    return REVIEW.ORIGIN.ne(inline(ReviewListItem.Origin.IMPORTED));
  }

  /** What was written in this shop: the tally of a product, and the newest. */
  FirstPartyReviews firstParty(Set<Long> productIds, int most) {
    return tallied(productIds, most, isOwn());
  }

  /** The same of what was written here and elsewhere. */
  FirstPartyReviews withBroughtIn(Set<Long> productIds, int most) {
    return tallied(productIds, most, noCondition());
  }

  private FirstPartyReviews tallied(Set<Long> productIds, int most, Condition own) {
    return database.read(
        sql ->
            new FirstPartyReviews(
                tallies(productIds, own).values().stream()
                    .reduce(PublishedSummary.NONE, PublishedSummary::and)
                    .summary(),
                ReviewRowStore.reviews(
                    sql,
                    sql.selectFrom(REVIEW)
                        .where(REVIEW.PRODUCT_ID.in(productIds).and(isPublished()).and(own))
                        .orderBy(NEWEST_FIRST)
                        .limit(most)
                        .fetch())));
  }

  private Map<Long, PublishedSummary> tallies(Collection<Long> productIds, Condition which) {
    var star = wholeStar().as("star");
    var reviews = count().as("reviews");
    var parts = sum(REVIEW.RATING_PARTS).as("parts");
    var verified =
        count(when(REVIEW.ORIGIN.eq(inline(ReviewListItem.Origin.VERIFIED)), inline(1)))
            .as("verified");
    return database.read(
        sql -> {
          var counts = new HashMap<Long, long[]>();
          var sums = new HashMap<Long, Long>();
          var checked = new HashMap<Long, Long>();
          sql.select(REVIEW.PRODUCT_ID, star, reviews, parts, verified)
              .from(REVIEW)
              .where(REVIEW.PRODUCT_ID.in(productIds).and(isPublished()).and(which))
              .groupBy(REVIEW.PRODUCT_ID, star)
              .forEach(
                  row -> {
                    long id = row.value1();
                    counts.computeIfAbsent(id, _ -> new long[5])[row.value2() - 1] = row.value3();
                    sums.merge(id, row.value4().longValueExact(), Long::sum);
                    checked.merge(id, row.value5().longValue(), Long::sum);
                  });
          var tallies = new HashMap<Long, PublishedSummary>();
          counts.forEach(
              (id, stars) -> {
                var list = new ArrayList<Long>();
                for (long n : stars) {
                  list.add(n);
                }
                var summary = new RatingSummary(sums.getOrDefault(id, 0L), new Histogram(list));
                tallies.put(id, new PublishedSummary(summary, checked.getOrDefault(id, 0L)));
              });
          return tallies;
        });
  }

  /** The first of each product in an order, at most {@code most} each. */
  Map<Long, List<Review>> first(Collection<Long> productIds, ReviewOrder order, int most) {
    return ranked(productIds, sorted(order), noCondition(), most);
  }

  /** The newest with words and at least so many stars, or those of some ids. */
  Map<Long, List<Review>> quotable(Collection<Long> productIds, QuoteCriteria rule, int most) {
    Condition fit =
        rule.byHand().isEmpty()
            ? REVIEW
                .RATING_PARTS
                .ge(rule.leastStars() * Rating.PER_STAR)
                .and(REVIEW.TEXT.isNotNull())
            : REVIEW.ID.in(rule.byHand().stream().map(ReviewId::value).toList());
    return ranked(productIds, NEWEST_FIRST, fit, most);
  }

  private Map<Long, List<Review>> ranked(
      Collection<Long> productIds, List<SortField<?>> order, Condition which, int most) {
    var rank = rowNumber().over().partitionBy(REVIEW.PRODUCT_ID).orderBy(order).as("rank");
    return database.read(
        sql -> {
          var ranked =
              sql.select(REVIEW.ID, rank)
                  .from(REVIEW)
                  .where(REVIEW.PRODUCT_ID.in(productIds).and(isPublished()).and(which))
                  .asTable(name("ranked"));
          var rows =
              sql.select(REVIEW.asterisk())
                  .from(ranked)
                  .join(REVIEW)
                  .on(REVIEW.ID.eq(ranked.field(REVIEW.ID)))
                  .where(ranked.field(rank).le(most))
                  .orderBy(order)
                  .fetchInto(REVIEW);
          Map<Long, Long> products =
              rows.stream().collect(toMap(ReviewRecord::getId, ReviewRecord::getProductId));
          return ReviewRowStore.reviews(sql, rows).stream()
              .collect(groupingBy(review -> products.getOrDefault(review.id().value(), 0L)));
        });
  }

  /** What the published reviews of each product can be parted by. */
  Map<Long, ReviewFacets> facets(Collection<Long> productIds) {
    var isPictured = field(REVIEW.PICTURE_COUNT.gt(inline(0L))).as("is_pictured");
    var reviews = count().as("reviews");
    return database.read(
        sql -> {
          var facets = new HashMap<Long, ReviewFacets>();
          sql.select(REVIEW.PRODUCT_ID, REVIEW.LANGUAGE, REVIEW.VARIANT, isPictured, reviews)
              .from(REVIEW)
              .where(REVIEW.PRODUCT_ID.in(productIds).and(isPublished()))
              .groupBy(REVIEW.PRODUCT_ID, REVIEW.LANGUAGE, REVIEW.VARIANT, isPictured)
              .forEach(
                  row ->
                      facets.merge(
                          row.value1(),
                          ReviewFacets.of(
                              primary(Objects.requireNonNullElse(row.value2(), "")),
                              Objects.requireNonNullElse(row.value3(), ""),
                              row.value4(),
                              row.value5()),
                          ReviewFacets::and));
          return facets;
        });
  }

  /** The language of a tag without region or script (BCP 47). */
  private static String primary(String tag) {
    return Locale.forLanguageTag(tag).getLanguage();
  }

  List<Review> page(
      Set<Long> productIds, PublishedReviewFilter filter, ReviewOrder order, int page, int size) {
    return database.read(
        sql -> {
          List<Long> ids =
              sql.select(REVIEW.ID)
                  .from(REVIEW)
                  .where(wanted(productIds, filter))
                  .orderBy(sorted(order))
                  .limit(size)
                  .offset((page - 1) * size)
                  .fetch(REVIEW.ID);
          return ReviewRowStore.reviews(
                  sql, sql.selectFrom(REVIEW).where(REVIEW.ID.in(ids)).fetch())
              .stream()
              .sorted(Comparator.comparingInt(review -> ids.indexOf(review.id().value())))
              .toList();
        });
  }

  /** How many a filter takes. */
  long total(Set<Long> productIds, PublishedReviewFilter filter) {
    return database.read(sql -> sql.fetchCount(REVIEW, wanted(productIds, filter)));
  }

  private static Condition wanted(Set<Long> productIds, PublishedReviewFilter filter) {
    Condition ofProduct =
        productIds.size() == 1
            ? REVIEW.PRODUCT_ID.eq(productIds.iterator().next())
            : REVIEW.PRODUCT_ID.in(productIds);
    return ofProduct.and(isPublished()).and(wanted(filter));
  }

  /** The same as {@link ReviewOrder#comparator()}, from the index. */
  private static List<SortField<?>> sorted(ReviewOrder order) {
    Optional<SortField<?>> first =
        switch (order) {
          case NEWEST -> Optional.empty();
          case MOST_HELPFUL -> Optional.of(REVIEW.HELPFULNESS.desc());
          case HIGHEST -> Optional.of(REVIEW.RATING_PARTS.desc());
          case LOWEST -> Optional.of(REVIEW.RATING_PARTS.asc());
          case PICTURES_FIRST -> Optional.of(field(REVIEW.PICTURE_COUNT.gt(inline(0L))).desc());
        };
    return Stream.concat(first.stream(), NEWEST_FIRST.stream()).toList();
  }

  private static Condition wanted(PublishedReviewFilter filter) {
    var all = new ArrayList<Condition>();
    if (!filter.stars().isEmpty()) {
      all.add(wholeStar().in(filter.stars()));
    }
    if (filter.pictured()) {
      all.add(REVIEW.PICTURE_COUNT.gt(inline(0L)));
    }
    if (filter.bought()) {
      all.add(REVIEW.ORIGIN.eq(inline(ReviewListItem.Origin.VERIFIED)));
    }
    if (filter.language() != null) {
      // not by the column made of it: an index that holds one covers no question
      all.add(
          REVIEW
              .LANGUAGE
              .eq(filter.language())
              // what follows a hyphen stands before what follows the sign after it
              .or(
                  REVIEW
                      .LANGUAGE
                      .ge(filter.language() + "-")
                      .and(REVIEW.LANGUAGE.lt(filter.language() + "."))));
    }
    if (filter.variant() != null) {
      all.add(REVIEW.VARIANT.eq(filter.variant()));
    }
    if (filter.words() != null && !filter.words().isBlank()) {
      all.add(ReviewQueryStore.saying(filter.words()));
    }
    return DSL.and(all);
  }
}
