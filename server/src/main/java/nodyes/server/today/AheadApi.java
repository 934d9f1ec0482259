package nodyes.server.today;

import static nodyes.core.common.English.counted;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Ahead;
import nodyes.core.showing.Facts;
import nodyes.core.showing.Moments;
import nodyes.core.showing.ProductFacts;
import nodyes.server.nods.Arrangement;
import nodyes.server.nods.Nods;
import nodyes.server.pages.AllFacts;
import nodyes.server.pages.Viewpoints;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What changes by itself next, over all products. */
@RestController
@Tag(name = "today")
@RequestMapping("/api/v1/today/ahead")
class AheadApi {
  private static final int MOST = 5;
  private static final int NAMED = 2;

  private final Nods nods;
  private final AllFacts facts;
  private final Clock clock;

  AheadApi(Nods nods, AllFacts facts, Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.clock = clock;
  }

  /**
   * A point in time at which pages change by themselves.
   *
   * @param words what changes then
   * @param place a page that changes, as it is then
   */
  record MomentAhead(Instant at, String words, String place) {}

  /**
   * The next of them.
   *
   * @param days how far they were looked for
   */
  record AheadView(String zone, long days, List<MomentAhead> moments, boolean isCut) {}

  @GetMapping
  AheadView ahead() {
    Arrangement published = nods.published();
    Facts known = facts.with(published);
    Map<NodId, Nod> byId =
        published.nods().stream().collect(Collectors.toMap(Nod::id, Function.identity()));
    Ahead ahead = Ahead.of(published.nods(), known, clock.instant(), MOST);
    return new AheadView(
        known.zone().getId(),
        Ahead.SPAN.toDays(),
        ahead.moments().stream().map(moment -> view(moment, byId, known)).toList(),
        ahead.isCut());
  }

  private static MomentAhead view(Ahead.Moment moment, Map<NodId, Nod> nods, Facts known) {
    List<String> said = said(moment, nods, known);
    int rest = said.size() - NAMED;
    Ahead.Change first = moment.changes().getFirst();
    return new MomentAhead(
        moment.at(),
        said.stream().limit(NAMED).collect(Collectors.joining("; "))
            + (rest > 0 ? "; " + counted(rest, "more change") : ""),
        OfficePlaces.moment(
            Optional.ofNullable(nods.get(first.nod()))
                .map(nod -> Viewpoint.firstPage(nod.placement()).wireName())
                .orElse("product"),
            Optional.of(first.products().getFirst().value()),
            Viewpoints.shopTime(moment.at(), known.zone())));
  }

  private record Told(String name, Moments.What what) {}

  /** Nods of one name are told together. */
  private static List<String> said(Ahead.Moment moment, Map<NodId, Nod> nods, Facts known) {
    var products = new LinkedHashMap<Told, Set<Slug>>();
    for (Ahead.Change change : moment.changes()) {
      Nod nod = nods.get(change.nod());
      products
          .computeIfAbsent(
              new Told(nod == null ? "" : nod.called(), change.what()), _ -> new LinkedHashSet<>())
          .addAll(change.products());
    }
    return products.entrySet().stream()
        .map(one -> words(one.getKey(), one.getValue(), known))
        .toList();
  }

  private static String words(Told told, Set<Slug> products, Facts known) {
    return told.name()
        + switch (told.what()) {
          case APPEARS -> ": shows on ";
          case GOES -> ": no longer on ";
          case CHANGES -> ": changes on ";
        }
        + (products.size() == 1
            ? title(products.iterator().next(), known)
            : counted(products.size(), "product"));
  }

  private static String title(Slug slug, Facts known) {
    ProductFacts product = known.products().get(slug);
    return product == null ? slug.value() : product.title();
  }
}
