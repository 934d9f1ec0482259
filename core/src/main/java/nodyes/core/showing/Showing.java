package nodyes.core.showing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import nodyes.core.audience.Answer;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.audience.Situation;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Content;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Viewpoint;

/** Where what the owner set, what is so and who looks meet. */
public final class Showing {
  private Showing() {}

  /**
   * The answer for one nod and one product.
   *
   * @param nod what the owner set
   * @param product which product of the page
   * @param facts what is so; a product that is not in them is unknown
   * @param viewpoint who looks at which page when
   */
  public static Verdict of(Nod nod, Slug product, Facts facts, Viewpoint viewpoint) {
    Placement placement = nod.placement();
    if (!placement.on()) {
      return withheld(Finding.of(FactName.SWITCH, Figure.Switch.OFF, Figure.Switch.ON, false));
    }
    if (!placement.pages().contains(viewpoint.page())) {
      return withheld(wrongPage(placement, viewpoint));
    }
    Optional<Viewpoint.Screen> screen = viewpoint.screen();
    if (screen.isPresent() && !placement.screens().contains(screen.get())) {
      return withheld(wrongScreen(placement, screen.get()));
    }
    ProductFacts known = facts.products().get(product);
    if (known == null) {
      return withheld(
          Finding.unknown(FactName.PRODUCT, new Figure.Names(List.of(product.value()))));
    }
    Answer audience = placement.audience().ask(situation(known, facts, viewpoint));
    Part part = ReviewParts.of(nod, known, facts, viewpoint);
    return verdict(audience, part);
  }

  /**
   * What a kind of nod has to show.
   *
   * @param own what it needs of the facts
   * @param content what is shown where that is met
   * @param validUntil until when it is the same
   */
  record Part(Finding own, Supplier<Optional<Content>> content, ValidUntil validUntil) {}

  private static Verdict verdict(Answer audience, Part part) {
    Finding own = part.own();
    var findings = new ArrayList<Finding>();
    findings.add(own);
    findings.addAll(audience.findings());
    var missing = new ArrayList<Finding>();
    if (!own.met()) {
      missing.add(own);
    }
    missing.addAll(audience.missing());
    var because = new Because(findings, missing);
    Optional<Content> shown = audience.met() && own.met() ? part.content().get() : Optional.empty();
    return shown
        .<Verdict>map(
            what -> new Verdict.Shown(what, because, audience.validUntil().and(part.validUntil())))
        .orElseGet(() -> new Verdict.Withheld(because, audience.validUntil()));
  }

  private static Verdict withheld(Finding finding) {
    return new Verdict.Withheld(new Because(List.of(finding)), ValidUntil.NEVER_ENDS);
  }

  private static Finding wrongPage(Placement placement, Viewpoint viewpoint) {
    return Finding.of(
        FactName.PAGE_KIND,
        new Figure.Names(List.of(viewpoint.page().one())),
        new Figure.Names(placement.pages().stream().sorted().map(page -> page.words()).toList()),
        false);
  }

  private static Finding wrongScreen(Placement placement, Viewpoint.Screen screen) {
    return Finding.of(
        FactName.SCREEN,
        new Figure.Names(List.of(screen.name().toLowerCase(Locale.ROOT))),
        new Figure.Names(
            placement.screens().stream().map(one -> one.name().toLowerCase(Locale.ROOT)).toList()),
        false);
  }

  static Situation situation(ProductFacts product, Facts facts, Viewpoint viewpoint) {
    return new Situation(
        product.rating(),
        product.categories(),
        product.tags(),
        product.price(viewpoint.variant()),
        viewpoint.country(),
        viewpoint.language(),
        viewpoint.moment(),
        facts.zone());
  }
}
