package nodyes.core.showing;

import java.util.List;
import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.Order;
import nodyes.core.nod.Content;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;

/** What delivery promises have to show. */
final class DeliveryParts {
  private static final Figure ANY = new Figure.Names(List.of("a promise"));

  private DeliveryParts() {}

  static Showing.Part of(DeliveryPromise nod, Offered offered) {
    Optional<String> country = country(offered);
    if (country.isEmpty()) {
      return new Showing.Part(
          Finding.unknown(FactName.DELIVERY, ANY), Optional::empty, ValidUntil.NEVER_ENDS);
    }
    if (offered.viewpoint().page() == PageKind.CONFIRMATION
        && offered.viewpoint().orderedAt().isEmpty()) {
      return new Showing.Part(
          Finding.of(
              FactName.DELIVERY,
              new Figure.Names(List.of("the page does not say when the order was placed")),
              ANY,
              false),
          Optional::empty,
          ValidUntil.NEVER_ENDS);
    }
    boolean isWhole = nod.placement().spot().isOfPage();
    if (isWhole && !offered.product().slug().equals(offered.viewpoint().products().getFirst())) {
      return new Showing.Part(
          Finding.of(
              FactName.DELIVERY,
              new Figure.Names(List.of("told once for all of the page")),
              ANY,
              false),
          Optional::empty,
          ValidUntil.NEVER_ENDS);
    }
    return isWhole ? whole(nod, offered, country.get()) : single(nod, offered, country.get());
  }

  private static Showing.Part single(DeliveryPromise nod, Offered offered, String country) {
    Delivery delivery = delivery(offered, country);
    return part(nod, offered, country, delivery, List.of());
  }

  /** All of a basket or an order. */
  private static Showing.Part whole(DeliveryPromise nod, Offered offered, String country) {
    List<Offered> lines = lines(offered);
    List<Delivery> each = lines.stream().map(line -> delivery(line, country)).toList();
    List<Delivery.Promised> promised =
        each.stream()
            .filter(Delivery.Promised.class::isInstance)
            .map(Delivery.Promised.class::cast)
            .toList();
    ValidUntil until =
        each.stream().map(Delivery::validUntil).reduce(ValidUntil.NEVER_ENDS, ValidUntil.EARLIEST);
    boolean isBroken = nod.isTogether() ? promised.size() < each.size() : promised.isEmpty();
    Delivery delivery =
        isBroken
            ? new Delivery.None(
                each.stream()
                    .filter(Delivery.None.class::isInstance)
                    .map(one -> ((Delivery.None) one).reason())
                    .findFirst()
                    .orElse(Delivery.Reason.NO_TIMING),
                until)
            : Delivery.Promised.together(promised).within(until);
    List<DeliveryPromise.Line> told =
        nod.isTogether()
            ? List.of()
            : java.util.stream.IntStream.range(0, lines.size())
                .mapToObj(i -> line(lines.get(i), each.get(i)))
                .toList();
    return part(nod, offered, country, delivery, told);
  }

  private static List<Offered> lines(Offered offered) {
    Viewpoint viewpoint = offered.viewpoint();
    return viewpoint.products().stream()
        .map((Slug slug) -> offered.facts().products().get(slug))
        .filter(java.util.Objects::nonNull)
        .map(product -> new Offered(product, offered.facts(), viewpoint))
        .toList();
  }

  private static DeliveryPromise.Line line(Offered line, Delivery delivery) {
    return new DeliveryPromise.Line(
        line.product().title(),
        delivery instanceof Delivery.Promised promised
            ? Optional.of(days(promised.arrives()))
            : Optional.empty());
  }

  private static Showing.Part part(
      DeliveryPromise nod,
      Offered offered,
      String country,
      Delivery delivery,
      List<DeliveryPromise.Line> lines) {
    boolean saysSoldOut = nod.saysSoldOut() && isSoldOut(delivery) && lines.isEmpty();
    // what was ordered is promised for good
    boolean isOrdered = offered.viewpoint().page() == PageKind.CONFIRMATION;
    return new Showing.Part(
        List.of(finding(delivery, country, saysSoldOut)),
        () ->
            Optional.<Content>of(content(nod, offered, country, delivery, lines))
                .filter(_ -> saysSoldOut || delivery instanceof Delivery.Promised),
        isOrdered ? ValidUntil.NEVER_ENDS : delivery.validUntil(),
        ValidUntil.NEVER_ENDS,
        List.of());
  }

  private static Finding finding(Delivery delivery, String country, boolean saysSoldOut) {
    return switch (delivery) {
      case Delivery.Promised promised ->
          Finding.of(
              FactName.DELIVERY,
              new Figure.Arrival(country, promised.leaves(), promised.arrives()),
              ANY,
              true);
      case Delivery.None none ->
          Finding.of(
              FactName.DELIVERY, new Figure.NoArrival(country, none.reason()), ANY, saysSoldOut);
    };
  }

  private static boolean isSoldOut(Delivery delivery) {
    return delivery instanceof Delivery.None(var reason, _)
        && (reason == Delivery.Reason.SOLD_OUT || reason == Delivery.Reason.BACK_ON_OVER);
  }

  private static DeliveryPromise.Content content(
      DeliveryPromise nod,
      Offered offered,
      String country,
      Delivery delivery,
      List<DeliveryPromise.Line> lines) {
    DeliveryPromise.Form form = nod.form(offered.viewpoint().page());
    return new DeliveryPromise.Content(
        delivery instanceof Delivery.Promised promised
            ? Optional.of(promised(promised, form.isOrdered()))
            : Optional.empty(),
        offered.zone(),
        country,
        offered.viewpoint().country().isEmpty(),
        form.hasPicker() ? offered.facts().delivery().settings().countries() : List.of(),
        lines,
        form);
  }

  private static DeliveryPromise.Promised promised(Delivery.Promised promised, boolean isOrdered) {
    return new DeliveryPromise.Promised(
        Optional.of(promised.placedOn()).filter(_ -> isOrdered),
        days(promised.leaves()),
        days(promised.arrives()),
        promised.cutOff(),
        promised.backOn());
  }

  private static DeliveryPromise.Days days(Delivery.Span span) {
    return new DeliveryPromise.Days(span.first(), span.last());
  }

  /** Where the shopper is; where that is not known, the shop's own country. */
  private static Optional<String> country(Offered offered) {
    return offered.viewpoint().country().or(() -> offered.facts().delivery().settings().home());
  }

  /** When what is offered arrives where the shopper is, if that is known or the shop's own is. */
  static Optional<Delivery> delivery(Offered offered) {
    return country(offered).map(country -> delivery(offered, country));
  }

  /** What is found of it. */
  static Finding finding(Offered offered, Optional<Delivery> delivery) {
    Optional<String> country = country(offered);
    return delivery.isPresent() && country.isPresent()
        ? finding(delivery.get(), country.get(), false)
        : Finding.unknown(FactName.DELIVERY, ANY);
  }

  private static Delivery delivery(Offered offered, String country) {
    Viewpoint viewpoint = offered.viewpoint();
    return offered
        .facts()
        .delivery()
        .estimate(
            new Order(
                viewpoint.orderedAt().orElse(viewpoint.moment()),
                offered.zone(),
                offered.ware(),
                country));
  }
}
