package nodyes.server.catalogue;

import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.length;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.selectOne;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.review.ReviewStatus;
import nodyes.generated.tables.PriceChange;
import nodyes.server.database.Database;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.OrderField;
import org.springframework.stereotype.Component;

/** Finds products to look at: those that pages most often get wrong. */
@Component
class ProductSampleStore {
  private final Database database;

  ProductSampleStore(Database database) {
    this.database = database;
  }

  List<ProductSample> all() {
    return database.read(
        sql ->
            Stream.of(
                    reduced(sql),
                    first(sql, ProductSample.Why.SOLD_OUT, isSoldOut(), PRODUCT.POSITION),
                    first(sql, ProductSample.Why.NO_REVIEWS, hasNoReviews(), PRODUCT.POSITION),
                    first(
                        sql,
                        ProductSample.Why.LONGEST_TITLE,
                        PRODUCT.TITLE.isNotNull(),
                        length(PRODUCT.TITLE).desc()),
                    mostReviewed(sql),
                    first(
                        sql,
                        ProductSample.Why.NEWEST,
                        PRODUCT.FIRST_PUBLISHED_AT.isNotNull(),
                        PRODUCT.FIRST_PUBLISHED_AT.desc()))
                .flatMap(Optional::stream)
                .toList());
  }

  private static Optional<ProductSample> first(
      DSLContext sql, ProductSample.Why why, Condition which, OrderField<?> order) {
    return sql.select(PRODUCT.SLUG, PRODUCT.TITLE)
        .from(PRODUCT)
        .where(which)
        .orderBy(order, PRODUCT.ID)
        .limit(1)
        .fetchOptional(row -> new ProductSample(why, row.value1(), row.value2()));
  }

  /** The price before the latest one was higher. */
  private static Optional<ProductSample> reduced(DSLContext sql) {
    PriceChange earlier = PRICE_CHANGE.as("earlier");
    PriceChange between = PRICE_CHANGE.as("between");
    PriceChange later = PRICE_CHANGE.as("later");
    return sql.select(PRODUCT.SLUG, PRODUCT.TITLE)
        .from(PRICE_CHANGE)
        .join(earlier)
        .on(
            earlier
                .VARIANT_ID
                .eq(PRICE_CHANGE.VARIANT_ID)
                .and(earlier.FROM_AT.lt(PRICE_CHANGE.FROM_AT))
                .and(earlier.PRICE_MINOR.gt(PRICE_CHANGE.PRICE_MINOR)))
        .join(VARIANT)
        .on(VARIANT.ID.eq(PRICE_CHANGE.VARIANT_ID))
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
        .where(
            notExists(
                selectOne()
                    .from(later)
                    .where(
                        later
                            .VARIANT_ID
                            .eq(PRICE_CHANGE.VARIANT_ID)
                            .and(later.FROM_AT.gt(PRICE_CHANGE.FROM_AT)))),
            notExists(
                selectOne()
                    .from(between)
                    .where(
                        between
                            .VARIANT_ID
                            .eq(PRICE_CHANGE.VARIANT_ID)
                            .and(between.FROM_AT.gt(earlier.FROM_AT))
                            .and(between.FROM_AT.lt(PRICE_CHANGE.FROM_AT)))))
        .orderBy(PRICE_CHANGE.FROM_AT.desc(), PRODUCT.ID)
        .limit(1)
        .fetchOptional(
            row -> new ProductSample(ProductSample.Why.REDUCED_PRICE, row.value1(), row.value2()));
  }

  private static Condition isSoldOut() {
    var ofIt = selectOne().from(VARIANT).where(VARIANT.PRODUCT_ID.eq(PRODUCT.ID));
    return exists(ofIt)
        .and(
            notExists(
                selectOne()
                    .from(VARIANT)
                    .where(
                        VARIANT
                            .PRODUCT_ID
                            .eq(PRODUCT.ID)
                            .and(VARIANT.STOCK_COUNT.isNull().or(VARIANT.STOCK_COUNT.gt(0L))))));
  }

  private static Condition hasNoReviews() {
    return notExists(
        selectOne()
            .from(REVIEW)
            .where(REVIEW.PRODUCT_ID.eq(PRODUCT.ID).and(REVIEW.STATUS.eq(ReviewStatus.PUBLISHED))));
  }

  private static Optional<ProductSample> mostReviewed(DSLContext sql) {
    return sql.select(PRODUCT.SLUG, max(PRODUCT.TITLE))
        .from(REVIEW)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
        .where(REVIEW.STATUS.eq(ReviewStatus.PUBLISHED))
        .groupBy(PRODUCT.SLUG)
        .orderBy(count().desc(), PRODUCT.SLUG)
        .limit(1)
        .fetchOptional(
            row -> new ProductSample(ProductSample.Why.MOST_REVIEWS, row.value1(), row.value2()));
  }
}
