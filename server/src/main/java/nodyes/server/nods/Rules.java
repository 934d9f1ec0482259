package nodyes.server.nods;

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
import nodyes.core.audience.Condition;
import nodyes.core.audience.WaresCondition;
import nodyes.server.web.Refusal;
import nodyes.server.web.Refusal.Fault;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Conditions between the core and the back office, which thinks on the shop's clock. */
public final class Rules {
  private static final int LONGEST_WINDOW = 365;

  private final ZoneId zone;
  private final CurrencyUnit currency;
  private final List<Fault> faults = new ArrayList<>();

  private Rules(ZoneId zone, CurrencyUnit currency) {
    this.zone = zone;
    this.currency = currency;
  }

  /** As the back office writes it. */
  public static Rule of(Condition condition, ZoneId zone) {
    return switch (condition) {
      case Condition.AllOf all -> Rule.group(Rule.Kind.ALL_OF, parts(all.parts(), zone));
      case Condition.AnyOf any -> Rule.group(Rule.Kind.ANY_OF, parts(any.parts(), zone));
      case Condition.ReviewsAtLeast reviews ->
          Rule.counted(Rule.Kind.REVIEWS_AT_LEAST, reviews.count(), null);
      case Condition.RatingAtLeast rating ->
          Rule.counted(Rule.Kind.RATING_AT_LEAST, rating.reviews(), rating.stars());
      case Condition.InCategory in -> named(Rule.Kind.IN_CATEGORY, in.categories());
      case Condition.HasTag tag -> named(Rule.Kind.HAS_TAG, tag.tags());
      case Condition.CountryIn in -> named(Rule.Kind.COUNTRY_IN, in.countries());
      case Condition.LanguageIn in -> named(Rule.Kind.LANGUAGE_IN, in.languages());
      case Condition.PriceBetween price ->
          Rule.range(
              Rule.Kind.PRICE_BETWEEN,
              price.least().map(Money::getAmount).orElse(null),
              price.most().map(Money::getAmount).orElse(null));
      case WaresCondition wares -> WaresRules.of(wares);
      case Condition.Between period ->
          Rule.times(
              Rule.Kind.BETWEEN,
              period.from().map(from -> local(from, zone)).orElse(null),
              period.to().map(to -> local(to, zone)).orElse(null),
              null);
      case Condition.Daily daily ->
          Rule.times(
              Rule.Kind.DAILY,
              daily.from().toString(),
              daily.to().toString(),
              daily.days().stream().sorted().toList());
    };
  }

  private static Rule named(Rule.Kind kind, Set<String> names) {
    return Rule.named(kind, names.stream().sorted().toList());
  }

  private static List<Rule> parts(List<Condition> parts, ZoneId zone) {
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
  public static Condition condition(Rule rule, ZoneId zone, CurrencyUnit currency) {
    var rules = new Rules(zone, currency);
    Condition condition = rules.read(rule, "audience", 0);
    if (!rules.faults.isEmpty()) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST, "A condition cannot be taken as it is.", rules.faults);
    }
    return condition;
  }

  private Condition read(Rule rule, String path, int depth) {
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
      case PRODUCT_IN -> new WaresCondition.ProductIn(names(rule, path, "a product"));
      case BRAND_IN -> new WaresCondition.BrandIn(names(rule, path, "a brand"));
      case HAS_PICTURE -> new WaresCondition.HasPicture();
      case PERCENT_OFF_BETWEEN -> percent(rule, path);
      case STOCK_BETWEEN -> stock(rule, path);
      case SOLD_AT_LEAST -> new WaresCondition.SoldAtLeast(count(rule, path), window(rule, path));
      case RANK_AT_MOST ->
          new WaresCondition.RankAtMost(
              (int) Math.min(count(rule, path), 1000),
              window(rule, path),
              Boolean.TRUE.equals(rule.inShop()));
      case PUBLISHED_WITHIN -> new WaresCondition.PublishedWithin(window(rule, path));
    };
  }

  private Condition group(Rule rule, String path, int depth) {
    if (depth > 1) {
      fault(path, "groups stand inside one another once, not twice");
      // no group, so that what is around it can be read on
      return new WaresCondition.HasPicture();
    }
    var parts = new ArrayList<Condition>();
    List<Rule> given = rule.parts() == null ? List.of() : rule.parts();
    for (int i = 0; i < given.size(); i++) {
      parts.add(read(given.get(i), path + "." + (i + 1), depth + 1));
    }
    return rule.kind() == Rule.Kind.ALL_OF
        ? new Condition.AllOf(parts)
        : new Condition.AnyOf(parts);
  }

  private long count(Rule rule, String path) {
    Long count = rule.count();
    if (count == null || count < 1 || count > 1_000_000) {
      fault(path + ".count", "is a whole number from 1");
      return 1;
    }
    return count;
  }

  private BigDecimal stars(Rule rule, String path) {
    BigDecimal stars = rule.stars();
    if (stars == null
        || stars.compareTo(BigDecimal.ONE) < 0
        || stars.compareTo(BigDecimal.valueOf(5)) > 0) {
      fault(path + ".stars", "is from 1 to 5");
      return BigDecimal.ONE;
    }
    return stars;
  }

  private Set<String> names(Rule rule, String path, String what) {
    var names = new LinkedHashSet<>(rule.names() == null ? List.<String>of() : rule.names());
    if (names.isEmpty()) {
      fault(path + ".names", "choose " + what);
    }
    return names;
  }

  private Condition price(Rule rule, String path) {
    Optional<Money> least = money(rule.least(), path + ".least");
    Optional<Money> most = money(rule.most(), path + ".most");
    if (rule.least() == null && rule.most() == null) {
      fault(path, "give a lowest or a highest price");
    }
    if (least.isPresent() && most.isPresent() && least.get().isGreaterThan(most.get())) {
      fault(path + ".most", "is below the lowest price");
    }
    return new Condition.PriceBetween(least, most);
  }

  private int window(Rule rule, String path) {
    Integer days = rule.window();
    if (days == null || days < 1 || days > LONGEST_WINDOW) {
      fault(path + ".window", "is a number of days from 1 to " + LONGEST_WINDOW);
      return 1;
    }
    return days;
  }

  private Condition percent(Rule rule, String path) {
    Optional<Integer> least = whole(rule.least(), 100, path + ".least").map(Long::intValue);
    Optional<Integer> most = whole(rule.most(), 100, path + ".most").map(Long::intValue);
    range(rule, least, most, path, "percentage");
    return new WaresCondition.PercentOffBetween(least, most);
  }

  private Condition stock(Rule rule, String path) {
    Optional<Long> least = whole(rule.least(), 1_000_000, path + ".least");
    Optional<Long> most = whole(rule.most(), 1_000_000, path + ".most");
    range(rule, least, most, path, "number of pieces");
    return new WaresCondition.StockBetween(least, most);
  }

  private <N extends Comparable<N>> void range(
      Rule rule, Optional<N> least, Optional<N> most, String path, String what) {
    if (rule.least() == null && rule.most() == null) {
      fault(path, "give a lowest or a highest " + what);
    }
    if (least.isPresent() && most.isPresent() && least.get().compareTo(most.get()) > 0) {
      fault(path + ".most", "is below the lowest " + what);
    }
  }

  private Optional<Long> whole(@Nullable BigDecimal number, long most, String path) {
    if (number == null) {
      return Optional.empty();
    }
    if (number.signum() < 0
        || number.compareTo(BigDecimal.valueOf(most)) > 0
        || number.stripTrailingZeros().scale() > 0) {
      fault(path, "is a whole number from 0 to " + most);
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
      fault(path, "has more decimals than " + currency.getCode());
      return Optional.empty();
    }
  }

  private Condition between(Rule rule, String path) {
    Optional<Instant> from = moment(rule.from(), path + ".from");
    Optional<Instant> to = moment(rule.to(), path + ".to");
    if (from.isEmpty() && to.isEmpty()) {
      fault(path + ".from", "give a start or an end");
    }
    if (from.isPresent() && to.isPresent() && !from.get().isBefore(to.get())) {
      fault(path + ".to", "it ends before it starts; choose a later end or an earlier start");
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
      fault(path, "is no date and time such as 2026-11-26T14:20");
      return Optional.empty();
    }
  }

  private Condition daily(Rule rule, String path) {
    LocalTime from = time(rule.from(), path + ".from");
    LocalTime to = time(rule.to(), path + ".to");
    if (rule.days() == null || rule.days().isEmpty()) {
      fault(path + ".days", "choose a weekday");
      return Condition.everyone();
    }
    return new Condition.Daily(from, to, Set.copyOf(rule.days()));
  }

  private LocalTime time(@Nullable String text, String path) {
    try {
      return LocalTime.parse(text == null ? "" : text);
    } catch (DateTimeException e) {
      fault(path, "is no time such as 14:20");
      return LocalTime.MIDNIGHT;
    }
  }

  private void fault(String path, String reason) {
    faults.add(new Fault(path, reason));
  }
}
