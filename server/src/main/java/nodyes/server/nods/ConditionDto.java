package nodyes.server.nods;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A condition as the back office writes it, each kind with its own parts. A part may be missing: it
 * is kept as it was typed, and publishing waits for it.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ConditionDto.AllOf.class, name = "ALL_OF"),
  @JsonSubTypes.Type(value = ConditionDto.AnyOf.class, name = "ANY_OF"),
  @JsonSubTypes.Type(value = ConditionDto.ReviewsAtLeast.class, name = "REVIEWS_AT_LEAST"),
  @JsonSubTypes.Type(value = ConditionDto.RatingAtLeast.class, name = "RATING_AT_LEAST"),
  @JsonSubTypes.Type(value = ConditionDto.InCategory.class, name = "IN_CATEGORY"),
  @JsonSubTypes.Type(value = ConditionDto.HasTag.class, name = "HAS_TAG"),
  @JsonSubTypes.Type(value = ConditionDto.ProductIn.class, name = "PRODUCT_IN"),
  @JsonSubTypes.Type(value = ConditionDto.BrandIn.class, name = "BRAND_IN"),
  @JsonSubTypes.Type(value = ConditionDto.HasPicture.class, name = "HAS_PICTURE"),
  @JsonSubTypes.Type(value = ConditionDto.PercentOffBetween.class, name = "PERCENT_OFF_BETWEEN"),
  @JsonSubTypes.Type(value = ConditionDto.StockBetween.class, name = "STOCK_BETWEEN"),
  @JsonSubTypes.Type(value = ConditionDto.SoldAtLeast.class, name = "SOLD_AT_LEAST"),
  @JsonSubTypes.Type(value = ConditionDto.RankAtMost.class, name = "RANK_AT_MOST"),
  @JsonSubTypes.Type(value = ConditionDto.PublishedWithin.class, name = "PUBLISHED_WITHIN"),
  @JsonSubTypes.Type(value = ConditionDto.PriceBetween.class, name = "PRICE_BETWEEN"),
  @JsonSubTypes.Type(value = ConditionDto.CountryIn.class, name = "COUNTRY_IN"),
  @JsonSubTypes.Type(value = ConditionDto.LanguageIn.class, name = "LANGUAGE_IN"),
  @JsonSubTypes.Type(value = ConditionDto.Between.class, name = "BETWEEN"),
  @JsonSubTypes.Type(value = ConditionDto.Daily.class, name = "DAILY")
})
public sealed interface ConditionDto {
  /** Those that are made of others. */
  sealed interface Group extends ConditionDto permits AllOf, AnyOf {
    /** What it is made of. */
    @Nullable List<ConditionDto> parts();
  }

  /** Those that ask for one of several names. */
  sealed interface Named extends ConditionDto
      permits InCategory, HasTag, ProductIn, BrandIn, CountryIn, LanguageIn {
    /** Products, brands, categories, tags, countries or languages. */
    @Nullable List<String> names();
  }

  /** Those that ask for a number. */
  sealed interface Counted extends ConditionDto
      permits ReviewsAtLeast, RatingAtLeast, SoldAtLeast, RankAtMost {
    /** The least number; of ranks, how many of the first. */
    @Nullable Long count();
  }

  /** Those that ask for a number between two, both included, either of them open. */
  sealed interface Ranged extends ConditionDto
      permits PercentOffBetween, StockBetween, PriceBetween {
    /** The lowest. */
    @Nullable BigDecimal least();

    /** The highest. */
    @Nullable BigDecimal most();
  }

  /** Those that look back over days. */
  sealed interface Windowed extends ConditionDto permits SoldAtLeast, RankAtMost, PublishedWithin {
    /** How many, today the last of them. */
    @Nullable Integer window();
  }

  /** All of the parts. */
  record AllOf(@Nullable List<ConditionDto> parts) implements Group {}

  /** Any of the parts. */
  record AnyOf(@Nullable List<ConditionDto> parts) implements Group {}

  /** At least {@code count} published reviews. */
  record ReviewsAtLeast(@Nullable Long count) implements Counted {}

  /** A mean of at least {@code stars} from at least {@code count} reviews. */
  record RatingAtLeast(@Nullable Long count, @Nullable BigDecimal stars) implements Counted {}

  /** In one of the categories. */
  record InCategory(@Nullable List<String> names) implements Named {}

  /** With one of the tags. */
  record HasTag(@Nullable List<String> names) implements Named {}

  /** One of the products. */
  record ProductIn(@Nullable List<String> names) implements Named {}

  /** Sold under one of the brands. */
  record BrandIn(@Nullable List<String> names) implements Named {}

  /** With a picture. */
  record HasPicture() implements ConditionDto {}

  /** From {@code least} to {@code most} percent under the lowest price of the days before. */
  record PercentOffBetween(@Nullable BigDecimal least, @Nullable BigDecimal most)
      implements Ranged {}

  /** From {@code least} to {@code most} pieces in stock. */
  record StockBetween(@Nullable BigDecimal least, @Nullable BigDecimal most) implements Ranged {}

  /** At least {@code count} units sold in {@code window} days. */
  record SoldAtLeast(@Nullable Long count, @Nullable Integer window) implements Counted, Windowed {}

  /**
   * Among the first {@code count} by units sold in {@code window} days: of all products where
   * {@code inShop} is true, else of its own category.
   */
  record RankAtMost(@Nullable Long count, @Nullable Integer window, @Nullable Boolean inShop)
      implements Counted, Windowed {}

  /** First shown in the shop within {@code window} days. */
  record PublishedWithin(@Nullable Integer window) implements Windowed {}

  /** A price from {@code least} to {@code most}, in the shop's currency. */
  record PriceBetween(@Nullable BigDecimal least, @Nullable BigDecimal most) implements Ranged {}

  /** The shopper is in one of the countries. */
  record CountryIn(@Nullable List<String> names) implements Named {}

  /** The shopper reads one of the languages. */
  record LanguageIn(@Nullable List<String> names) implements Named {}

  /** From a date and time on the shop's clock to another, the end excluded; either may be open. */
  record Between(@Nullable String from, @Nullable String to) implements ConditionDto {}

  /** On the {@code days} from one time on the shop's clock to another. */
  record Daily(@Nullable String from, @Nullable String to, @Nullable List<DayOfWeek> days)
      implements ConditionDto {}
}
