package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.RuleScope;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StyleProperty;
import nodyes.core.nod.TextOverrides;
import nodyes.core.recognition.LearnedPages;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;
import nodyes.server.messages.Texts;
import org.joda.money.Money;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.annotation.JsonTypeIdResolver;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/**
 * The core's settings as JSON for storing. Names of kinds come from {@link NodKind}; the core knows
 * nothing of JSON.
 */
@Component
@SuppressWarnings({"UnusedVariable", "DoNotCallSuggester"}) // mix-ins are read, never called
class NodJson {
  private static final Map<Class<? extends Condition>, String> RULES =
      Map.of(
          Condition.AllOf.class, "all-of",
          Condition.AnyOf.class, "any-of",
          Condition.ReviewsAtLeast.class, "reviews-at-least",
          Condition.RatingAtLeast.class, "rating-at-least",
          Condition.InCategory.class, "in-category",
          Condition.HasTag.class, "has-tag",
          Condition.PriceBetween.class, "price-between",
          Condition.CountryIn.class, "country-in",
          Condition.LanguageIn.class, "language-in",
          Condition.Between.class, "between");

  private static final Map<Class<? extends ProductCondition>, String> WARES =
      Map.of(
          ProductCondition.ProductIn.class, "product-in",
          ProductCondition.BrandIn.class, "brand-in",
          ProductCondition.HasPicture.class, "has-picture",
          ProductCondition.PercentOffBetween.class, "percent-off-between",
          ProductCondition.StockBetween.class, "stock-between",
          ProductCondition.SoldAtLeast.class, "sold-at-least",
          ProductCondition.RankAtMost.class, "rank-at-most",
          ProductCondition.PublishedWithin.class, "published-within");

  private static final Map<Class<? extends CountdownSchedule>, String> ENDINGS =
      Map.of(
          CountdownSchedule.FixedEnd.class, "at-moment",
          CountdownSchedule.FixedDuration.class, "after-length",
          CountdownSchedule.Recurring.class, "repeating",
          CountdownSchedule.WeeklyCutoff.class, "next-cut-off",
          CountdownSchedule.UntilPriceChange.class, "with-price",
          CountdownSchedule.UntilDispatchCutoff.class, "with-delivery");

  private static final Map<Class<? extends RuleScope>, String> SCOPES =
      Map.of(
          RuleScope.Shop.class, "shop",
          RuleScope.Category.class, "category",
          RuleScope.Tag.class, "tag",
          RuleScope.Product.class, "product");

  private static final Set<String> COMMON = Set.of("id", "kind", "claim", "placement", "dress");

  private final JsonMapper json;

  NodJson() {
    var builder =
        JsonMapper.builder()
            .addMixIn(Nod.class, ByKind.class)
            .addMixIn(Condition.class, ByRule.class)
            .addMixIn(CountdownSchedule.class, ByEnd.class)
            .addMixIn(RuleScope.class, ByScope.class)
            .addMixIn(HolidayRegion.class, OneCode.class)
            .addMixIn(NodId.class, OneValue.class)
            .addMixIn(Spot.class, OneName.class)
            .addMixIn(Money.class, AsMoney.class)
            .addMixIn(StyleProperty.class, ByWireName.class)
            .addMixIn(TextOverrides.class, AsMap.class)
            .addMixIn(NodOptions.class, AsTexts.class);
    RULES.forEach((rule, name) -> builder.registerSubtypes(new NamedType(rule, name)));
    WARES.forEach((rule, name) -> builder.registerSubtypes(new NamedType(rule, name)));
    builder.registerSubtypes(new NamedType(Condition.Daily.class, "daily"));
    SCOPES.forEach((scope, name) -> builder.registerSubtypes(new NamedType(scope, name)));
    ENDINGS.forEach((ending, name) -> builder.registerSubtypes(new NamedType(ending, name)));
    json = builder.build();
  }

  /** All of a draft, as it is kept to go back to. */
  String write(Draft draft) {
    return json.writeValueAsString(draft);
  }

  Draft readDraft(String text) {
    return json.readValue(text, Draft.class);
  }

  String write(LearnedPages pages) {
    return json.writeValueAsString(pages);
  }

  LearnedPages readPages(String text) {
    return json.readValue(text, LearnedPages.class);
  }

  String write(BrandKit kit) {
    return json.writeValueAsString(kit);
  }

  BrandKit readKit(String text) {
    return json.readValue(text, BrandKit.class);
  }

  String write(DeliverySettings delivery) {
    return json.writeValueAsString(delivery);
  }

  DeliverySettings readDelivery(String text) {
    return json.readValue(text, DeliverySettings.class);
  }

  /** What is set of a nod beside what all kinds have. */
  Map<String, Object> own(Nod nod) {
    Map<String, Object> all = json.readValue(write(nod), new TypeReference<>() {});
    COMMON.forEach(all::remove);
    return all;
  }

  /**
   * The nod with what its kind alone has set anew.
   *
   * @throws IllegalArgumentException saying what cannot be set
   */
  Nod with(Nod nod, Map<String, Object> own) {
    Map<String, Object> all = json.readValue(write(nod), new TypeReference<>() {});
    own.forEach(
        (name, value) -> {
          if (all.containsKey(name) && !COMMON.contains(name)) {
            all.put(name, value);
          }
        });
    try {
      return read(json.writeValueAsString(all));
    } catch (JacksonException e) {
      Throwable cause = NestedExceptionUtils.getMostSpecificCause(e);
      throw new IllegalArgumentException(
          cause instanceof IllegalArgumentException refused
              ? Texts.why(refused)
              : text("nods.wrongKindOfValue"),
          e);
    }
  }

  String write(Nod nod) {
    return json.writerFor(Nod.class).writeValueAsString(nod);
  }

  Nod read(String text) {
    return json.readValue(text, Nod.class);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "kind")
  @JsonTypeIdResolver(Kinds.class)
  private interface ByKind {}

  /** Several kinds may have the same settings, so a nod says its kind itself. */
  static final class Kinds extends TypeIdResolverBase {
    @Override
    public String idFromValue(DatabindContext context, Object value) {
      return ((Nod) value).kind().wireName();
    }

    @Override
    public String idFromValueAndType(DatabindContext context, Object value, Class<?> type) {
      return idFromValue(context, value);
    }

    @Override
    public JavaType typeFromId(DatabindContext context, String id) {
      return context.constructType(
          NodKind.parse(id)
              .orElseThrow(() -> new IllegalArgumentException(text("nods.noSuchKind", "id", id)))
              .settings());
    }

    @Override
    public JsonTypeInfo.Id getMechanism() {
      return JsonTypeInfo.Id.CUSTOM;
    }
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "rule")
  private interface ByRule {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "ends")
  private interface ByEnd {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
  private interface ByScope {}

  private abstract static class OneCode {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    OneCode(String code) {}

    @JsonValue
    abstract String code();
  }

  private abstract static class OneValue {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    OneValue(String value) {}

    @JsonValue
    abstract String value();
  }

  private abstract static class OneName {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    OneName(String name) {}

    @JsonValue
    abstract String name();
  }

  private abstract static class AsMap {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    AsMap(Map<String, Map<String, String>> byLanguage) {}

    @JsonValue
    abstract Map<String, Map<String, String>> byLanguage();
  }

  private abstract static class AsTexts {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    AsTexts(Map<String, String> values) {}

    @JsonValue
    abstract Map<String, String> values();
  }

  private interface ByWireName {
    @JsonValue
    String wireName();
  }

  private abstract static class AsMoney {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static Money parse(String text) {
      throw new IllegalStateException("a mix-in is never called");
    }

    @Override
    @JsonValue
    public abstract String toString();
  }
}
