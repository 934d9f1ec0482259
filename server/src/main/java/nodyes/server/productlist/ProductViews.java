package nodyes.server.productlist;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.VariantFacts;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.core.targeting.Sellable;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** What the back office reads of products. */
final class ProductViews {
  /** How far back a price is drawn. */
  static final int DAYS_DRAWN = 90;

  private ProductViews() {}

  /** A price from a day on. */
  record PriceStep(Instant from, BigDecimal price) {}

  /** How a nod stands to a product. */
  record NodMark(String nod, boolean shown) {}

  /**
   * A place by units sold.
   *
   * @param group the category, empty for the shop
   * @param next units of the nearest above
   */
  record Place(String group, int rank, int of, long units, @Nullable Long next) {}

  /** A product in the table. */
  record ProductTableRow(
      long id,
      @JsonUnwrapped Named named,
      int variants,
      @JsonUnwrapped Priced priced,
      @JsonUnwrapped Stocked stocked,
      @Nullable Place sold,
      @JsonUnwrapped Rated rated,
      List<String> tags,
      List<NodMark> nods) {}

  /** What a product is called and looks like. */
  record Named(String slug, String title, String picture, @Nullable String category) {
    static Named of(ProductFacts product, String picture) {
      return new Named(
          product.slug().value(),
          product.title(),
          picture,
          product.traits().category().map(filed -> filed.title()).orElse(null));
    }
  }

  /** What the variant costs whose price is drawn. */
  record Priced(
      @Nullable BigDecimal price,
      @Nullable String currency,
      @Nullable BigDecimal prior,
      int percentOff,
      List<PriceStep> prices) {}

  /** How many there are. */
  record Stocked(@Nullable Long stock, boolean madeToOrder) {
    static Stocked of(ProductRow row) {
      return new Stocked(row.stock().value().orElse(null), row.isMadeToOrder());
    }
  }

  /** How it is rated. */
  record Rated(@Nullable BigDecimal average, long reviews) {
    static Rated of(ProductFacts product) {
      return new Rated(product.rating().mean(1).orElse(null), product.rating().count());
    }
  }

  /** A variant of a product. */
  record VariantView(
      String sku,
      @Nullable BigDecimal price,
      @Nullable String currency,
      @Nullable BigDecimal prior,
      @Nullable Integer percentOff,
      @Nullable Long stock,
      boolean madeToOrder,
      @Nullable LocalDate availableFrom,
      List<PriceStep> prices) {}

  /** Units sold in a week that begins on a day. */
  record WeekSold(LocalDate from, long units) {}

  /** A nod's answer for a product, with all that it rests on. */
  record NodAnswer(
      String nod,
      String name,
      String page,
      boolean shown,
      String because,
      List<FindingLine> findings,
      List<DoubtLine> doubts,
      @Nullable Instant until) {}

  /** One finding. */
  record FindingLine(String text, boolean met) {}

  /** One doubt, by the name of its rule. */
  record DoubtLine(String rule, String text) {}

  static @Nullable Place place(Optional<Sellable.Ranked> ranked) {
    return ranked
        .filter(found -> found.rank().isRanked())
        .map(
            found ->
                new Place(
                    found.group(),
                    found.rank().rank(),
                    found.rank().of(),
                    found.rank().units(),
                    found.rank().next().orElse(null)))
        .orElse(null);
  }

  /** The prices that are drawn: from the one in force at the first day on. */
  static List<PriceStep> steps(PriceHistory history, Instant now) {
    Instant first = now.minus(java.time.Duration.ofDays(DAYS_DRAWN));
    var steps = new ArrayList<PriceStep>();
    history.at(first).ifPresent(price -> steps.add(new PriceStep(first, price.getAmount())));
    for (PriceChange change : history.changes()) {
      if (change.from().isAfter(first) && !change.from().isAfter(now)) {
        steps.add(new PriceStep(change.from(), change.price().getAmount()));
      }
    }
    return List.copyOf(steps);
  }

  static VariantView variant(VariantFacts variant, Instant now, ZoneId zone) {
    Optional<Money> price = variant.priceAt(now);
    var drop = variant.toldDrop(now, zone);
    return new VariantView(
        variant.sku(),
        price.map(Money::getAmount).orElse(null),
        price.map(one -> one.getCurrencyUnit().getCode()).orElse(null),
        drop.map(one -> one.prior().getAmount()).orElse(null),
        drop.map(one -> one.percent()).orElse(null),
        variant.stock().orElse(null),
        variant.isMadeToOrder(),
        variant.availableFrom().orElse(null),
        steps(variant.history(), now));
  }
}
