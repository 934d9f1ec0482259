package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Reach;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.Condition;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.nods.ConditionDto;
import nodyes.server.nods.ConditionMapper;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.Nods;
import nodyes.server.reasons.Reasons;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How many products and variants a nod shows for, and which just miss. */
@RestController
@Tag(name = "reach")
@RequestMapping("/api/v1/page/reach")
class ReachApi {
  private static final int MOST_NAMED = 60;

  private final NodFacts facts;
  private final Reasons reasons;
  private final Nods nods;
  private final Shop shop;
  private final Catalogue catalogue;
  private final Clock clock;

  ReachApi(
      NodFacts facts, Nods nods, Shop shop, Catalogue catalogue, Clock clock, Reasons reasons) {
    this.reasons = reasons;
    this.facts = facts;
    this.nods = nods;
    this.shop = shop;
    this.catalogue = catalogue;
    this.clock = clock;
  }

  /** For whom it is asked, and conditions that are not kept yet. */
  record ReachAsked(
      String nod,
      @Nullable ConditionDto audience,
      String kind,
      @Nullable String country,
      @Nullable String lang,
      @Nullable String at) {}

  /** The picture is an address, as the shop gave it; empty where there is none. */
  record ProductName(String slug, String title, String picture) {}

  record MissView(String slug, String title, String by) {}

  record ReachView(
      int products,
      int variants,
      int of,
      List<ProductName> named,
      List<MissView> misses,
      Map<String, Integer> alone,
      List<Elsewhere.ReachTold> elsewhere) {}

  @PostMapping
  ReachView reach(@RequestBody ReachAsked asked) {
    NodLayout draft = nods.draft();
    Nod nod =
        draft.nods().stream()
            .filter(one -> one.id().equals(new NodId(asked.nod())))
            .findFirst()
            .orElseThrow(() -> ApiProblem.notFound(text("nods.noSuchNod")));
    ZoneId zone = shop.settings().zone();
    Viewpoint viewpoint =
        ViewpointParser.of(
            new ViewpointParser.Asked(asked.kind(), null, null, asked.country(), asked.lang()),
            ViewpointParser.moment(asked.at(), zone, clock.instant()));
    Condition audience =
        Optional.ofNullable(asked.audience())
            .map(
                rule ->
                    ConditionMapper.condition(
                        rule, zone, CurrencyUnit.of(shop.settings().currency())))
            .orElse(nod.placement().audience());
    Placement placement = nod.placement();
    Nod asIs =
        nod.placed(
            new Placement(
                placement.spot(),
                java.util.Set.of(viewpoint.page()),
                audience,
                true,
                placement.screens()));
    Optional<Instant> at = Optional.ofNullable(asked.at()).map(_ -> viewpoint.moment());
    Facts all = facts.ofAll(draft, asIs, viewpoint.page(), at);
    Reach reach = Reach.of(asIs, all, viewpoint);
    List<Elsewhere.ReachTold> elsewhere =
        Elsewhere.of(
            asIs,
            viewpoint,
            reach.products().size(),
            then ->
                then.equals(viewpoint.moment())
                    ? all
                    : facts.ofAll(draft, asIs, viewpoint.page(), Optional.of(then)),
            zone);
    return view(reach, elsewhere, all, zone);
  }

  private ReachView view(Reach reach, List<Elsewhere.ReachTold> elsewhere, Facts all, ZoneId zone) {
    List<String> named = reach.products().stream().limit(MOST_NAMED).map(Slug::value).toList();
    Map<String, String> pictures = catalogue.pictures(named);
    return new ReachView(
        reach.products().size(),
        reach.variants(),
        reach.of(),
        named.stream()
            .map(
                slug ->
                    new ProductName(
                        slug, title(all, new Slug(slug)), pictures.getOrDefault(slug, "")))
            .toList(),
        reach.misses().stream()
            .map(
                miss ->
                    new MissView(
                        miss.product().value(),
                        title(all, miss.product()),
                        reasons.clause(miss.by(), zone, Titles.of(all))))
            .toList(),
        reach.alone(),
        elsewhere);
  }

  private static String title(Facts all, Slug slug) {
    var product = all.products().get(slug);
    return product == null ? slug.value() : product.title();
  }
}
