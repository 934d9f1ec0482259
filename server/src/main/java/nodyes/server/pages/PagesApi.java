package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.NodEvaluator;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.PageChanges;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.Finding;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.NodNames;
import nodyes.server.nods.Nods;
import nodyes.server.reasons.Reasons;
import nodyes.server.shop.Shop;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "pages")
@RequestMapping("/api/v1")
class PagesApi {
  private final FactLoader facts;
  private final Reasons reasons;
  private final Nods nods;
  private final Shop shop;
  private final Clock clock;
  private final PreviewTokens tokens;
  private final NodFacts nodFacts;

  PagesApi(
      FactLoader facts,
      Nods nods,
      Shop shop,
      Clock clock,
      PreviewTokens tokens,
      NodFacts nodFacts,
      Reasons reasons) {
    this.reasons = reasons;
    this.nodFacts = nodFacts;
    this.facts = facts;
    this.nods = nods;
    this.shop = shop;
    this.clock = clock;
    this.tokens = tokens;
  }

  /** One reason, as a clause, with where its fact comes from. */
  record FindingView(String text, Finding.Status status, FactName.Source source) {}

  /** A nod on a page for one of its products. */
  record PlacedView(
      @JsonUnwrapped NodAt at,
      boolean isForThisPage,
      boolean on,
      boolean shown,
      String because,
      List<FindingView> findings,
      Map<String, Map<String, Object>> values,
      List<DoubtView> doubts,
      @Nullable Instant validUntil) {}

  /** A nod at its spot. */
  record NodAt(String nod, String kind, String name, String spot, String product) {}

  /** What may be held against it, by the name of the rule. */
  record DoubtView(String rule, String text) {}

  /** What the draft comes to on a page at a moment. */
  record PageView(
      Instant moment, String zone, @Nullable Instant validUntil, List<PlacedView> nods) {}

  /** A page as someone looks at it; what is not said is not known, and now. */
  record PageAsked(
      String kind,
      @Nullable String product,
      @Nullable String variant,
      @Nullable String country,
      @Nullable String lang,
      @Nullable String screen,
      @Nullable Integer version,
      @Nullable String trial,
      @Nullable String at) {}

  /** A version, the draft, or a new nod of a kind alone, to learn what it would show. */
  private NodLayout looked(PageAsked asked) {
    if (asked.trial() != null) {
      PageKind page = PageKind.parse(asked.kind()).orElse(PageKind.PRODUCT);
      return nods.trial(asked.trial(), page);
    }
    return nods.version(Optional.ofNullable(asked.version()).orElse(0));
  }

  private Viewpoint viewpoint(PageAsked asked) {
    Viewpoint viewpoint = ViewpointParser.orderedThen(anyScreen(asked));
    return viewpoint.on(
        Arrays.stream(Viewpoint.Screen.values())
            .filter(screen -> screen.name().equalsIgnoreCase(asked.screen()))
            .findFirst());
  }

  private Viewpoint anyScreen(PageAsked asked) {
    return ViewpointParser.of(
        new ViewpointParser.Asked(
            asked.kind(), asked.product(), asked.variant(), asked.country(), asked.lang()),
        ViewpointParser.moment(asked.at(), shop.settings().zone(), clock.instant()));
  }

  @GetMapping("/page")
  PageView page(@ParameterObject PageAsked asked) {
    Viewpoint viewpoint = viewpoint(asked);
    NodLayout looked = looked(asked);
    Facts loaded = facts.load(looked, viewpoint);
    // how many look is known of now alone
    Facts known = asked.at() == null ? nodFacts.seenNow(loaded) : loaded;
    Page page = Page.compose(looked.nods(), known, viewpoint);
    ZoneId zone = shop.settings().zone();
    return new PageView(
        viewpoint.moment(),
        zone.getId(),
        page.validUntil().end().orElse(null),
        page.placed().stream()
            .map(placed -> view(placed.tight(known, viewpoint), known, viewpoint))
            .toList());
  }

  /** What becomes of a nod for a product. */
  record ChangeView(String nod, String name, String product, PageChanges.What what) {}

  /**
   * A point in time at which a page changes by itself.
   *
   * @param shopTime what the shop's clock shows then
   */
  record MomentView(Instant instant, String shopTime, List<ChangeView> changes) {}

  /** The next of them, to 60 days or 50. */
  record MomentsView(String zone, List<MomentView> moments, boolean isCut) {}

  @GetMapping("/page/upcoming-changes")
  MomentsView moments(@ParameterObject PageAsked asked) {
    NodLayout draft = looked(asked);
    Map<NodId, String> names =
        draft.nods().stream().collect(Collectors.toMap(Nod::id, nod -> NodNames.called(nod)));
    PageChanges moments = facts.moments(draft, viewpoint(asked));
    ZoneId zone = shop.settings().zone();
    return new MomentsView(
        zone.getId(),
        moments.moments().stream()
            .map(
                moment ->
                    new MomentView(
                        moment.instant(),
                        ViewpointParser.shopTime(moment.instant(), zone),
                        moment.changes().stream()
                            .map(
                                change ->
                                    new ChangeView(
                                        change.nod().value(),
                                        names.getOrDefault(change.nod(), ""),
                                        change.product().value(),
                                        change.what()))
                            .toList()))
            .toList(),
        moments.isCut());
  }

  /** What the shop's clock shows, and the instant that it is. */
  record ClockView(String zone, String shopTime, Instant now) {}

  @GetMapping("/clock")
  ClockView clock() {
    ZoneId zone = shop.settings().zone();
    Instant now = clock.instant();
    return new ClockView(zone.getId(), ViewpointParser.shopTime(now, zone), now);
  }

  @PostMapping("/preview-tokens")
  PreviewTokens.PreviewToken token() {
    return tokens.issue();
  }

  @PostMapping("/preview-tokens/share")
  PreviewTokens.PreviewToken share() {
    return tokens.share();
  }

  private PlacedView view(Page.Placed placed, Facts known, Viewpoint viewpoint) {
    ZoneId zone = known.zone();
    Nod nod = placed.nod();
    Verdict verdict = placed.verdict();
    UnaryOperator<String> titles = Titles.of(known);
    return new PlacedView(
        new NodAt(
            nod.id().value(),
            nod.kind().wireName(),
            NodNames.called(nod),
            nod.placement().spot().name(),
            placed.product().value()),
        nod.placement().pages().contains(viewpoint.page()),
        nod.placement().on(),
        verdict instanceof Verdict.Shown,
        reasons.because(verdict, zone, titles),
        verdict.because().findings().stream()
            .map(
                finding ->
                    new FindingView(
                        reasons.clause(finding, zone, titles),
                        finding.status(),
                        finding.fact().source()))
            .toList(),
        values(placed, known, viewpoint),
        verdict.because().doubts().stream()
            .map(
                doubt ->
                    new DoubtView(
                        text("doubts." + doubt + ".rule"), text("doubts." + doubt + ".words")))
            .toList(),
        verdict.validUntil().end().orElse(null));
  }

  /** What the values of its words are here; of a label all that any of its words could put in. */
  private static Map<String, Map<String, Object>> values(
      Page.Placed placed, Facts known, Viewpoint viewpoint) {
    if (placed.nod() instanceof Label label) {
      var values = new TreeMap<String, Object>();
      NodEvaluator.values(label, placed.product(), known, viewpoint)
          .forEach(
              (name, value) -> value.ifPresent(one -> values.put(name.wireName(), one.parts())));
      return Label.words(label.claim()).stream()
          .collect(Collectors.toMap(word -> word, _ -> values));
    }
    return placed.verdict() instanceof Verdict.Shown shown ? shown.content().values() : Map.of();
  }
}
