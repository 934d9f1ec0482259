package nodyes.server.embed;

import static java.util.stream.Collectors.toSet;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.Drawing;
import nodyes.core.nod.Drawings;
import nodyes.core.nod.Dressed;
import nodyes.core.nod.Look;
import nodyes.core.nod.LookValue;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.BecauseSentence;
import nodyes.core.showing.Page;
import nodyes.core.showing.Verdict;
import nodyes.server.embed.wire.WireDress;
import nodyes.server.embed.wire.WireNod;
import nodyes.server.embed.wire.WirePage;
import nodyes.server.nods.Arrangement;
import nodyes.server.nods.NodWords;
import nodyes.server.nods.Nods;
import nodyes.server.nods.PointedSpot;
import nodyes.server.outside.Translator;
import nodyes.server.pages.FactLoader;
import nodyes.server.shop.Shop;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Makes the answers of the public page endpoint. */
@Component
class PageAnswers {
  /** With rules of the owner's own, nothing of the nod is painted outside its box. */
  private static final String CONTAINED = "\n:host{contain:layout paint!important}";

  private final FactLoader facts;
  private final Nods nods;
  private final Shop shop;
  private final NodWords words;
  private final Translator translator;
  private final ObjectMapper json;

  PageAnswers(
      FactLoader facts,
      Nods nods,
      Shop shop,
      NodWords words,
      Translator translator,
      ObjectMapper json) {
    this.facts = facts;
    this.nods = nods;
    this.shop = shop;
    this.words = words;
    this.translator = translator;
    this.json = json;
  }

  /** What shoppers get. */
  Answer published(Viewpoint viewpoint, boolean isPublic) {
    return answer(nods.published(), viewpoint, isPublic, false);
  }

  /** What the owner sees: with what is withheld. */
  Answer preview(Viewpoint viewpoint, Arrangement arrangement) {
    return answer(arrangement, viewpoint, false, true);
  }

  /** A page without nods, for a shop or page that is not known. */
  Answer empty(Viewpoint viewpoint) {
    return answer(Arrangement.NONE, viewpoint, false, false);
  }

  private Answer answer(
      Arrangement arrangement, Viewpoint viewpoint, boolean isPublic, boolean withWithheld) {
    Page page = facts.compose(arrangement, viewpoint);
    // shoppers' pages are not made anew where nothing but a reason for silence changes
    ValidUntil until = withWithheld ? page.validUntil() : page.shownUntil();
    String language = words.language(viewpoint.language());
    List<WireNod> shown = page.placed().stream().flatMap(this::shown).toList();
    Map<String, Map<String, Object>> said = words.of(language, kinds(page));
    var body =
        new WirePage(
            "",
            until.end().orElse(null),
            language,
            shown,
            arrangement.spots().stream()
                .filter(spot -> spot.page() == viewpoint.page())
                .map(PageAnswers::spot)
                .toList(),
            said,
            dresses(arrangement, shown, language),
            withWithheld ? withheld(page) : null);
    String hash = Answer.etag(json.writeValueAsBytes(body)).replace("\"", "");
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
                    body.withheld()))
            .getBytes(StandardCharsets.UTF_8);
    return Answer.of(
        bytes,
        until.end(),
        isPublic,
        viewpoint.products().stream().map(Slug::value).collect(toSet()));
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
                  placed.nod().id().value(),
                  placed.nod().kind().wireName(),
                  placed.nod().placement().spot().name(),
                  placed.product().value(),
                  shown.content(),
                  translator.isConnected()));
      case Verdict.Withheld _ -> java.util.stream.Stream.empty();
    };
  }

  /** Once for each nod that shows, however many products it shows for. */
  private static Map<String, WireDress> dresses(
      Arrangement arrangement, List<WireNod> shown, String language) {
    Set<String> ids = shown.stream().map(WireNod::id).collect(toSet());
    var dresses = new LinkedHashMap<String, WireDress>();
    for (Nod nod : arrangement.nods()) {
      if (ids.contains(nod.id().value())) {
        WireDress dress = dress(nod, arrangement.kit(), language);
        if (!dress.equals(WireDress.NONE)) {
          dresses.put(nod.id().value(), dress);
        }
      }
    }
    return dresses;
  }

  private static WireDress dress(Nod nod, BrandKit kit, String language) {
    Look look = nod.dress().look();
    Dressed dressed = Dressed.of(kit, look);
    Map<String, String> own = nod.dress().wording().in(language);
    String css = dressed.css() + (look.css().isBlank() ? "" : look.css() + CONTAINED);
    return new WireDress(
        own.isEmpty() ? null : own,
        look.ready().orElse(null),
        dressed.attribute(LookValue.STAR_SHAPE).orElse(null),
        dressed.attribute(LookValue.FONT).orElse(null),
        dressed.attribute(LookValue.ICON).map(PageAnswers::outlined).orElse(null),
        dressed.attribute(LookValue.ARROW).filter(arrow -> !arrow.equals("words")).orElse(null),
        dressed.attribute(LookValue.CLASS).orElse(null),
        dressed.attribute(LookValue.ENTRANCE).orElse(null),
        nod.placement().screens().size() == 1
            ? nod.placement().screens().iterator().next().name().toLowerCase(Locale.ROOT)
            : null,
        css.isEmpty() ? null : css);
  }

  /** A drawing goes as its outline, so that pages load no drawings that they do not show. */
  private static String outlined(String icon) {
    return Drawings.named(icon).map(Drawing::outline).orElse(icon);
  }

  private static WirePage.WireSpot spot(PointedSpot spot) {
    return new WirePage.WireSpot(
        spot.name(), spot.selector(), spot.side().name().toLowerCase(Locale.ROOT));
  }

  private List<WirePage.WireWithheld> withheld(Page page) {
    return page.placed().stream()
        .filter(placed -> placed.verdict() instanceof Verdict.Withheld)
        .map(
            placed ->
                new WirePage.WireWithheld(
                    placed.nod().id().value(),
                    placed.nod().kind().wireName(),
                    placed.nod().placement().spot().name(),
                    placed.product().value(),
                    BecauseSentence.of(placed.verdict(), shop.settings().zone()),
                    placed.verdict().validUntil().end().orElse(null)))
        .toList();
  }
}
