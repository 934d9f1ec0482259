package nodyes.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.delivery.ShippableItem;
import nodyes.core.nod.Content;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.TextValue;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.Viewpoint;
import nodyes.core.nod.VisitorCount;
import nodyes.core.targeting.ConditionResult;
import nodyes.core.targeting.EvaluationContext;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.core.targeting.Sellable;

/** Where what the owner set, what is so and who looks meet. */
public final class NodEvaluator {
  private NodEvaluator() {}

  /**
   * The answer for one nod and one product.
   *
   * @param nod what the owner set
   * @param product which product of the page
   * @param facts what is so; a product that is not in them is unknown
   * @param viewpoint who looks at which page when
   */
  public static Verdict of(Nod nod, Slug product, Facts facts, Viewpoint viewpoint) {
    return of(nod, product, Looked.at(product, facts, viewpoint), viewpoint);
  }

  /** The same of a product that other nods of the page are shown for too. */
  static Verdict of(Nod nod, Slug product, Optional<Looked> looked, Viewpoint viewpoint) {
    Placement placement = nod.placement();
    if (!placement.on()) {
      return withheld(
          Finding.of(FactName.ENABLED, FactValue.Switch.OFF, FactValue.Switch.ON, false));
    }
    if (!placement.pages().contains(viewpoint.page())) {
      return withheld(wrongPage(placement, viewpoint));
    }
    Optional<Viewpoint.Screen> screen = viewpoint.screen();
    if (screen.isPresent() && !placement.screens().contains(screen.get())) {
      return withheld(wrongScreen(placement, screen.get()));
    }
    if (looked.isEmpty()) {
      return withheld(
          Finding.unknown(FactName.PRODUCT, new FactValue.NameList(List.of(product.value()))));
    }
    ConditionResult audience = placement.audience().ask(looked.get().situation());
    return verdict(audience, part(nod, looked.get()));
  }

  private static Part part(Nod nod, Looked looked) {
    EvaluationContext situation = looked.situation();
    OfferedProduct offered = looked.offered();
    ProductFacts product = offered.product();
    Facts facts = offered.facts();
    Viewpoint viewpoint = offered.viewpoint();
    return switch (nod) {
      case Label label -> LabelEvaluator.of(label, situation, offered);
      case TrustBadges badges -> BadgeEvaluator.of(badges, viewpoint);
      case Countdown countdown -> CountdownEvaluator.of(countdown, offered);
      case StockLine line -> StockEvaluator.of(line, offered);
      case RecentOrders orders -> OrderEvaluator.of(orders, offered);
      case DeliveryPromise promise -> DeliveryEvaluator.of(promise, offered);
      case ReturnsLine line -> ReturnsEvaluator.of(line, offered);
      case VisitorCount count -> VisitorEvaluator.of(count, product, facts.seen());
      case StarLine line -> ReviewEvaluator.line(line, product);
      case ReviewWall wall -> ReviewEvaluator.wall(wall, product, facts.zone(), viewpoint);
      case ReviewTab tab -> ReviewEvaluator.tab(tab, product, viewpoint);
      case PickedQuotes picked ->
          ReviewEvaluator.quotes(picked, product, facts.listing(), viewpoint.language());
    };
  }

  /** A product at a viewpoint, worked out once for all nods of a page. */
  record Looked(OfferedProduct offered, EvaluationContext situation) {
    /** Empty where the product is not known. */
    static Optional<Looked> at(Slug product, Facts facts, Viewpoint viewpoint) {
      ProductFacts known = facts.products().get(product);
      if (known == null) {
        return Optional.empty();
      }
      var offered = new OfferedProduct(known, facts, viewpoint);
      return Optional.of(new Looked(offered, NodEvaluator.situation(offered)));
    }
  }

  /** A product as something that is sold, at a viewpoint. */
  public static Sellable wares(ProductFacts product, Facts facts, Viewpoint viewpoint) {
    return new OfferedProduct(product, facts, viewpoint);
  }

  /** A product as something that is ordered, at a viewpoint. */
  public static ShippableItem ware(ProductFacts product, Facts facts, Viewpoint viewpoint) {
    return new OfferedProduct(product, facts, viewpoint).ware();
  }

  /**
   * What each value that a label's words can put in is for a product; empty where it is not known.
   * None for a product that is not in the facts.
   */
  public static Map<TextValue.Name, Optional<TextValue>> values(
      Label label, Slug product, Facts facts, Viewpoint viewpoint) {
    ProductFacts known = facts.products().get(product);
    if (known == null) {
      return Map.of();
    }
    var offered = new OfferedProduct(known, facts, viewpoint);
    return LabelEvaluator.values(label, situation(offered), offered);
  }

  /**
   * What a kind of nod has to show.
   *
   * @param own what it needs of the facts
   * @param content what is shown where that is met
   * @param ownUntil until when what it needs is the same
   * @param contentUntil until when what is shown is the same
   * @param doubts what may be held against it
   */
  record Part(
      List<Finding> own,
      Supplier<Optional<Content>> content,
      ValidUntil ownUntil,
      ValidUntil contentUntil,
      List<ClaimRisk> doubts) {
    /** A part that needs one thing, which time does not change. */
    Part(Finding own, Supplier<Optional<Content>> content, ValidUntil contentUntil) {
      this(List.of(own), content, ValidUntil.NEVER_ENDS, contentUntil, List.of());
    }
  }

  private static Verdict verdict(ConditionResult audience, Part part) {
    var findings = new ArrayList<Finding>(part.own());
    findings.addAll(audience.findings());
    var missing = new ArrayList<Finding>();
    for (Finding own : part.own()) {
      if (!own.met()) {
        missing.add(own);
      }
    }
    boolean met = audience.met() && missing.isEmpty();
    missing.addAll(audience.missing());
    Optional<Content> shown = met ? part.content().get() : Optional.empty();
    ValidUntil until = audience.validUntil().and(part.ownUntil());
    return shown
        .<Verdict>map(
            what ->
                new Verdict.Shown(
                    what,
                    new Because(findings, missing, part.doubts()),
                    until.and(part.contentUntil())))
        .orElseGet(
            () ->
                new Verdict.Withheld(
                    new Because(
                        findings,
                        missing,
                        part.doubts().stream().filter(ClaimRisk::outlivesShowing).toList()),
                    until));
  }

  private static Verdict withheld(Finding finding) {
    return new Verdict.Withheld(new Because(List.of(finding)), ValidUntil.NEVER_ENDS);
  }

  private static Finding wrongPage(Placement placement, Viewpoint viewpoint) {
    return Finding.of(
        FactName.PAGE_KIND,
        new FactValue.NameList(List.of(viewpoint.page().wireName())),
        new FactValue.NameList(
            placement.pages().stream().sorted().map(page -> page.wireName()).toList()),
        false);
  }

  private static Finding wrongScreen(Placement placement, Viewpoint.Screen screen) {
    return Finding.of(
        FactName.SCREEN,
        new FactValue.NameList(List.of(screen.name().toLowerCase(Locale.ROOT))),
        new FactValue.NameList(
            placement.screens().stream().map(one -> one.name().toLowerCase(Locale.ROOT)).toList()),
        false);
  }

  static EvaluationContext situation(ProductFacts product, Facts facts, Viewpoint viewpoint) {
    return situation(new OfferedProduct(product, facts, viewpoint));
  }

  private static EvaluationContext situation(OfferedProduct offered) {
    ProductFacts product = offered.product();
    Viewpoint viewpoint = offered.viewpoint();
    return new EvaluationContext(
        product.rating(),
        product.categories(),
        product.tags(),
        product.price(viewpoint.variant(), viewpoint.moment()),
        viewpoint.country(),
        viewpoint.language(),
        viewpoint.moment(),
        offered.zone(),
        offered);
  }
}
