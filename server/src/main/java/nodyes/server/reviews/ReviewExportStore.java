package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.sum;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingFigure;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;
import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reviews as they go out, and how those of each product stand. */
@Component
class ReviewExportStore {
  private static final int AT_ONCE = 1000;

  /** A rating is a whole number of parts; so many decimals of a star tell one from the next. */
  private static final int DIGITS = 8;

  private final Database database;

  ReviewExportStore(Database database) {
    this.database = database;
  }

  /** In portions, each a short read: what is written out may be slow to be taken. */
  void each(ReviewFilter filter, Consumer<ExportedReview> taker) {
    Condition wanted = ReviewQueryStore.condition(filter);
    long last = 0;
    for (List<ExportedReview> rows = portion(wanted, last);
        !rows.isEmpty();
        rows = portion(wanted, last)) {
      rows.forEach(taker);
      last = rows.getLast().id();
    }
  }

  private List<ExportedReview> portion(Condition wanted, long after) {
    return database.read(
        sql -> {
          var rows =
              sql.select(REVIEW.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE)
                  .from(REVIEW)
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(wanted.and(REVIEW.ID.gt(after)))
                  .orderBy(REVIEW.ID)
                  .limit(AT_ONCE)
                  .fetch();
          Map<Long, List<String>> pictures = pictures(sql, rows);
          Map<Long, Map<String, Integer>> criteria =
              DetailStore.ratedByName(sql, rows.getValues(REVIEW.ID));
          var out = new ArrayList<ExportedReview>();
          for (Record row : rows) {
            long id = row.get(REVIEW.ID);
            out.add(
                row(
                    row,
                    pictures.getOrDefault(id, List.of()),
                    criteria.getOrDefault(id, Map.of())));
          }
          return out;
        });
  }

  private static Map<Long, List<String>> pictures(DSLContext sql, List<? extends Record> rows) {
    List<Long> pictured =
        rows.stream()
            .filter(row -> row.get(REVIEW.PICTURE_COUNT) > 0)
            .map(row -> row.get(REVIEW.ID))
            .toList();
    return pictured.isEmpty()
        ? Map.of()
        : sql.select(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.ADDRESS)
            .from(REVIEW_PICTURE)
            .where(REVIEW_PICTURE.REVIEW_ID.in(pictured))
            .orderBy(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.POSITION)
            .fetchGroups(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.ADDRESS);
  }

  private static ExportedReview row(
      Record row, List<String> pictures, Map<String, Integer> criteria) {
    return new ExportedReview(
        row.get(REVIEW.ID),
        new ExportedReview.Subject(
            row.get(PRODUCT.SLUG),
            row.get(PRODUCT.TITLE),
            first(row.get(REVIEW.RAW_VARIANT), row.get(REVIEW.VARIANT))),
        stars(row.get(REVIEW.RATING_PARTS)),
        new ReviewText(
            Optional.ofNullable(row.get(REVIEW.TITLE)),
            Optional.ofNullable(row.get(REVIEW.TEXT)),
            Optional.ofNullable(row.get(REVIEW.LANGUAGE)),
            row.get(REVIEW.PROS),
            row.get(REVIEW.CONS)),
        new Writer(
            first(row.get(REVIEW.RAW_REVIEWER), row.get(REVIEW.REVIEWER)),
            Optional.ofNullable(row.get(REVIEW.COUNTRY))),
        new ExportedReview.ExportedOrigin(
            row.get(REVIEW.ORIGIN),
            row.get(REVIEW.SOURCE),
            row.get(REVIEW.SOURCE_ID),
            row.get(REVIEW.ORDER_NUMBER),
            row.get(REVIEW.REVIEWED_ON),
            row.get(REVIEW.IS_VERIFIED_AT_SOURCE),
            row.get(REVIEW.INCENTIVE)),
        new ExportedReview.ExportedModeration(
            row.get(REVIEW.STATUS),
            row.get(REVIEW.LEFT_OUT_REASON),
            row.get(REVIEW.REPLY),
            row.get(REVIEW.REPLIED_AT),
            row.get(REVIEW.IS_FEATURED)),
        new ReviewMedia(pictures),
        new ExportedReview.ExportedExtras(
            criteria, new Votes(row.get(REVIEW.HELPFUL), row.get(REVIEW.NOT_HELPFUL))));
  }

  private static String stars(int parts) {
    return BigDecimal.valueOf(parts)
        // read back it is cut down to a part of a star: up here, so that it is the same part
        .divide(BigDecimal.valueOf(Rating.PER_STAR), DIGITS, RoundingMode.CEILING)
        .stripTrailingZeros()
        .toPlainString();
  }

  private static Optional<String> first(@Nullable String one, @Nullable String other) {
    return Optional.ofNullable(one).or(() -> Optional.ofNullable(other));
  }

  PagedResult<ProductReviewCounts> byProduct(String text, int page, int size) {
    Condition named =
        text.isEmpty()
            ? DSL.noCondition()
            : PRODUCT.TITLE.containsIgnoreCase(text).or(PRODUCT.SLUG.containsIgnoreCase(text));
    return database.read(
        sql -> {
          var counted =
              sql.select(REVIEW.PRODUCT_ID, REVIEW.STATUS, count(), sum(REVIEW.RATING_PARTS))
                  .from(REVIEW)
                  .groupBy(REVIEW.PRODUCT_ID, REVIEW.STATUS)
                  .fetch();
          var byProduct = new HashMap<Long, Map<ReviewStatus, Counted>>();
          counted.forEach(
              row ->
                  byProduct
                      .computeIfAbsent(row.value1(), _ -> new EnumMap<>(ReviewStatus.class))
                      .put(row.value2(), new Counted(row.value3(), row.value4())));
          List<ProductReviewCounts> all =
              sql
                  .select(PRODUCT.ID, PRODUCT.SLUG, PRODUCT.TITLE, PRODUCT.PICTURE)
                  .from(PRODUCT)
                  .where(named)
                  .orderBy(PRODUCT.ID)
                  .fetch()
                  .stream()
                  .map(row -> standing(row, byProduct.getOrDefault(row.value1(), Map.of())))
                  .sorted(
                      Comparator.comparingLong(ProductReviewCounts::waiting)
                          .thenComparingLong(ProductReviewCounts::published)
                          .reversed())
                  .toList();
          int from = Math.min(all.size(), (page - 1) * size);
          return new PagedResult<>(
              all.subList(from, Math.min(all.size(), from + size)), page, size, all.size());
        });
  }

  private record Counted(long reviews, BigDecimal parts) {
    static final Counted NONE = new Counted(0, BigDecimal.ZERO);
  }

  private static ProductReviewCounts standing(Record row, Map<ReviewStatus, Counted> counts) {
    Counted published = counts.getOrDefault(ReviewStatus.PUBLISHED, Counted.NONE);
    return new ProductReviewCounts(
        row.get(PRODUCT.SLUG),
        row.get(PRODUCT.TITLE),
        row.get(PRODUCT.PICTURE),
        published.reviews(),
        counts.getOrDefault(ReviewStatus.PENDING, Counted.NONE).reviews(),
        counts.getOrDefault(ReviewStatus.ON_HOLD, Counted.NONE).reviews(),
        counts.getOrDefault(ReviewStatus.LEFT_OUT, Counted.NONE).reviews(),
        published.reviews() == 0
            ? null
            : RatingFigure.of(
                published.parts(), BigDecimal.valueOf(published.reviews() * Rating.PER_STAR), 1));
  }
}
