package nodyes.server.dashboard;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Duration;
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
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.PageChanges;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.UpcomingChanges;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.NodNames;
import nodyes.server.nods.Nods;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.pages.ViewpointParser;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What changes by itself next, over all products. */
@RestController
@Tag(name = "today")
@RequestMapping("/api/v1/dashboard/upcoming-changes")
class UpcomingChangesApi {
  private static final int MOST = 5;
  private static final int NAMED = 2;

  /** So that the far end of the span moves on, too. */
  private static final Duration LONGEST = Duration.ofHours(1);

  private final Nods nods;
  private final CatalogueFactsCache facts;
  private final Clock clock;
  private volatile @Nullable Kept kept;

  UpcomingChangesApi(Nods nods, CatalogueFactsCache facts, Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.clock = clock;
  }

  /**
   * A point in time at which pages change by themselves.
   *
   * @param text what changes then
   * @param path a page that changes, as it is then
   */
  record MomentAhead(Instant instant, String text, String path) {}

  /**
   * The next of them.
   *
   * @param days how far they were looked for
   */
  record AheadView(String zone, long days, List<MomentAhead> moments, boolean isCut) {}

  @GetMapping
  AheadView ahead() {
    NodLayout published = nods.published();
    Facts stored = facts.get();
    Facts known = facts.with(published);
    Map<NodId, Nod> byId =
        published.nods().stream().collect(Collectors.toMap(Nod::id, Function.identity()));
    UpcomingChanges ahead = ahead(published, stored, known, clock.instant());
    return new AheadView(
        known.zone().getId(),
        UpcomingChanges.SPAN.toDays(),
        ahead.moments().stream().map(moment -> view(moment, byId, known)).toList(),
        ahead.isCut());
  }

  /** What was worked out last: good until what it is made of is another, or its time is over. */
  private record Kept(NodLayout published, Facts facts, Instant from, UpcomingChanges ahead) {
    // what is kept of the shop is another object once any of it changed
    @SuppressWarnings("ReferenceEquality")
    boolean isGood(NodLayout nowPublished, Facts nowKnown, Instant now) {
      return published == nowPublished
          && facts == nowKnown
          && !now.isBefore(from)
          && now.isBefore(
              ahead.moments().isEmpty()
                  ? from.plus(LONGEST)
                  : earlier(from.plus(LONGEST), ahead.moments().getFirst().instant()));
    }

    private static Instant earlier(Instant one, Instant other) {
      return one.isBefore(other) ? one : other;
    }
  }

  /** Until the next moment nothing changes; of ten thousand products it is not asked each time. */
  private UpcomingChanges ahead(NodLayout published, Facts stored, Facts known, Instant now) {
    Kept before = kept;
    if (before != null && before.isGood(published, stored, now)) {
      return before.ahead();
    }
    UpcomingChanges ahead = UpcomingChanges.of(published.nods(), known, now, MOST);
    kept = new Kept(published, stored, now, ahead);
    return ahead;
  }

  private static MomentAhead view(
      UpcomingChanges.Moment moment, Map<NodId, Nod> nods, Facts known) {
    List<String> said = said(moment, nods, known);
    int rest = said.size() - NAMED;
    UpcomingChanges.Change first = moment.changes().getFirst();
    return new MomentAhead(
        moment.instant(),
        text(
            "ahead.changes",
            "changes",
            said.stream().limit(NAMED).collect(Collectors.joining("; ")),
            "rest",
            Math.max(0, rest)),
        BackOfficeRoutes.moment(
            Optional.ofNullable(nods.get(first.nod()))
                .map(nod -> Viewpoint.firstPage(nod.placement()).wireName())
                .orElse("product"),
            Optional.of(first.products().getFirst().value()),
            ViewpointParser.shopTime(moment.instant(), known.zone())));
  }

  private record Told(String name, PageChanges.What what) {}

  /** Nods of one name are told together. */
  private static List<String> said(
      UpcomingChanges.Moment moment, Map<NodId, Nod> nods, Facts known) {
    var products = new LinkedHashMap<Told, Set<Slug>>();
    for (UpcomingChanges.Change change : moment.changes()) {
      Nod nod = nods.get(change.nod());
      products
          .computeIfAbsent(
              new Told(nod == null ? "" : NodNames.called(nod), change.what()),
              _ -> new LinkedHashSet<>())
          .addAll(change.products());
    }
    return products.entrySet().stream()
        .map(one -> words(one.getKey(), one.getValue(), known))
        .toList();
  }

  private static String words(Told told, Set<Slug> products, Facts known) {
    String key = "ahead." + told.what();
    return products.size() == 1
        ? text(
            key + ".one", "nod", told.name(), "product", title(products.iterator().next(), known))
        : text(key, "nod", told.name(), "products", products.size());
  }

  private static String title(Slug slug, Facts known) {
    ProductFacts product = known.products().get(slug);
    return product == null ? slug.value() : product.title();
  }
}
