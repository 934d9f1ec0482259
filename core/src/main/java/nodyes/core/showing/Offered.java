package nodyes.core.showing;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Optional;
import nodyes.core.audience.Timed;
import nodyes.core.audience.Wares;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceDrop;
import nodyes.core.price.PriceHistory;
import nodyes.core.sales.SalesBook;

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
