package nodyes.core.evaluation;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.countdown.ActivePeriod;
import nodyes.core.delivery.ShippableItem;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceDrop;
import nodyes.core.price.PriceHistory;
import nodyes.core.sales.DailySales;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Sellable;
import nodyes.core.targeting.TimedValue;
import org.joda.money.Money;

/** A product as it is offered at a moment: all of its variants, or the chosen one. */
record OfferedProduct(ProductFacts product, Facts facts, Viewpoint viewpoint) implements Sellable {
  @Override
  public String slug() {
    return product.slug().value();
  }

  @Override
  public Optional<String> brand() {
    return product.traits().brand();
  }

  @Override
  public boolean hasPicture() {
    return product.traits().hasPicture();
  }

  @Override
  public Optional<LocalDate> firstPublished() {
    return product.traits().firstPublished();
  }

  LocalDate today() {
    return LocalDate.ofInstant(viewpoint.moment(), zone());
  }

  ZoneId zone() {
    return facts.zone();
  }

  Instant startOf(LocalDate day) {
    return day.atStartOfDay(zone()).toInstant();
  }

  /** The chosen variant, or all. */
  Collection<VariantFacts> variants() {
    return product.chosen(viewpoint.variant());
  }

  @Override
  public ValidUntil priceUntil() {
    ValidUntil until = ValidUntil.NEVER_ENDS;
    for (VariantFacts variant : variants()) {
      until = until.and(variant.history().holdsAt(viewpoint.moment()));
    }
    return until;
  }

  /** Those of them whose price was reduced at a moment, whatever is in stock. */
  List<VariantFacts> reducedAt(Instant moment) {
    return variants().stream()
        .filter(
            variant ->
                variant
                    .history()
                    .dropAt(moment, PriceHistory.DAYS_BEFORE, PriceHistory.Steps.LATEST, zone())
                    .filter(PriceDrop::isTold)
                    .isPresent())
        .toList();
  }

  /** Whether the price of one of them changes in a time, its ends included. */
  boolean changesPrice(Instant from, Instant to) {
    return variants().stream()
        .flatMap(variant -> variant.history().changes().stream())
        .anyMatch(change -> !change.from().isBefore(from) && !change.from().isAfter(to));
  }

  /** Those of them of which a reduction is told. */
  private List<VariantFacts> reduced() {
    return variants().stream()
        .filter(variant -> fall(variant, Fall.Rule.USUAL).drop().isPresent())
        .toList();
  }

  /** The planned rises that end the reductions that are told; empty where one has no end. */
  List<PriceChange> rises() {
    Instant moment = viewpoint.moment();
    var rises = new ArrayList<PriceChange>();
    for (VariantFacts variant : reduced()) {
      Optional<PriceChange> rise = variant.history().riseAfter(moment);
      if (rise.isEmpty()) {
        return List.of();
      }
      rises.add(rise.get());
    }
    return rises;
  }

  /**
   * From when on the reduced ones have had their prices to when these rise; empty where they do not
   * all rise at one instant.
   */
  Optional<ActivePeriod> reducedTime() {
    Instant moment = viewpoint.moment();
    List<Instant> ends = rises().stream().map(PriceChange::from).distinct().toList();
    if (ends.size() != 1) {
      return Optional.empty();
    }
    Optional<Instant> began =
        reduced().stream()
            .flatMap(variant -> variant.history().inForceSince(moment).stream())
            .max(Instant::compareTo);
    return Optional.of(new ActivePeriod(began, ends.getFirst()));
  }

  /** The price to which all that is reduced rises at an instant, where it is one. */
  Optional<Money> priceFrom(Instant instant) {
    List<PriceChange> rises = rises();
    return rises.stream().map(PriceChange::price).distinct().count() == 1
            && rises.stream().allMatch(rise -> rise.from().equals(instant))
        ? Optional.of(rises.getFirst().price())
        : Optional.empty();
  }

  /** What is told of a variant's price beside the lowest before it. */
  Fall fall(VariantFacts variant, Fall.Rule rule) {
    return Fall.of(variant, rule, viewpoint.moment(), zone());
  }

  @Override
  public TimedValue<Integer> percentOff() {
    int most = -1;
    ValidUntil until = priceUntil();
    for (VariantFacts variant : variants()) {
      if (variant.priceAt(viewpoint.moment()).isPresent()) {
        Fall fall = fall(variant, Fall.Rule.USUAL);
        until = until.and(fall.until());
        most = Math.max(most, fall.drop().map(PriceDrop::percent).orElse(0));
      }
    }
    return new TimedValue<>(most < 0 ? Optional.empty() : Optional.of(most), until);
  }

  @Override
  public FactValue.NoDiscount noDrop() {
    return variants().stream()
        .map(variant -> fall(variant, Fall.Rule.USUAL).silence())
        .reduce(Fall::first)
        .orElseGet(
            () -> new FactValue.NoDiscount(FactValue.NoDiscount.Why.NOT_LOWER, Optional.empty()));
  }

  @Override
  public TimedValue<Long> stock() {
    long sum = 0;
    for (VariantFacts variant : variants()) {
      if (variant.stock().isEmpty()) {
        return TimedValue.lasting(Optional.empty());
      }
      sum += variant.stock().get();
    }
    return TimedValue.lasting(variants().isEmpty() ? Optional.empty() : Optional.of(sum));
  }

  /** As many as there were when the stock last rose, where that is known of all of them. */
  Optional<Long> delivered() {
    long sum = 0;
    for (VariantFacts variant : variants()) {
      if (variant.delivered().isEmpty()) {
        return Optional.empty();
      }
      sum += variant.delivered().get();
    }
    return variants().isEmpty() ? Optional.empty() : Optional.of(sum);
  }

  /** As something that is ordered; of what is made to order the stock is no limit. */
  ShippableItem ware() {
    Optional<Long> stock = stock().value();
    boolean isSoldOut = !isMadeToOrder() && stock.filter(n -> n <= 0).isPresent();
    return new ShippableItem(
        product.slug().value(), product.categories(), product.tags(), stock, isSoldOut, backOn());
  }

  /** Whether one of them is made when it is ordered. */
  boolean isMadeToOrder() {
    return variants().stream().anyMatch(VariantFacts::isMadeToOrder);
  }

  /** The first day from which one of them can be had again, if told. */
  Optional<LocalDate> backOn() {
    return variants().stream()
        .flatMap(variant -> variant.availableFrom().stream())
        .min(LocalDate::compareTo);
  }

  /** As the shop writes it; the group itself has the name that the category has in addresses. */
  private String titleOfCategory() {
    return product.traits().category().map(category -> category.title()).orElse("");
  }

  @Override
  public TimedValue<Ranked> rankedInShop(int days) {
    return ranked(days, "", facts.sales().inShop());
  }

  @Override
  public TimedValue<Ranked> rankedInCategory(int days) {
    return facts
        .sales()
        .inCategoryOf(product)
        .map(group -> ranked(days, titleOfCategory(), group))
        .orElseGet(() -> TimedValue.lasting(Optional.empty()));
  }

  private TimedValue<Ranked> ranked(int days, String name, DailySales.Group group) {
    ShopSales sales = facts.sales();
    if (!sales.isKnown(product.id())) {
      return TimedValue.lasting(Optional.empty());
    }
    LocalDate today = today();
    return new TimedValue<>(
        Optional.of(new Ranked(name, sales.book().standing(product.id(), group, days, today))),
        sales
            .book()
            .changesOn(product.id(), group, days, today)
            .map(day -> ValidUntil.before(startOf(day)))
            .orElse(ValidUntil.NEVER_ENDS));
  }
}
