package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;
import static nodyes.server.nods.ProductConditionMapper.sorted;

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
import java.util.function.Function;
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
      case Condition.AllOf all -> new ConditionDto.AllOf(parts(all.parts(), zone));
      case Condition.AnyOf any -> new ConditionDto.AnyOf(parts(any.parts(), zone));
      case Condition.ReviewsAtLeast reviews -> new ConditionDto.ReviewsAtLeast(reviews.count());
      case Condition.RatingAtLeast rating ->
          new ConditionDto.RatingAtLeast(rating.reviews(), rating.stars());
      case Condition.InCategory in -> new ConditionDto.InCategory(sorted(in.categories()));
      case Condition.HasTag tag -> new ConditionDto.HasTag(sorted(tag.tags()));
      case Condition.CountryIn in -> new ConditionDto.CountryIn(sorted(in.countries()));
      case Condition.LanguageIn in -> new ConditionDto.LanguageIn(sorted(in.languages()));
      case Condition.PriceBetween price ->
          new ConditionDto.PriceBetween(
              price.least().map(Money::getAmount).orElse(null),
              price.most().map(Money::getAmount).orElse(null));
      case ProductCondition wares -> ProductConditionMapper.of(wares);
      case Condition.Between period ->
          new ConditionDto.Between(
              period.from().map(from -> local(from, zone)).orElse(null),
              period.to().map(to -> local(to, zone)).orElse(null));
      case Condition.Daily daily ->
          new ConditionDto.Daily(
              daily.from().toString(),
              daily.to().toString(),
              daily.days().stream().sorted().toList());
    };
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
    return switch (rule) {
      case ConditionDto.AllOf all -> group(all, path, depth, Condition.AllOf::new);
      case ConditionDto.AnyOf any -> group(any, path, depth, Condition.AnyOf::new);
      case ConditionDto.ReviewsAtLeast least -> new Condition.ReviewsAtLeast(count(least, path));
      case ConditionDto.RatingAtLeast least ->
          new Condition.RatingAtLeast(stars(least, path), count(least, path));
      case ConditionDto.InCategory in -> new Condition.InCategory(names(in, path, "category"));
      case ConditionDto.HasTag tag -> new Condition.HasTag(names(tag, path, "tag"));
      case ConditionDto.CountryIn in -> new Condition.CountryIn(names(in, path, "country"));
      case ConditionDto.LanguageIn in -> new Condition.LanguageIn(names(in, path, "language"));
      case ConditionDto.PriceBetween price -> price(price, path);
      case ConditionDto.Between period -> between(period, path);
      case ConditionDto.Daily daily -> daily(daily, path);
      case ConditionDto.ProductIn in -> new ProductCondition.ProductIn(names(in, path, "product"));
      case ConditionDto.BrandIn in -> new ProductCondition.BrandIn(names(in, path, "brand"));
      case ConditionDto.HasPicture _ -> new ProductCondition.HasPicture();
      case ConditionDto.PercentOffBetween off -> percent(off, path);
      case ConditionDto.StockBetween stock -> stock(stock, path);
      case ConditionDto.SoldAtLeast sold ->
          new ProductCondition.SoldAtLeast(count(sold, path), window(sold, path));
      case ConditionDto.RankAtMost rank ->
          new ProductCondition.RankAtMost(
              (int) Math.min(count(rank, path), 1000),
              window(rank, path),
              Boolean.TRUE.equals(rank.inShop()));
      case ConditionDto.PublishedWithin within ->
          new ProductCondition.PublishedWithin(window(within, path));
    };
  }

  private Condition group(
      ConditionDto.Group rule,
      String path,
      int depth,
      Function<List<Condition>, Condition> together) {
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
    return together.apply(parts);
  }

  private long count(ConditionDto.Counted rule, String path) {
    Long count = rule.count();
    if (count == null || count < 1 || count > 1_000_000) {
      fault(path + ".count", text("rules.wholeFrom1"));
      return 1;
    }
    return count;
  }

  private BigDecimal stars(ConditionDto.RatingAtLeast rule, String path) {
    BigDecimal stars = rule.stars();
    if (stars == null
        || stars.compareTo(BigDecimal.ONE) < 0
        || stars.compareTo(BigDecimal.valueOf(5)) > 0) {
      fault(path + ".stars", text("rules.stars"));
      return BigDecimal.ONE;
    }
    return stars;
  }

  private Set<String> names(ConditionDto.Named rule, String path, String what) {
    var names = new LinkedHashSet<>(rule.names() == null ? List.<String>of() : rule.names());
    if (names.isEmpty()) {
      fault(path + ".names", text("rules.choose", "what", what));
    }
    return names;
  }

  private Condition price(ConditionDto.PriceBetween rule, String path) {
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

  private int window(ConditionDto.Windowed rule, String path) {
    Integer days = rule.window();
    if (days == null || days < 1 || days > LONGEST_WINDOW) {
      fault(path + ".window", text("rules.days", "most", LONGEST_WINDOW));
      return 1;
    }
    return days;
  }

  private Condition percent(ConditionDto.PercentOffBetween rule, String path) {
    Optional<Integer> least = whole(rule.least(), 100, path + ".least").map(Long::intValue);
    Optional<Integer> most = whole(rule.most(), 100, path + ".most").map(Long::intValue);
    range(rule, least, most, path);
    return new ProductCondition.PercentOffBetween(least, most);
  }

  private Condition stock(ConditionDto.StockBetween rule, String path) {
    Optional<Long> least = whole(rule.least(), 1_000_000, path + ".least");
    Optional<Long> most = whole(rule.most(), 1_000_000, path + ".most");
    range(rule, least, most, path);
    return new ProductCondition.StockBetween(least, most);
  }

  private <N extends Comparable<N>> void range(
      ConditionDto.Ranged rule, Optional<N> least, Optional<N> most, String path) {
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

  private Condition between(ConditionDto.Between rule, String path) {
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

  private Condition daily(ConditionDto.Daily rule, String path) {
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
