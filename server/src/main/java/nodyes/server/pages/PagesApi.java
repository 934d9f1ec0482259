package nodyes.server.pages;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Finding;
import nodyes.core.nod.Nod;
import nodyes.core.showing.BecauseSentence;
import nodyes.core.showing.Page;
import nodyes.core.showing.Verdict;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "pages")
@RequestMapping("/api/v1")
class PagesApi {
  private final FactLoader facts;
  private final Nods nods;
  private final Shop shop;
  private final Clock clock;
  private final PreviewTokens tokens;

  PagesApi(FactLoader facts, Nods nods, Shop shop, Clock clock, PreviewTokens tokens) {
    this.facts = facts;
    this.nods = nods;
    this.shop = shop;
    this.clock = clock;
    this.tokens = tokens;
  }

  /** One reason, as a clause, with where its fact comes from. */
  record FindingView(String text, Finding.Standing standing, FactName.Source source) {}

  /** A nod on a page for one of its products. */
  record PlacedView(
      String nod,
      String kind,
      String name,
      String spot,
      String product,
      boolean on,
      boolean shown,
      String because,
      List<FindingView> findings,
      @Nullable Instant validUntil) {}

  /** What the draft comes to on a page at a moment. */
  record PageView(
      Instant moment, String zone, @Nullable Instant validUntil, List<PlacedView> nods) {}

  @GetMapping("/page")
  PageView page(
      @RequestParam String kind,
      @RequestParam(defaultValue = "") String product,
      @RequestParam(required = false) @Nullable String variant,
      @RequestParam(required = false) @Nullable String country,
      @RequestParam(required = false) @Nullable String lang,
      @RequestParam(required = false) @Nullable Instant at) {
    Instant moment = at == null ? clock.instant() : at;
    Page page =
        facts.compose(
            nods.draft().nods(), Viewpoints.of(kind, product, variant, country, lang, moment));
    ZoneId zone = shop.settings().zone();
    return new PageView(
        moment,
        zone.getId(),
        page.validUntil().end().orElse(null),
        page.placed().stream().map(placed -> view(placed, zone)).toList());
  }

  @PostMapping("/preview-tokens")
  PreviewTokens.PreviewToken token() {
    return tokens.issue();
  }

  private static PlacedView view(Page.Placed placed, ZoneId zone) {
    Nod nod = placed.nod();
    Verdict verdict = placed.verdict();
    return new PlacedView(
        nod.id().value(),
        nod.kind().wireName(),
        nod.kind().words(),
        nod.placement().spot().name(),
        placed.product().value(),
        nod.placement().on(),
        verdict instanceof Verdict.Shown,
        BecauseSentence.of(verdict, zone),
        verdict.because().findings().stream()
            .map(
                finding ->
                    new FindingView(
                        BecauseSentence.clause(finding, zone),
                        finding.standing(),
                        finding.fact().source()))
            .toList(),
        verdict.validUntil().end().orElse(null));
  }
}
