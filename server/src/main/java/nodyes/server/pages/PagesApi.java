package nodyes.server.pages;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Finding;
import nodyes.core.common.NodId;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.BecauseSentence;
import nodyes.core.showing.Facts;
import nodyes.core.showing.Moments;
import nodyes.core.showing.Page;
import nodyes.core.showing.Showing;
import nodyes.core.showing.Verdict;
import nodyes.server.nods.Arrangement;
import nodyes.server.nods.Nods;
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
      NodFacts nodFacts) {
    this.nodFacts = nodFacts;
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
      boolean isForThisPage,
      boolean on,
      boolean shown,
      String because,
      List<FindingView> findings,
      Map<String, Map<String, Object>> values,
      List<DoubtView> doubts,
      @Nullable Instant validUntil) {}

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
  private Arrangement looked(PageAsked asked) {
    if (asked.trial() != null) {
      PageKind page = PageKind.parse(asked.kind()).orElse(PageKind.PRODUCT);
      return nods.trial(asked.trial(), page);
    }
    return nods.version(Optional.ofNullable(asked.version()).orElse(0));
  }

  private Viewpoint viewpoint(PageAsked asked) {
    Viewpoint viewpoint = Viewpoints.orderedThen(anyScreen(asked));
    return viewpoint.on(
        Arrays.stream(Viewpoint.Screen.values())
            .filter(screen -> screen.name().equalsIgnoreCase(asked.screen()))
            .findFirst());
  }

  private Viewpoint anyScreen(PageAsked asked) {
    return Viewpoints.of(
        asked.kind(),
        asked.product(),
        asked.variant(),
        asked.country(),
        asked.lang(),
        Viewpoints.moment(asked.at(), shop.settings().zone(), clock.instant()));
  }

  @GetMapping("/page")
  PageView page(@ParameterObject PageAsked asked) {
    Viewpoint viewpoint = viewpoint(asked);
    Arrangement looked = looked(asked);
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
  record ChangeView(String nod, String name, String product, Moments.What what) {}

  /**
   * A point in time at which a page changes by itself.
   *
   * @param shopTime what the shop's clock shows then
   */
  record MomentView(Instant at, String shopTime, List<ChangeView> changes) {}

  /** The next of them, to 60 days or 50. */
  record MomentsView(String zone, List<MomentView> moments, boolean isCut) {}

  @GetMapping("/page/moments")
  MomentsView moments(@ParameterObject PageAsked asked) {
    Arrangement draft = looked(asked);
    Map<NodId, String> names =
        draft.nods().stream().collect(Collectors.toMap(Nod::id, nod -> nod.called()));
    Moments moments = facts.moments(draft, viewpoint(asked));
    ZoneId zone = shop.settings().zone();
    return new MomentsView(
        zone.getId(),
        moments.moments().stream()
            .map(
                moment ->
                    new MomentView(
                        moment.at(),
                        Viewpoints.shopTime(moment.at(), zone),
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
    return new ClockView(zone.getId(), Viewpoints.shopTime(now, zone), now);
  }

  @PostMapping("/preview-tokens")
  PreviewTokens.PreviewToken token() {
    return tokens.issue();
  }

  @PostMapping("/preview-tokens/share")
  PreviewTokens.PreviewToken share() {
    return tokens.share();
  }

  private static PlacedView view(Page.Placed placed, Facts known, Viewpoint viewpoint) {
    ZoneId zone = known.zone();
    Nod nod = placed.nod();
    Verdict verdict = placed.verdict();
    return new PlacedView(
        nod.id().value(),
        nod.kind().wireName(),
        nod.called(),
        nod.placement().spot().name(),
        placed.product().value(),
        nod.placement().pages().contains(viewpoint.page()),
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
        values(placed, known, viewpoint),
        verdict.because().doubts().stream()
            .map(doubt -> new DoubtView(doubt.rule(), doubt.words()))
            .toList(),
        verdict.validUntil().end().orElse(null));
  }

  /** What the values of its words are here; of a label all that any of its words could put in. */
  private static Map<String, Map<String, Object>> values(
      Page.Placed placed, Facts known, Viewpoint viewpoint) {
    if (placed.nod() instanceof Label label) {
      var values = new TreeMap<String, Object>();
      Showing.values(label, placed.product(), known, viewpoint)
          .forEach(
              (name, value) -> value.ifPresent(one -> values.put(name.wireName(), one.parts())));
      return Label.words(label.claim()).stream()
          .collect(Collectors.toMap(word -> word, _ -> values));
    }
    return placed.verdict() instanceof Verdict.Shown shown ? shown.content().values() : Map.of();
  }
}
