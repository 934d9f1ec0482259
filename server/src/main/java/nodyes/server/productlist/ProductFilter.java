package nodyes.server.productlist;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.targeting.TimedValue;
import nodyes.server.web.Given;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * Which products are listed, and in which order.
 *
 * @param q part of a title, slug, SKU or tag
 * @param category a category's slug; those below it count
 * @param tag a tag
 * @param stock what is in stock
 * @param reduced whether those with a price drop alone
 * @param shows the id of a nod that it shows
 * @param hides the id of a nod that it does not show
 * @param sort in which order
 */
record ProductFilter(
    @Nullable String q,
    @Nullable String category,
    @Nullable String tag,
    @Nullable Stock stock,
    @Nullable Boolean reduced,
    @Nullable String shows,
    @Nullable String hides,
    @Nullable Sort sort) {
  /** What is in stock. */
  enum Stock {
    /** Some. */
    IN,
    /** None. */
    OUT,
    /** At most three. */
    FEW,
    /** It is not known. */
    UNKNOWN
  }

  /** In which order. */
  enum Sort {
    /** The shop's own. */
    SHOP,
    /** By title. */
    TITLE,
    /** The cheapest first. */
    PRICE,
    /** The fewest in stock first, unknown ones last. */
    STOCK,
    /** The most sold first. */
    SOLD,
    /** The best rated first, unrated ones last. */
    RATING,
    /** The newest first. */
    NEWEST
  }

  private static final long FEW = 3;

  Predicate<ProductRow> predicate() {
    Optional<String> text = Given.text(q).map(part -> part.toLowerCase(Locale.ROOT));
    Predicate<ProductRow> all =
        row ->
            text.map(part -> matches(row.facts(), part)).orElse(true)
                && Given.text(category).map(row.facts().categories()::contains).orElse(true)
                && Given.text(tag).map(row.facts().tags()::contains).orElse(true);
    return all.and(row -> stock == null || stock == stock(row.stock()) || isInStock(row.stock()))
        .and(row -> !Boolean.TRUE.equals(reduced) || row.percentOff() > 0);
  }

  private boolean isInStock(TimedValue<Long> pieces) {
    return stock == Stock.IN && pieces.value().filter(count -> count > 0).isPresent();
  }

  private static Stock stock(TimedValue<Long> pieces) {
    return pieces
        .value()
        .map(count -> count == 0 ? Stock.OUT : count <= FEW ? Stock.FEW : Stock.IN)
        .orElse(Stock.UNKNOWN);
  }

  private static boolean matches(ProductFacts product, String part) {
    return product.title().toLowerCase(Locale.ROOT).contains(part)
        || product.slug().value().contains(part)
        || product.tags().stream().anyMatch(tag -> tag.toLowerCase(Locale.ROOT).contains(part))
        || product.variants().keySet().stream()
            .anyMatch(sku -> sku.toLowerCase(Locale.ROOT).contains(part));
  }

  Optional<Comparator<ProductRow>> order() {
    return switch (sort == null ? Sort.SHOP : sort) {
      case SHOP -> Optional.empty();
      case TITLE ->
          Optional.of(
              Comparator.comparing(row -> row.facts().title(), String.CASE_INSENSITIVE_ORDER));
      case PRICE ->
          Optional.of(
              Comparator.comparing(
                  row -> row.price().map(Money::getAmount).orElse(null),
                  Comparator.nullsLast(Comparator.naturalOrder())));
      case STOCK ->
          Optional.of(
              Comparator.comparing(
                  row -> row.stock().value().orElse(null),
                  Comparator.nullsLast(Comparator.naturalOrder())));
      case SOLD -> Optional.of(Comparator.comparingLong(row -> -row.sold()));
      case RATING ->
          Optional.of(
              Comparator.comparing(
                  row -> row.facts().rating().mean(2).map(mean -> mean.negate()).orElse(null),
                  Comparator.nullsLast(Comparator.naturalOrder())));
      case NEWEST ->
          Optional.of(
              Comparator.comparing(
                  row -> row.facts().traits().firstPublished().orElse(null),
                  Comparator.nullsLast(Comparator.reverseOrder())));
    };
  }
}
