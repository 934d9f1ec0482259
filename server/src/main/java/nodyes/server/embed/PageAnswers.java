package nodyes.server.embed;

import static java.util.stream.Collectors.toSet;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nodyes.core.common.Slug;
import nodyes.core.nod.Dressed;
import nodyes.core.nod.Look;
import nodyes.core.nod.LookValue;
import nodyes.core.nod.Nod;
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
import nodyes.server.pages.FactLoader;
import nodyes.server.shop.Shop;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Makes the answers of the public page endpoint. */
@Component
class PageAnswers {
  private final FactLoader facts;
  private final Nods nods;
  private final Shop shop;
  private final NodWords words;
  private final ObjectMapper json;

  PageAnswers(FactLoader facts, Nods nods, Shop shop, NodWords words, ObjectMapper json) {
    this.facts = facts;
    this.nods = nods;
    this.shop = shop;
    this.words = words;
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
    Page page = facts.compose(arrangement.nods(), viewpoint);
    String language = words.language(viewpoint.language());
    List<WireNod> shown =
        page.placed().stream().flatMap(placed -> shown(placed, arrangement, language)).toList();
    List<String> kinds = arrangement.nods().stream().map(nod -> nod.kind().wireName()).toList();
    Map<String, Map<String, Object>> said = shown.isEmpty() ? Map.of() : words.of(language, kinds);
    var body =
        new WirePage(
            "",
            page.validUntil().end().orElse(null),
            language,
            shown,
            arrangement.spots().stream()
                .filter(spot -> spot.page() == viewpoint.page())
                .map(PageAnswers::spot)
                .toList(),
            said,
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
                    body.withheld()))
            .getBytes(StandardCharsets.UTF_8);
    return Answer.of(
        bytes,
        page.validUntil().end(),
        isPublic,
        viewpoint.products().stream().map(Slug::value).collect(toSet()));
  }

  private static java.util.stream.Stream<WireNod> shown(
      Page.Placed placed, Arrangement arrangement, String language) {
    return switch (placed.verdict()) {
      case Verdict.Shown shown ->
          java.util.stream.Stream.of(
              WireNod.of(
                  placed.nod().id().value(),
                  placed.nod().placement().spot().name(),
                  placed.product().value(),
                  dress(placed.nod(), arrangement, language),
                  shown.content()));
      case Verdict.Withheld _ -> java.util.stream.Stream.empty();
    };
  }

  private static @Nullable WireDress dress(Nod nod, Arrangement arrangement, String language) {
    Look look = nod.dress().look();
    Dressed dressed = Dressed.of(arrangement.kit(), look);
    var own = nod.dress().wording().in(language);
    String css = dressed.css() + look.css();
    if (own.isEmpty() && css.isEmpty() && look.equals(Look.DEFAULT) && isPlain(nod, dressed)) {
      return null;
    }
    return new WireDress(
        own.isEmpty() ? null : own,
        look.ready().orElse(null),
        dressed.attribute(LookValue.STAR_SHAPE).orElse(null),
        dressed.attribute(LookValue.FONT).orElse(null),
        dressed.attribute(LookValue.ICON).orElse(null),
        dressed.attribute(LookValue.ENTRANCE).orElse(null),
        nod.placement().screens().size() == 1
            ? nod.placement().screens().iterator().next().name().toLowerCase(Locale.ROOT)
            : null,
        css.isEmpty() ? null : css);
  }

  private static boolean isPlain(Nod nod, Dressed dressed) {
    return dressed.wide().isEmpty() && nod.placement().screens().size() > 1;
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
