package nodyes.server.nods;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import nodyes.core.audience.Condition;
import nodyes.core.common.NodId;
import nodyes.core.countdown.Ending;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.VisitorCount;
import nodyes.server.web.Refusal;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The nods that the owner set: one draft, and the versions that were published. */
@Component
public class Nods {
  private static final int WALL_PAGE = 6;
  private static final String SYSTEM = "Nod Yes";

  private final NodStore store;
  private final VersionStore versions;
  private final Sayable sayable;
  private final Clock clock;
  private final ApplicationEventPublisher events;
  private volatile Arrangement published;

  Nods(
      NodStore store,
      VersionStore versions,
      Sayable sayable,
      Clock clock,
      ApplicationEventPublisher events) {
    this.store = store;
    this.versions = versions;
    this.sayable = sayable;
    this.clock = clock;
    this.events = events;
    if (store.draft().nods().isEmpty() && versions.latest().version() == 0) {
      change("what a new shop begins with", SYSTEM, draft -> with(draft, first()));
    }
    this.published = versions.latest();
  }

  private static Draft with(Draft draft, List<Nod> nods) {
    Draft all = draft;
    for (Nod nod : nods) {
      all = all.with(nod);
    }
    return all;
  }

  /** Adds nods to the draft, behind those that are there. */
  public void place(String who, List<Nod> nods) {
    change("placed " + nods.size() + " nods", who, draft -> with(draft, nods));
  }

  /** What shoppers get. */
  public Arrangement published() {
    return published;
  }

  /** What the owner is working on; what cannot be said yet is said as it was published. */
  public Arrangement draft() {
    Draft draft = store.draft();
    Draft before = Draft.of(published);
    return new Arrangement(
        NodStore.DRAFT,
        Optional.empty(),
        Optional.empty(),
        draft.nods().stream().map(nod -> sayable.good(nod, before.find(nod.id()))).toList(),
        draft.spots(),
        "",
        draft.kit(),
        draft.delivery());
  }

  /** A version, or the draft under 0. */
  public Arrangement version(int version) {
    return version == NodStore.DRAFT
        ? draft()
        : versions
            .find(version)
            .orElseThrow(() -> Refusal.notFound("There is no version " + version + "."));
  }

  Draft written() {
    return store.draft();
  }

  Map<NodId, Long> revisions() {
    return store.revisions();
  }

  Optional<Step> newestStep() {
    return store.newest();
  }

  /** What publishing would change. */
  List<Changes.Change> unpublished() {
    return Changes.between(Draft.of(published), store.draft());
  }

  /** Whether shoppers get a review wall on product pages at all. */
  public boolean showsReviews() {
    return published.nods().stream()
        .anyMatch(
            nod ->
                nod instanceof ReviewWall
                    && nod.placement().on()
                    && nod.placement().pages().contains(PageKind.PRODUCT));
  }

  /** Puts stars and a review wall on product pages, and publishes the draft with them. */
  public void showReviews(String who) {
    change(
        "Stars and reviews put on product pages",
        who,
        draft ->
            with(
                draft,
                first().stream()
                    .map(nod -> draft.find(nod.id()).orElse(nod))
                    .map(nod -> nod.placed(nod.placement().switched(true)))
                    .toList()));
    publish(who, "");
  }

  /** Changes when orders leave and arrive in the draft. */
  public void changeDelivery(String words, String who, UnaryOperator<DeliverySettings> change) {
    change(words, who, draft -> draft.with(change.apply(draft.delivery())));
  }

  /** Changes the draft; the step that can be taken back. */
  Step change(String words, String who, UnaryOperator<Draft> change) {
    return store.change(words, who, clock.instant(), change);
  }

  /**
   * Changes one nod.
   *
   * @param revision as whoever changes it last saw it; empty where that does not matter
   * @throws Refusal with 409 where it was changed since
   */
  Step change(
      NodId id, Optional<Long> revision, String words, String who, UnaryOperator<Nod> change) {
    return change(
        words,
        who,
        draft -> {
          Nod nod = draft.find(id).orElseThrow(Nods::unknown);
          if (revision.isPresent() && !revision.equals(Optional.ofNullable(revisions().get(id)))) {
            throw new Refusal(
                HttpStatus.CONFLICT,
                "This nod was changed in another window meanwhile. Nothing was overwritten.");
          }
          return draft.with(change.apply(nod));
        });
  }

  static Refusal unknown() {
    return Refusal.notFound("There is no such nod.");
  }

  /** Switches a nod of the draft on or off. */
  public Nod switchTo(NodId id, boolean on, String who) {
    change(
        id,
        Optional.empty(),
        on ? "Switched on" : "Paused",
        who,
        nod -> nod.placed(nod.placement().switched(on)));
    return store.draft().find(id).orElseThrow(Nods::unknown);
  }

  /** A nod that was added, and the step that can be taken back. */
  record Added(NodId id, Step step) {}

  /**
   * Adds a nod. Ids are given out one after the other: two windows that add at once get two nods.
   *
   * @param making the nod under an id that is free
   * @param behind the nod that it stands behind; empty for the end
   */
  synchronized Added add(
      String words, NodKind kind, Function<NodId, Nod> making, Optional<NodId> behind, String who) {
    Nod nod = making.apply(freeId(kind.wireName()));
    Step step =
        change(
            words + ": " + Changes.name(nod),
            who,
            draft -> behind.isPresent() ? draft.behind(behind, nod) : draft.with(nod));
    return new Added(nod.id(), step);
  }

  /** A new nod of a kind in a spot of a kind of page. */
  Nod fresh(NodId id, NodKind kind, Spot spot, PageKind page) {
    var placement = new Placement(spot, EnumSet.of(page), Condition.everyone(), true);
    return switch (kind) {
      case STAR_LINE -> new StarLine(id, placement);
      case REVIEW_WALL -> new ReviewWall(id, placement, WALL_PAGE);
      case REVIEW_TAB -> new ReviewTab(id, placement);
      case PICKED_QUOTES -> new PickedQuotes(id, placement);
      case PRICE_DROP_LABEL -> new Label(id, Label.Claim.PRICE_DROP, placement);
      case BESTSELLER_LABEL -> new Label(id, Label.Claim.BESTSELLER, placement);
      case NEW_LABEL -> new Label(id, Label.Claim.NEW, placement);
      case LOW_STOCK_LABEL -> new Label(id, Label.Claim.LOW_STOCK, placement);
      case SOLD_OUT_LABEL -> new Label(id, Label.Claim.SOLD_OUT, placement);
      case BACK_ON_LABEL -> new Label(id, Label.Claim.BACK_ON, placement);
      case OWN_LABEL -> new Label(id, Label.Claim.OWN_WORDS, placement);
      case TRUST_BADGES -> new TrustBadges(id, placement);
      case VISITOR_COUNT -> new VisitorCount(id, placement);
      case STOCK_LINE -> new StockLine(id, placement);
      case RECENT_ORDERS -> new RecentOrders(id, placement);
      case DELIVERY_PROMISE -> new DeliveryPromise(id, placement);
      // a week ahead, to be set by the owner
      case COUNTDOWN ->
          new Countdown(
              id,
              placement,
              new Ending.AtMoment(
                  Optional.empty(), LocalDate.now(clock).plusDays(7).atTime(23, 59)));
    };
  }

  /** A page with nothing but a new nod of a kind in its usual spot, to see what it would show. */
  public Arrangement trial(String kind, PageKind page) {
    NodKind wanted =
        NodKind.parse(kind).orElseThrow(() -> Refusal.value("trial", "is no kind of nod"));
    Nod nod = fresh(new NodId("trial"), wanted, usual(wanted, page), page);
    Draft draft = store.draft();
    return new Arrangement(
        NodStore.DRAFT,
        Optional.empty(),
        Optional.empty(),
        List.of(nod),
        List.of(),
        "",
        draft.kit(),
        draft.delivery());
  }

  private static Spot usual(NodKind kind, PageKind page) {
    boolean isProduct = page == PageKind.PRODUCT;
    return new Spot(
        switch (kind) {
          case STAR_LINE -> isProduct ? "under-title" : "listing-card";
          case REVIEW_WALL -> isProduct ? "page-end" : "listing-card";
          case REVIEW_TAB -> isProduct ? "screen-edge" : "listing-card";
          case PICKED_QUOTES -> isProduct ? "under-picture" : "listing-card";
          case TRUST_BADGES -> isProduct ? "under-buy" : "page-end";
          case VISITOR_COUNT, RECENT_ORDERS -> isProduct ? "under-buy" : "listing-card";
          case DELIVERY_PROMISE ->
              switch (page) {
                case PRODUCT -> "under-buy";
                case BASKET -> "basket-end";
                case CONFIRMATION -> "order-end";
                case LISTING, HOME -> "listing-card";
              };
          case STOCK_LINE -> isProduct ? "above-buy" : "listing-card";
          case COUNTDOWN -> isProduct ? "above-buy" : "listing-card";
          case PRICE_DROP_LABEL,
              BESTSELLER_LABEL,
              NEW_LABEL,
              LOW_STOCK_LABEL,
              SOLD_OUT_LABEL,
              BACK_ON_LABEL,
              OWN_LABEL ->
              "on-picture";
        });
  }

  /** An id that no nod has, here or in what is published. */
  private NodId freeId(String base) {
    var taken =
        store.draft().nods().stream().map(nod -> nod.id().value()).collect(Collectors.toSet());
    published.nods().forEach(nod -> taken.add(nod.id().value()));
    int number = 2;
    while (taken.contains(base + "-" + number)) {
      number++;
    }
    return new NodId(base + "-" + number);
  }

  /** Puts the draft back as it was before a step; only the newest can be taken back. */
  void takeBack(long step) {
    if (!store.takeBack(step)) {
      throw new Refusal(
          HttpStatus.CONFLICT,
          "Something else was changed after that. Take that back first, or go back to a version.");
    }
  }

  /** What cannot be said yet, and so keeps the draft from being published. */
  List<String> unsayable() {
    return store.draft().nods().stream()
        .flatMap(
            nod ->
                sayable.problems(nod).stream()
                    .map(
                        problem ->
                            Changes.name(nod)
                                + " puts in {"
                                + problem.value()
                                + "} in "
                                + java.util.Locale.of(problem.language())
                                    .getDisplayLanguage(java.util.Locale.ENGLISH)
                                + ", and there is no such value"))
        .toList();
  }

  /** Makes the draft what shoppers get; its version. */
  public synchronized int publish(String who, String note) {
    List<String> unsayable = unsayable();
    if (!unsayable.isEmpty()) {
      throw Refusal.unusable("This cannot be published yet: " + String.join("; ", unsayable) + ".");
    }
    Instant now = clock.instant();
    int version = versions.publish(who, note, now);
    published = versions.latest();
    events.publishEvent(new ArrangementPublished(version));
    return version;
  }

  /** Makes an earlier version what shoppers get again, as a new version; the draft becomes it. */
  int goBack(int version, String who) {
    Arrangement wanted = version(version);
    change("Went back to version " + version, who, _ -> Draft.of(wanted));
    return publish(who, "as version " + version);
  }

  /** What a new shop begins with: stars where products are named, reviews at a page's end. */
  private static List<Nod> first() {
    return List.of(
        new StarLine(
            new NodId("stars-product"),
            new Placement(
                new Spot("under-title"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true)),
        new StarLine(
            new NodId("stars-card"),
            new Placement(
                new Spot("listing-card"),
                EnumSet.of(PageKind.LISTING, PageKind.HOME),
                Condition.everyone(),
                true)),
        new ReviewWall(
            new NodId("reviews"),
            new Placement(
                new Spot("page-end"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
            WALL_PAGE));
  }
}
