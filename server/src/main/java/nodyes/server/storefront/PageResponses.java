package nodyes.server.storefront;

import static java.util.stream.Collectors.toSet;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.ValidUntil;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.FactRequirements;
import nodyes.core.nod.Icon;
import nodyes.core.nod.IconSet;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.ResolvedStyle;
import nodyes.core.nod.Style;
import nodyes.core.nod.StyleProperty;
import nodyes.core.nod.Viewpoint;
import nodyes.server.nods.CustomSpot;
import nodyes.server.nods.DefaultTexts;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.Nods;
import nodyes.server.outbound.Translator;
import nodyes.server.pages.FactLoader;
import nodyes.server.publishedreviews.SharedReviews;
import nodyes.server.storefront.CachedResponse.KeptBy;
import nodyes.server.storefront.wire.WireAppearance;
import nodyes.server.storefront.wire.WireNod;
import nodyes.server.storefront.wire.WirePage;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Makes the answers of the public page endpoint. */
@Component
class PageResponses {
  /** With rules of the owner's own, nothing of the nod is painted outside its box. */
  private static final String CONTAINED = "\n:host{contain:layout paint!important}";

  private final FactLoader facts;
  private final Nods nods;
  private final SharedReviews kin;
  private final DefaultTexts words;
  private final Translator translator;
  private final WithheldNods withheld;
  private final ObjectMapper json;

  PageResponses(
      FactLoader facts,
      Nods nods,
      SharedReviews kin,
      DefaultTexts words,
      Translator translator,
      WithheldNods withheld,
      ObjectMapper json) {
    this.facts = facts;
    this.nods = nods;
    this.kin = kin;
    this.words = words;
    this.translator = translator;
    this.withheld = withheld;
    this.json = json;
  }

  /** What shoppers get. */
  CachedResponse published(AskedPage asked, KeptBy keptBy) {
    NodLayout layout = asked.isAnyKind() ? nods.published() : nods.published().with(List.of());
    Viewpoint viewpoint = asked.viewpoint();
    Page page = facts.compose(layout, viewpoint);
    // shoppers' pages are not made anew where nothing but a reason for silence changes
    return answer(
        new Composed(layout, viewpoint, page, asked.recognised()), page.shownUntil(), null, keptBy);
  }

  /** What the owner sees: with what is withheld. */
  CachedResponse preview(AskedPage asked, NodLayout wanted) {
    NodLayout layout = asked.isAnyKind() ? wanted : wanted.with(List.of());
    Viewpoint viewpoint = asked.viewpoint();
    Page page = facts.compose(layout, viewpoint);
    return answer(
        new Composed(layout, viewpoint, page, asked.recognised()),
        page.validUntil(),
        withheld.of(page),
        KeptBy.BROWSER);
  }

  /** A page without nods, for a shop or page that is not known. */
  CachedResponse empty(AskedPage asked) {
    Viewpoint viewpoint = asked.viewpoint();
    Page page = facts.compose(NodLayout.NONE, viewpoint);
    return answer(
        new Composed(NodLayout.NONE, viewpoint, page, asked.recognised()),
        page.shownUntil(),
        null,
        KeptBy.BROWSER);
  }

  /** What was composed of which nods for whom. */
  private record Composed(
      NodLayout layout,
      Viewpoint viewpoint,
      Page page,
      WirePage.@Nullable WireRecognised recognised) {}

  private CachedResponse answer(
      Composed composed,
      ValidUntil until,
      @Nullable List<WirePage.WireWithheld> silent,
      KeptBy keptBy) {
    NodLayout arrangement = composed.layout();
    Viewpoint viewpoint = composed.viewpoint();
    Page page = composed.page();
    String language = words.language(viewpoint.language());
    List<WireNod> shown = page.placed().stream().flatMap(this::shown).toList();
    Map<String, Map<String, Object>> said = words.of(viewpoint.language(), kinds(page));
    var body =
        new WirePage(
            "",
            until.end().orElse(null),
            language,
            shown,
            arrangement.spots().stream()
                .filter(spot -> spot.page() == viewpoint.page())
                .map(PageResponses::spot)
                .toList(),
            said,
            dresses(arrangement, shown, language),
            silent,
            composed.recognised());
    String hash = CachedResponse.etag(json.writeValueAsBytes(body)).replace("\"", "");
    byte[] bytes =
        json.writeValueAsString(
                new WirePage(
                    arrangement.version() + "." + hash,
                    body.validUntil(),
                    body.language(),
                    body.nods(),
                    body.spots(),
                    body.words(),
                    body.dress(),
                    body.withheld(),
                    body.page()))
            .getBytes(StandardCharsets.UTF_8);
    return CachedResponse.of(
        bytes,
        until.end(),
        keptBy,
        new CachedResponse.MadeOf(
            FactRequirements.asksForSales(arrangement.nods())
                ? PageResponseCache.WITH_SALES
                : PageResponseCache.OF_ALL,
            kin.idsOf(viewpoint.products())));
  }

  /** The kinds whose words are said; a tab opens a wall. */
  private static Set<String> kinds(Page page) {
    var kinds = new LinkedHashSet<String>();
    for (Page.Placed placed : page.placed()) {
      if (placed.verdict() instanceof Verdict.Shown) {
        kinds.add(placed.nod().kind().wireName());
        if (placed.nod().kind() == NodKind.REVIEW_TAB) {
          kinds.add(NodKind.REVIEW_WALL.wireName());
        }
      }
    }
    return kinds;
  }

  private java.util.stream.Stream<WireNod> shown(Page.Placed placed) {
    return switch (placed.verdict()) {
      case Verdict.Shown shown ->
          java.util.stream.Stream.of(
              WireNod.of(
                  new WireNod.At(
                      placed.nod().id().value(),
                      placed.nod().kind().wireName(),
                      placed.nod().placement().spot().name(),
                      placed.product().value()),
                  shown.content(),
                  translator.isConnected()));
      case Verdict.Withheld _ -> java.util.stream.Stream.empty();
    };
  }

  /** Once for each nod that shows, however many products it shows for. */
  private static Map<String, WireAppearance> dresses(
      NodLayout arrangement, List<WireNod> shown, String language) {
    Set<String> ids = shown.stream().map(WireNod::id).collect(toSet());
    var dresses = new LinkedHashMap<String, WireAppearance>();
    for (Nod nod : arrangement.nods()) {
      if (ids.contains(nod.id().value())) {
        WireAppearance dress = dress(nod, arrangement.kit(), language);
        if (!dress.equals(WireAppearance.NONE)) {
          dresses.put(nod.id().value(), dress);
        }
      }
    }
    return dresses;
  }

  private static WireAppearance dress(Nod nod, BrandKit kit, String language) {
    Style look = nod.dress().look();
    ResolvedStyle dressed = ResolvedStyle.of(kit, look);
    Map<String, String> own = nod.dress().wording().in(language);
    String css = dressed.css() + (look.css().isBlank() ? "" : look.css() + CONTAINED);
    return new WireAppearance(
        own.isEmpty() ? null : own,
        look.ready().orElse(null),
        dressed.attribute(StyleProperty.STAR_SHAPE).orElse(null),
        dressed.attribute(StyleProperty.FONT).orElse(null),
        dressed.attribute(StyleProperty.ICON).map(PageResponses::outlined).orElse(null),
        dressed.attribute(StyleProperty.ARROW).filter(arrow -> !arrow.equals("words")).orElse(null),
        dressed.attribute(StyleProperty.CLASS).orElse(null),
        dressed.attribute(StyleProperty.ENTRANCE).orElse(null),
        nod.placement().screens().size() == 1
            ? nod.placement().screens().iterator().next().name().toLowerCase(Locale.ROOT)
            : null,
        css.isEmpty() ? null : css);
  }

  /** A drawing goes as its outline, so that pages load no drawings that they do not show. */
  private static String outlined(String icon) {
    return IconSet.named(icon).map(Icon::outline).orElse(icon);
  }

  private static WirePage.WireSpot spot(CustomSpot spot) {
    return new WirePage.WireSpot(
        spot.name(), spot.selector(), spot.side().name().toLowerCase(Locale.ROOT));
  }
}
