package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.rowNumber;
import static org.jooq.impl.DSL.sum;
import static org.jooq.impl.DSL.when;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.Provenance;
import nodyes.core.review.Review;
import nodyes.generated.tables.records.ReviewRecord;
import nodyes.server.database.Database;
import nodyes.server.web.PageOf;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SortField;
import org.springframework.stereotype.Component;

/** What shop pages ask of reviews; all of it from the index {@code review_published}. */
@Component
class PublishedReviewStore {
  private static final List<SortField<?>> NEWEST_FIRST =
      List.of(REVIEW.WRITTEN_ON.desc(), REVIEW.ID.desc());

  private final Database database;

  PublishedReviewStore(Database database) {
    this.database = database;
  }

  private static Condition isPublished() {
    return REVIEW.STATE.eq(inline("PUBLISHED"));
  }

  /** The whole star that a rating counts under; the same as {@link Rating#wholeStar()}. */
  private static Field<Integer> wholeStar() {
    return REVIEW.RATING_PARTS.add(inline(Rating.PER_STAR / 2)).div(inline(Rating.PER_STAR));
  }

  Map<Long, Tally> tallies(Collection<Long> productIds) {
    var star = wholeStar().as("star");
    var reviews = count().as("reviews");
    var parts = sum(REVIEW.RATING_PARTS).as("parts");
    var verified = count(when(REVIEW.ORIGIN.eq(inline("VERIFIED")), inline(1))).as("verified");
    return database.read(
        sql -> {
          var counts = new HashMap<Long, long[]>();
          var sums = new HashMap<Long, Long>();
          var checked = new HashMap<Long, Long>();
          sql.select(REVIEW.PRODUCT_ID, star, reviews, parts, verified)
              .from(REVIEW)
              .where(REVIEW.PRODUCT_ID.in(productIds).and(isPublished()))
              .groupBy(REVIEW.PRODUCT_ID, star)
              .forEach(
                  row -> {
                    long id = row.value1();
                    counts.computeIfAbsent(id, _ -> new long[5])[row.value2() - 1] = row.value3();
                    sums.merge(id, row.value4().longValueExact(), Long::sum);
                    checked.merge(id, row.value5().longValue(), Long::sum);
                  });
          var tallies = new HashMap<Long, Tally>();
          counts.forEach(
              (id, stars) -> {
                var list = new ArrayList<Long>();
                for (long n : stars) {
                  list.add(n);
                }
                var summary = new RatingSummary(sums.getOrDefault(id, 0L), new Histogram(list));
                tallies.put(id, new Tally(summary, checked.getOrDefault(id, 0L)));
              });
          return tallies;
        });
  }

  Map<Long, List<Review>> newest(Collection<Long> productIds, int most) {
    var rank = rowNumber().over().partitionBy(REVIEW.PRODUCT_ID).orderBy(NEWEST_FIRST).as("rank");
    return database.read(
        sql -> {
          var ranked =
              sql.select(REVIEW.ID, rank)
                  .from(REVIEW)
                  .where(REVIEW.PRODUCT_ID.in(productIds).and(isPublished()))
                  .asTable(name("ranked"));
          return sql.select(REVIEW.asterisk())
              .from(ranked)
              .join(REVIEW)
              .on(REVIEW.ID.eq(ranked.field(REVIEW.ID)))
              .where(ranked.field(rank).le(most))
              .orderBy(NEWEST_FIRST)
              .fetchGroups(row -> row.into(REVIEW).getProductId(), row -> review(row.into(REVIEW)));
        });
  }

  PageOf<Review> page(long productId, int page, int size) {
    Condition wanted = REVIEW.PRODUCT_ID.eq(productId).and(isPublished());
    return database.read(
        sql ->
            new PageOf<>(
                sql.selectFrom(REVIEW)
                    .where(wanted)
                    .orderBy(NEWEST_FIRST)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(PublishedReviewStore::review),
                page,
                size,
                sql.fetchCount(REVIEW, wanted)));
  }

  private static Review review(ReviewRecord row) {
    return new Review(
        new ReviewId(row.getId()),
        new Rating(row.getRatingParts()),
        Optional.ofNullable(row.getTitle()),
        Optional.ofNullable(row.getWords())
            .map(words -> row.getIsContactHidden() ? ContactDetails.hide(words) : words),
        Optional.ofNullable(row.getReviewer()),
        Optional.ofNullable(row.getCountry()),
        Optional.ofNullable(row.getLanguage()),
        Optional.ofNullable(row.getVariant()),
        Optional.ofNullable(row.getWrittenOn()).map(LocalDate::parse),
        provenance(row),
        Optional.ofNullable(row.getIncentive()),
        Optional.ofNullable(row.getReply()),
        row.getIsFeatured());
  }

  private static Provenance provenance(ReviewRecord row) {
    return switch (ReviewLine.Origin.valueOf(row.getOrigin())) {
      case VERIFIED -> new Provenance.VerifiedPurchase(row.getOrderNumber());
      case UNVERIFIED -> new Provenance.Unverified();
      case BROUGHT_IN ->
          new Provenance.BroughtIn(
              Optional.ofNullable(row.getSource()).orElse(""),
              Optional.ofNullable(row.getSourceId()),
              row.getArrivedAt());
    };
  }
}
