package nodyes.core.evaluation;

import java.util.List;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.WayDay;
import nodyes.core.nod.Content;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What delivery promises have to show. */
final class DeliveryEvaluator {
  private static final FactValue ANY = new FactValue.NameList(List.of("a promise"));

  private DeliveryEvaluator() {}

  static NodEvaluator.Part of(DeliveryPromise nod, OfferedProduct offered) {
    return withheldHere(nod, offered)
        .orElseGet(
            () -> {
              String country = country(offered).orElseThrow();
              return nod.placement().spot().isOfPage()
                  ? whole(nod, offered, country)
                  : single(nod, offered, country);
            });
  }

  /** Why nothing of when an order arrives is said here at all, whatever that is. */
  static Optional<NodEvaluator.Part> withheldHere(Nod nod, OfferedProduct offered) {
    if (country(offered).isEmpty()) {
      return withheld(Finding.unknown(FactName.DELIVERY, ANY));
    }
    if (offered.viewpoint().page() == PageKind.CONFIRMATION
        && offered.viewpoint().orderedAt().isEmpty()) {
      return withheld(named("no-order-time"));
    }
    return nod.placement().spot().isOfPage()
            && !offered.product().slug().equals(offered.viewpoint().products().getFirst())
        ? withheld(named("once-per-page"))
        : Optional.empty();
  }

  private static Optional<NodEvaluator.Part> withheld(Finding finding) {
    return Optional.of(new NodEvaluator.Part(finding, Optional::empty, ValidUntil.NEVER_ENDS));
  }

  private static Finding named(String reason) {
    return Finding.of(FactName.DELIVERY, new FactValue.NameList(List.of(reason)), ANY, false);
  }

  private static NodEvaluator.Part single(
      DeliveryPromise nod, OfferedProduct offered, String country) {
    return part(nod, new Asked(List.of(offered), country), delivery(offered, country), List.of());
  }

  /** All of a basket or an order. */
  private static NodEvaluator.Part whole(
      DeliveryPromise nod, OfferedProduct offered, String country) {
    List<OfferedProduct> lines = lines(offered);
    List<DeliveryEstimate> each = lines.stream().map(line -> delivery(line, country)).toList();
    List<DeliveryEstimate.Estimated> promised =
        each.stream()
            .filter(DeliveryEstimate.Estimated.class::isInstance)
            .map(DeliveryEstimate.Estimated.class::cast)
            .toList();
    ValidUntil until =
        each.stream()
            .map(DeliveryEstimate::validUntil)
            .reduce(ValidUntil.NEVER_ENDS, ValidUntil.EARLIEST);
    boolean isBroken = nod.isTogether() ? promised.size() < each.size() : promised.isEmpty();
    DeliveryEstimate delivery =
        isBroken
            ? new DeliveryEstimate.Unavailable(
                each.stream()
                    .filter(DeliveryEstimate.Unavailable.class::isInstance)
                    .map(one -> ((DeliveryEstimate.Unavailable) one).reason())
                    .findFirst()
                    .orElse(DeliveryEstimate.Reason.NO_TIMING),
                until)
            : DeliveryEstimate.Estimated.together(promised).within(until);
    List<DeliveryPromise.Line> told =
        nod.isTogether()
            ? List.of()
            : java.util.stream.IntStream.range(0, lines.size())
                .mapToObj(i -> line(lines.get(i), each.get(i)))
                .toList();
    return part(nod, new Asked(lines, country), delivery, told);
  }

  /** The things of a basket or an order. */
  static List<OfferedProduct> lines(OfferedProduct offered) {
    Viewpoint viewpoint = offered.viewpoint();
    return viewpoint.products().stream()
        .map((Slug slug) -> offered.facts().products().get(slug))
        .filter(java.util.Objects::nonNull)
        .map(product -> new OfferedProduct(product, offered.facts(), viewpoint))
        .toList();
  }

  private static DeliveryPromise.Line line(OfferedProduct line, DeliveryEstimate delivery) {
    return new DeliveryPromise.Line(
        line.product().title(),
        delivery instanceof DeliveryEstimate.Estimated promised
            ? Optional.of(days(promised.arrives()))
            : Optional.empty());
  }

  private static NodEvaluator.Part part(
      DeliveryPromise nod,
      Asked asked,
      DeliveryEstimate delivery,
      List<DeliveryPromise.Line> lines) {
    OfferedProduct offered = asked.things().getFirst();
    String country = asked.country();
    boolean saysSoldOut = nod.saysSoldOut() && isSoldOut(delivery) && lines.isEmpty();
    // what was ordered is promised for good
    boolean isOrdered = offered.viewpoint().page() == PageKind.CONFIRMATION;
    return new NodEvaluator.Part(
        List.of(finding(delivery, country, saysSoldOut)),
        () ->
            Optional.<Content>of(content(nod, asked, delivery, lines))
                .filter(_ -> saysSoldOut || delivery instanceof DeliveryEstimate.Estimated),
        isOrdered ? ValidUntil.NEVER_ENDS : delivery.validUntil(),
        ValidUntil.NEVER_ENDS,
        List.of());
  }

  static Finding finding(DeliveryEstimate delivery, String country, boolean saysSoldOut) {
    return switch (delivery) {
      case DeliveryEstimate.Estimated promised ->
          Finding.of(
              FactName.DELIVERY,
              new FactValue.EstimatedDelivery(country, promised.leaves(), promised.arrives()),
              ANY,
              true);
      case DeliveryEstimate.Unavailable none ->
          Finding.of(
              FactName.DELIVERY,
              new FactValue.NoEstimate(country, none.reason()),
              ANY,
              saysSoldOut);
    };
  }

  private static boolean isSoldOut(DeliveryEstimate delivery) {
    return delivery instanceof DeliveryEstimate.Unavailable(var reason, _)
        && (reason == DeliveryEstimate.Reason.SOLD_OUT
            || reason == DeliveryEstimate.Reason.BACK_ON_OVER);
  }

  private static DeliveryPromise.DeliveryPromiseContent content(
      DeliveryPromise nod,
      Asked asked,
      DeliveryEstimate delivery,
      List<DeliveryPromise.Line> lines) {
    OfferedProduct offered = asked.things().getFirst();
    DeliveryPromise.Form form = nod.form(offered.viewpoint().page());
    return new DeliveryPromise.DeliveryPromiseContent(
        delivery instanceof DeliveryEstimate.Estimated promised
            ? Optional.of(promised(promised, asked, form))
            : Optional.empty(),
        offered.zone(),
        asked.country(),
        offered.viewpoint().country().isEmpty(),
        form.hasPicker() ? offered.facts().delivery().settings().countries() : List.of(),
        lines,
        form);
  }

  private static DeliveryPromise.Promised promised(
      DeliveryEstimate.Estimated promised, Asked asked, DeliveryPromise.Form form) {
    return new DeliveryPromise.Promised(
        Optional.of(promised.placedOn()).filter(_ -> form.isOrdered()),
        days(promised.leaves()),
        days(promised.arrives()),
        promised.cutOff(),
        promised.availableFrom(),
        form.shows() == DeliveryPromise.Shows.WORDS ? List.of() : asked.way());
  }

  /** What is ordered, and where it goes. */
  private record Asked(List<OfferedProduct> things, String country) {
    List<WayDay> way() {
      return WayDay.row(
          things.stream()
              .map(
                  thing ->
                      thing.facts().delivery().explain(DeliveryEvaluator.order(thing, country)))
              .toList());
    }
  }

  private static DeliveryPromise.Days days(DeliveryEstimate.DateRange span) {
    return new DeliveryPromise.Days(span.first(), span.last());
  }

  /** Where the shopper is; where that is not known, the shop's own country. */
  static Optional<String> country(OfferedProduct offered) {
    return offered.viewpoint().country().or(() -> offered.facts().delivery().settings().home());
  }

  /** When what is offered arrives where the shopper is, if that is known or the shop's own is. */
  static Optional<DeliveryEstimate> delivery(OfferedProduct offered) {
    return country(offered).map(country -> delivery(offered, country));
  }

  /** What is found of it. */
  static Finding finding(OfferedProduct offered, Optional<DeliveryEstimate> delivery) {
    Optional<String> country = country(offered);
    return delivery.isPresent() && country.isPresent()
        ? finding(delivery.get(), country.get(), false)
        : Finding.unknown(FactName.DELIVERY, ANY);
  }

  private static DeliveryEstimate delivery(OfferedProduct offered, String country) {
    return offered.facts().delivery().estimate(order(offered, country));
  }

  static EstimateRequest order(OfferedProduct offered, String country) {
    Viewpoint viewpoint = offered.viewpoint();
    return new EstimateRequest(
        viewpoint.orderedAt().orElse(viewpoint.moment()), offered.zone(), offered.ware(), country);
  }
}
