package nodyes.server.nods;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A condition as the back office writes it; each kind takes some of the parts.
 *
 * @param kind which condition
 * @param parts of a group
 * @param names products, brands, categories, tags, countries or languages
 * @param count a least number of reviews or of units sold, or how many of the first
 * @param stars a least mean
 * @param least a lowest price in the shop's currency, percentage, or number of pieces
 * @param most the highest one
 * @param from a date and time, or a time, on the shop's clock
 * @param to the same, excluded
 * @param days weekdays
 * @param window a number of days, today the last of them
 * @param inShop whether a rank is among all products; else among those of the own category
 */
public record ConditionDto(
    Kind kind,
    @Nullable List<ConditionDto> parts,
    @Nullable List<String> names,
    @Nullable Long count,
    @Nullable BigDecimal stars,
    @Nullable BigDecimal least,
    @Nullable BigDecimal most,
    @Nullable String from,
    @Nullable String to,
    @Nullable List<DayOfWeek> days,
    @Nullable Integer window,
    @Nullable Boolean inShop) {
  /** Which condition. */
  public enum Kind {
    /** All of the parts. */
    ALL_OF,
    /** Any of the parts. */
    ANY_OF,
    /** At least {@code count} published reviews. */
    REVIEWS_AT_LEAST,
    /** A mean of at least {@code stars} from at least {@code count} reviews. */
    RATING_AT_LEAST,
    /** In one of the categories {@code names}. */
    IN_CATEGORY,
    /** With one of the tags {@code names}. */
    HAS_TAG,
    /** One of the products {@code names}. */
    PRODUCT_IN,
    /** Sold under one of the brands {@code names}. */
    BRAND_IN,
    /** With a picture. */
    HAS_PICTURE,
    /** From {@code least} to {@code most} percent under the lowest price of the days before. */
    PERCENT_OFF_BETWEEN,
    /** From {@code least} to {@code most} pieces in stock. */
    STOCK_BETWEEN,
    /** At least {@code count} units sold in {@code window} days. */
    SOLD_AT_LEAST,
    /** Among the first {@code count} by units sold in {@code window} days. */
    RANK_AT_MOST,
    /** First shown in the shop within {@code window} days. */
    PUBLISHED_WITHIN,
    /** A price from {@code least} to {@code most}. */
    PRICE_BETWEEN,
    /** The shopper is in one of the countries {@code names}. */
    COUNTRY_IN,
    /** The shopper reads one of the languages {@code names}. */
    LANGUAGE_IN,
    /** From {@code from} to {@code to}. */
    BETWEEN,
    /** On {@code days} from the time {@code from} to the time {@code to}. */
    DAILY
  }

  static ConditionDto of(Kind kind) {
    return new ConditionDto(kind, null, null, null, null, null, null, null, null, null, null, null);
  }

  static ConditionDto group(Kind kind, List<ConditionDto> parts) {
    return new ConditionDto(
        kind, parts, null, null, null, null, null, null, null, null, null, null);
  }

  static ConditionDto named(Kind kind, List<String> names) {
    return new ConditionDto(
        kind, null, names, null, null, null, null, null, null, null, null, null);
  }

  static ConditionDto counted(Kind kind, long count, @Nullable BigDecimal stars) {
    return new ConditionDto(
        kind, null, null, count, stars, null, null, null, null, null, null, null);
  }

  static ConditionDto range(Kind kind, @Nullable BigDecimal least, @Nullable BigDecimal most) {
    return new ConditionDto(
        kind, null, null, null, null, least, most, null, null, null, null, null);
  }

  static ConditionDto times(
      Kind kind, @Nullable String from, @Nullable String to, @Nullable List<DayOfWeek> days) {
    return new ConditionDto(kind, null, null, null, null, null, null, from, to, days, null, null);
  }

  static ConditionDto within(
      Kind kind, @Nullable Long count, int window, @Nullable Boolean inShop) {
    return new ConditionDto(
        kind, null, null, count, null, null, null, null, null, null, window, inShop);
  }
}
