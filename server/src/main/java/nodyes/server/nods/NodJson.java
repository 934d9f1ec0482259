package nodyes.server.nods;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Map;
import nodyes.core.audience.Condition;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.Spot;
import org.joda.money.Money;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;

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

  private final JsonMapper json;

  NodJson() {
    var builder =
        JsonMapper.builder()
            .addMixIn(Nod.class, ByKind.class)
            .addMixIn(Condition.class, ByRule.class)
            .addMixIn(NodId.class, OneValue.class)
            .addMixIn(Spot.class, OneName.class)
            .addMixIn(Money.class, AsMoney.class);
    for (NodKind kind : NodKind.values()) {
      builder.registerSubtypes(new NamedType(kind.settings(), kind.wireName()));
    }
    RULES.forEach((rule, name) -> builder.registerSubtypes(new NamedType(rule, name)));
    builder.registerSubtypes(new NamedType(Condition.Daily.class, "daily"));
    json = builder.build();
  }

  String write(Nod nod) {
    return json.writerFor(Nod.class).writeValueAsString(nod);
  }

  Nod read(String text) {
    return json.readValue(text, Nod.class);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  private interface ByKind {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "rule")
  private interface ByRule {}

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
