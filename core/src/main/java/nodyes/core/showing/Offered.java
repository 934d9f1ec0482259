package nodyes.core.showing;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nodyes.core.audience.Timed;
import nodyes.core.audience.Wares;
import nodyes.core.common.ValidUntil;
import nodyes.core.countdown.Window;
import nodyes.core.delivery.Ware;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceDrop;
import nodyes.core.price.PriceHistory;
import nodyes.core.sales.SalesBook;
import org.joda.money.Money;

/** A product as it is offered at a moment: all of its variants, or the chosen one. */
record Offered(ProductFacts product, Facts facts, Viewpoint viewpoint) implements Wares {
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

  /** Whether the price of one of them lies under the one before it at another moment. */
  boolean isReducedAt(Instant moment) {
    return new Offered(product, facts, viewpoint.at(moment))
        .percentOff()
        .value()
        .filter(percent -> percent >= 1)
        .isPresent();
  }

  /** Whether the price of one of them changes in a time, its ends included. */
  boolean changesPrice(Instant from, Instant to) {
    return variants().stream()
        .flatMap(variant -> variant.history().changes().stream())
        .anyMatch(change -> !change.from().isBefore(from) && !change.from().isAfter(to));
  }

  /**
   * From when on all of them have had their prices to when the first of these ends, where a next
   * price is planned.
   */
  Optional<Window> reducedTime() {
    Instant moment = viewpoint.moment();
    Optional<Instant> began =
        variants().stream()
            .flatMap(variant -> variant.history().changes().stream())
            .map(PriceChange::from)
            .filter(from -> !from.isAfter(moment))
            .max(Instant::compareTo);
    return priceUntil().end().map(end -> new Window(began, end));
  }

  /** The price that begins at an instant, where all of them have the same one from then on. */
  Optional<Money> priceFrom(Instant instant) {
    List<Money> prices =
        variants().stream()
            .flatMap(variant -> variant.history().changes().stream())
            .filter(change -> change.from().equals(instant))
            .map(PriceChange::price)
            .distinct()
            .toList();
    return prices.size() == 1 ? Optional.of(prices.getFirst()) : Optional.empty();
  }

  /** A variant's drop from the lowest price before it. */
  Optional<PriceDrop> drop(VariantFacts variant, int days, PriceHistory.Steps steps) {
    return variant.history().dropAt(viewpoint.moment(), days, steps, zone());
  }

  @Override
  public Timed<Integer> percentOff() {
    int most = -1;
    for (VariantFacts variant : variants()) {
      if (variant.priceAt(viewpoint.moment()).isPresent()) {
        int percent =
            drop(variant, PriceHistory.DAYS_BEFORE, PriceHistory.Steps.LATEST)
                .map(PriceDrop::percent)
                .orElse(0);
        most = Math.max(most, percent);
      }
    }
    return new Timed<>(most < 0 ? Optional.empty() : Optional.of(most), priceUntil());
  }

  @Override
  public Timed<Long> stock() {
    long sum = 0;
    for (VariantFacts variant : variants()) {
      if (variant.stock().isEmpty()) {
        return Timed.lasting(Optional.empty());
      }
      sum += variant.stock().get();
    }
    return Timed.lasting(variants().isEmpty() ? Optional.empty() : Optional.of(sum));
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
  Ware ware() {
    Optional<Long> stock = stock().value();
    boolean isSoldOut = !isMadeToOrder() && stock.filter(n -> n <= 0).isPresent();
    return new Ware(
        product.slug().value(), product.categories(), product.tags(), stock, isSoldOut, backOn());
  }

  /** Whether one of them is made when it is ordered. */
  boolean isMadeToOrder() {
    return variants().stream().anyMatch(VariantFacts::isMadeToOrder);
  }

  /** The first day from which one of them can be had again, if told. */
  Optional<LocalDate> backOn() {
    return variants().stream()
        .flatMap(variant -> variant.backOn().stream())
        .min(LocalDate::compareTo);
  }

  @Override
  public Timed<Ranked> ranked(int days, boolean inShop) {
    ShopSales sales = facts.sales();
    SalesBook.Group group = sales.group(product, inShop).orElse(null);
    if (group == null || !sales.isKnown(product.id())) {
      return Timed.lasting(Optional.empty());
    }
    LocalDate today = today();
    return new Timed<>(
        Optional.of(
            new Ranked(group.name(), sales.book().standing(product.id(), group, days, today))),
        sales
            .book()
            .changesOn(product.id(), group, days, today)
            .map(day -> ValidUntil.before(startOf(day)))
            .orElse(ValidUntil.NEVER_ENDS));
  }
}
