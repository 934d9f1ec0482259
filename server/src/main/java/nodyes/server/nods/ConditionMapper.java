package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.ApiProblem.FieldError;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Conditions between the core and the back office, which thinks on the shop's clock. */
public final class ConditionMapper {
  private static final int LONGEST_WINDOW = 365;

  private final ZoneId zone;
  private final CurrencyUnit currency;
  private final List<FieldError> faults = new ArrayList<>();

  private ConditionMapper(ZoneId zone, CurrencyUnit currency) {
    this.zone = zone;
    this.currency = currency;
  }

  /** As the back office writes it. */
  public static ConditionDto of(Condition condition, ZoneId zone) {
    return switch (condition) {
      case Condition.AllOf all ->
          ConditionDto.group(ConditionDto.Kind.ALL_OF, parts(all.parts(), zone));
      case Condition.AnyOf any ->
          ConditionDto.group(ConditionDto.Kind.ANY_OF, parts(any.parts(), zone));
      case Condition.ReviewsAtLeast reviews ->
          ConditionDto.counted(ConditionDto.Kind.REVIEWS_AT_LEAST, reviews.count(), null);
      case Condition.RatingAtLeast rating ->
          ConditionDto.counted(ConditionDto.Kind.RATING_AT_LEAST, rating.reviews(), rating.stars());
      case Condition.InCategory in -> named(ConditionDto.Kind.IN_CATEGORY, in.categories());
      case Condition.HasTag tag -> named(ConditionDto.Kind.HAS_TAG, tag.tags());
      case Condition.CountryIn in -> named(ConditionDto.Kind.COUNTRY_IN, in.countries());
      case Condition.LanguageIn in -> named(ConditionDto.Kind.LANGUAGE_IN, in.languages());
      case Condition.PriceBetween price ->
          ConditionDto.range(
              ConditionDto.Kind.PRICE_BETWEEN,
              price.least().map(Money::getAmount).orElse(null),
              price.most().map(Money::getAmount).orElse(null));
      case ProductCondition wares -> ProductConditionMapper.of(wares);
      case Condition.Between period ->
          ConditionDto.times(
              ConditionDto.Kind.BETWEEN,
              period.from().map(from -> local(from, zone)).orElse(null),
              period.to().map(to -> local(to, zone)).orElse(null),
              null);
      case Condition.Daily daily ->
          ConditionDto.times(
              ConditionDto.Kind.DAILY,
              daily.from().toString(),
              daily.to().toString(),
              daily.days().stream().sorted().toList());
    };
  }

  private static ConditionDto named(ConditionDto.Kind kind, Set<String> names) {
    return ConditionDto.named(kind, names.stream().sorted().toList());
  }

  private static List<ConditionDto> parts(List<Condition> parts, ZoneId zone) {
    return parts.stream().map(part -> of(part, zone)).toList();
  }

  private static String local(Instant instant, ZoneId zone) {
    return LocalDateTime.ofInstant(instant, zone).toString();
  }

  /**
   * The condition that a rule stands for.
   *
   * @throws Refusal naming every part that cannot be taken
   */
  public static Condition condition(ConditionDto rule, ZoneId zone, CurrencyUnit currency) {
    var rules = new ConditionMapper(zone, currency);
    Condition condition = rules.read(rule, "audience", 0);
    if (!rules.faults.isEmpty()) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("rules.notUsable"), rules.faults);
    }
    return condition;
  }

  private Condition read(ConditionDto rule, String path, int depth) {
    return switch (rule.kind()) {
      case ALL_OF, ANY_OF -> group(rule, path, depth);
      case REVIEWS_AT_LEAST -> new Condition.ReviewsAtLeast(count(rule, path));
      case RATING_AT_LEAST -> new Condition.RatingAtLeast(stars(rule, path), count(rule, path));
      case IN_CATEGORY -> new Condition.InCategory(names(rule, path, "a category"));
      case HAS_TAG -> new Condition.HasTag(names(rule, path, "a tag"));
      case COUNTRY_IN -> new Condition.CountryIn(names(rule, path, "a country"));
      case LANGUAGE_IN -> new Condition.LanguageIn(names(rule, path, "a language"));
      case PRICE_BETWEEN -> price(rule, path);
      case BETWEEN -> between(rule, path);
      case DAILY -> daily(rule, path);
      case PRODUCT_IN -> new ProductCondition.ProductIn(names(rule, path, "a product"));
      case BRAND_IN -> new ProductCondition.BrandIn(names(rule, path, "a brand"));
      case HAS_PICTURE -> new ProductCondition.HasPicture();
      case PERCENT_OFF_BETWEEN -> percent(rule, path);
      case STOCK_BETWEEN -> stock(rule, path);
      case SOLD_AT_LEAST -> new ProductCondition.SoldAtLeast(count(rule, path), window(rule, path));
      case RANK_AT_MOST ->
          new ProductCondition.RankAtMost(
              (int) Math.min(count(rule, path), 1000),
              window(rule, path),
              Boolean.TRUE.equals(rule.inShop()));
      case PUBLISHED_WITHIN -> new ProductCondition.PublishedWithin(window(rule, path));
    };
  }

  private Condition group(ConditionDto rule, String path, int depth) {
    if (depth > 1) {
      fault(path, text("rules.nestedTwice"));
      // no group, so that what is around it can be read on
      return new ProductCondition.HasPicture();
    }
    var parts = new ArrayList<Condition>();
    List<ConditionDto> given = rule.parts() == null ? List.of() : rule.parts();
    for (int i = 0; i < given.size(); i++) {
      parts.add(read(given.get(i), path + "." + (i + 1), depth + 1));
    }
    return rule.kind() == ConditionDto.Kind.ALL_OF
        ? new Condition.AllOf(parts)
        : new Condition.AnyOf(parts);
  }

  private long count(ConditionDto rule, String path) {
    Long count = rule.count();
    if (count == null || count < 1 || count > 1_000_000) {
      fault(path + ".count", text("rules.wholeFrom1"));
      return 1;
    }
    return count;
  }

  private BigDecimal stars(ConditionDto rule, String path) {
    BigDecimal stars = rule.stars();
    if (stars == null
        || stars.compareTo(BigDecimal.ONE) < 0
        || stars.compareTo(BigDecimal.valueOf(5)) > 0) {
      fault(path + ".stars", text("rules.stars"));
      return BigDecimal.ONE;
    }
    return stars;
  }

  private Set<String> names(ConditionDto rule, String path, String what) {
    var names = new LinkedHashSet<>(rule.names() == null ? List.<String>of() : rule.names());
    if (names.isEmpty()) {
      fault(path + ".names", text("rules.choose", "what", what));
    }
    return names;
  }

  private Condition price(ConditionDto rule, String path) {
    Optional<Money> least = money(rule.least(), path + ".least");
    Optional<Money> most = money(rule.most(), path + ".most");
    if (rule.least() == null && rule.most() == null) {
      fault(path, text("rules.lowestOrHighestPrice"));
    }
    if (least.isPresent() && most.isPresent() && least.get().isGreaterThan(most.get())) {
      fault(path + ".most", text("rules.priceBelowLowest"));
    }
    return new Condition.PriceBetween(least, most);
  }

  private int window(ConditionDto rule, String path) {
    Integer days = rule.window();
    if (days == null || days < 1 || days > LONGEST_WINDOW) {
      fault(path + ".window", text("rules.days", "most", LONGEST_WINDOW));
      return 1;
    }
    return days;
  }

  private Condition percent(ConditionDto rule, String path) {
    Optional<Integer> least = whole(rule.least(), 100, path + ".least").map(Long::intValue);
    Optional<Integer> most = whole(rule.most(), 100, path + ".most").map(Long::intValue);
    range(rule, least, most, path);
    return new ProductCondition.PercentOffBetween(least, most);
  }

  private Condition stock(ConditionDto rule, String path) {
    Optional<Long> least = whole(rule.least(), 1_000_000, path + ".least");
    Optional<Long> most = whole(rule.most(), 1_000_000, path + ".most");
    range(rule, least, most, path);
    return new ProductCondition.StockBetween(least, most);
  }

  private <N extends Comparable<N>> void range(
      ConditionDto rule, Optional<N> least, Optional<N> most, String path) {
    if (rule.least() == null && rule.most() == null) {
      fault(path, text("rules.lowestOrHighest"));
    }
    if (least.isPresent() && most.isPresent() && least.get().compareTo(most.get()) > 0) {
      fault(path + ".most", text("rules.belowLowest"));
    }
  }

  private Optional<Long> whole(@Nullable BigDecimal number, long most, String path) {
    if (number == null) {
      return Optional.empty();
    }
    if (number.signum() < 0
        || number.compareTo(BigDecimal.valueOf(most)) > 0
        || number.stripTrailingZeros().scale() > 0) {
      fault(path, text("rules.wholeTo", "most", most));
      return Optional.empty();
    }
    return Optional.of(number.longValueExact());
  }

  private Optional<Money> money(@Nullable BigDecimal amount, String path) {
    if (amount == null) {
      return Optional.empty();
    }
    try {
      return Optional.of(Money.of(currency, amount));
    } catch (ArithmeticException e) {
      fault(path, text("rules.tooManyDecimals", "currency", currency.getCode()));
      return Optional.empty();
    }
  }

  private Condition between(ConditionDto rule, String path) {
    Optional<Instant> from = moment(rule.from(), path + ".from");
    Optional<Instant> to = moment(rule.to(), path + ".to");
    if (from.isEmpty() && to.isEmpty()) {
      fault(path + ".from", text("rules.startOrEnd"));
    }
    if (from.isPresent() && to.isPresent() && !from.get().isBefore(to.get())) {
      fault(path + ".to", text("rules.endBeforeStart"));
      return new Condition.Between(from, Optional.empty());
    }
    return new Condition.Between(from, to);
  }

  private Optional<Instant> moment(@Nullable String text, String path) {
    if (text == null || text.isBlank()) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalDateTime.parse(text).atZone(zone).toInstant());
    } catch (DateTimeException e) {
      fault(path, text("rules.notAMoment"));
      return Optional.empty();
    }
  }

  private Condition daily(ConditionDto rule, String path) {
    LocalTime from = time(rule.from(), path + ".from");
    LocalTime to = time(rule.to(), path + ".to");
    if (rule.days() == null || rule.days().isEmpty()) {
      fault(path + ".days", text("rules.chooseWeekday"));
      return Condition.everyone();
    }
    return new Condition.Daily(from, to, Set.copyOf(rule.days()));
  }

  private LocalTime time(@Nullable String text, String path) {
    try {
      return LocalTime.parse(text == null ? "" : text);
    } catch (DateTimeException e) {
      fault(path, text("rules.notATime"));
      return LocalTime.MIDNIGHT;
    }
  }

  private void fault(String path, String reason) {
    faults.add(new FieldError(path, reason));
  }
}
