package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.messages.Written;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The nods that the owner set: one draft, and the versions that were published. */
@Component
public class Nods {
  private static final int DELIVERIES_LOOKED_AT = 200;
  private static final String SYSTEM = "Nod Yes";

  private final NodStore store;
  private final VersionStore versions;
  private final HalfMadeStore halfMade;
  private final TextTemplateValidator sayable;
  private final ShopClock clock;
  private final ApplicationEventPublisher events;
  private final Derived<NodLayout> published;

  Nods(
      NodStore store,
      VersionStore versions,
      HalfMadeStore halfMade,
      TextTemplateValidator sayable,
      ShopClock clock,
      Database database,
      ApplicationEventPublisher events) {
    this.store = store;
    this.versions = versions;
    this.halfMade = halfMade;
    this.sayable = sayable;
    this.clock = clock;
    this.events = events;
    if (store.draft().nods().isEmpty() && versions.latest().version() == 0) {
      change(() -> text("steps.start"), SYSTEM, draft -> with(draft, NodDefaults.first()));
      store.forgetSteps();
    }
    this.published = database.derive(versions::latest, Topic.PUBLISHED_LAYOUT);
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
    change(() -> text("steps.placed", "count", nods.size()), who, draft -> with(draft, nods));
  }

  /** What shoppers get. */
  public NodLayout published() {
    return published.get();
  }

  /** What the owner is working on; what cannot be said yet is said as it was published. */
  public NodLayout draft() {
    Draft draft = store.draft();
    Draft before = Draft.of(published());
    return new NodLayout(
        NodStore.DRAFT,
        Optional.empty(),
        Optional.empty(),
        draft.nods().stream().map(nod -> sayable.good(nod, before.find(nod.id()))).toList(),
        draft.spots(),
        "",
        draft.kit(),
        draft.delivery(),
        draft.pages());
  }

  /** A version, or the draft under 0. */
  public NodLayout version(int version) {
    return version == NodStore.DRAFT
        ? draft()
        : versions
            .find(version)
            .orElseThrow(
                () -> ApiProblem.notFound(text("versions.noSuchVersion", "version", version)));
  }

  /**
   * The delivery rules that shoppers got, the newest first; as far back as matters for promises.
   */
  public List<PublishedDelivery> publishedDeliveries() {
    return versions.deliveries(DELIVERIES_LOOKED_AT);
  }

  Draft written() {
    return store.draft();
  }

  Map<NodId, Long> revisions() {
    return store.revisions();
  }

  Optional<DraftChange> newestStep() {
    return store.newest();
  }

  /** What publishing would change. */
  List<LayoutDiff.Change> unpublished() {
    return LayoutDiff.between(Draft.of(published()), store.draft());
  }

  /** Whether shoppers get a review wall on product pages at all. */
  public boolean showsReviews() {
    return published().nods().stream()
        .anyMatch(
            nod ->
                nod instanceof ReviewWall
                    && nod.placement().on()
                    && nod.placement().pages().contains(PageKind.PRODUCT));
  }

  /** Puts stars and a review wall on product pages, and publishes the draft with them. */
  public void showReviews(String who) {
    change(
        () -> text("steps.showReviews"),
        who,
        draft ->
            with(
                draft,
                NodDefaults.first().stream()
                    .map(nod -> draft.find(nod.id()).orElse(nod))
                    .map(nod -> nod.placed(nod.placement().switched(true)))
                    .toList()));
    publish(who, "");
  }

  /** Changes when orders leave and arrive in the draft. */
  public void changeDelivery(
      Supplier<String> message, String who, UnaryOperator<DeliverySettings> change) {
    change(message, who, draft -> draft.with(change.apply(draft.delivery())));
  }

  /**
   * Changes the draft; the step that can be undone.
   *
   * @param message what was done, said in the language of whoever reads it
   */
  DraftChange change(Supplier<String> message, String who, UnaryOperator<Draft> change) {
    return store.change((_, _) -> message.get(), who, clock.now(), change);
  }

  /**
   * Changes one nod; the step says what is different of it.
   *
   * @param revision as whoever changes it last saw it; empty where that does not matter
   * @throws Refusal with 409 where it was changed since
   */
  DraftChange change(NodId id, Optional<Long> revision, String who, UnaryOperator<Nod> change) {
    return store.change(
        (before, after) -> LayoutDiff.of(id, before, after),
        who,
        clock.now(),
        draft -> {
          Nod nod = draft.find(id).orElseThrow(Nods::unknown);
          if (revision.isPresent() && !revision.equals(Optional.ofNullable(revisions().get(id)))) {
            throw changedElsewhere();
          }
          return draft.with(change.apply(nod));
        });
  }

  static ApiProblem changedElsewhere() {
    return new ApiProblem(HttpStatus.CONFLICT, text("nods.changedElsewhere"));
  }

  static ApiProblem unknown() {
    return ApiProblem.notFound(text("nods.noSuchNod"));
  }

  /** Switches a nod of the draft on or off. */
  public Nod switchTo(NodId id, boolean on, String who) {
    change(id, Optional.empty(), who, nod -> nod.placed(nod.placement().switched(on)));
    return store.draft().find(id).orElseThrow(Nods::unknown);
  }

  /** A nod that was added, and the step that can be undone. */
  record Added(NodId id, DraftChange step) {}

  /**
   * Adds a nod. Ids are given out one after the other: two windows that add at once get two nods.
   *
   * @param key of the message that says so of the nod
   * @param making the nod under an id that is free
   * @param behind the nod that it stands behind; empty for the end
   */
  synchronized Added add(
      String key, NodKind kind, Function<NodId, Nod> making, Optional<NodId> behind, String who) {
    Nod nod = making.apply(freeId(kind.wireName()));
    DraftChange step =
        change(
            () -> text(key, "nod", NodNames.withSpot(nod)),
            who,
            draft -> behind.isPresent() ? draft.behind(behind, nod) : draft.with(nod));
    return new Added(nod.id(), step);
  }

  /** Puts a label that computes what an own one states in its place, and pauses that. */
  synchronized Added computed(Label own, NodKind kind, String who) {
    NodId id = freeId(kind.wireName());
    Nod nod =
        fresh(id, kind, own.placement().spot(), PageKind.PRODUCT)
            .placed(own.placement().switched(true));
    Nod paused = own.placed(own.placement().switched(false));
    DraftChange step =
        change(
            () -> text("steps.computed", "nod", NodNames.of(kind), "label", NodNames.withSpot(own)),
            who,
            draft -> draft.with(paused).behind(Optional.of(own.id()), nod));
    return new Added(id, step);
  }

  /** A new nod of a kind in a spot of a kind of page. */
  Nod fresh(NodId id, NodKind kind, Spot spot, PageKind page) {
    return NodDefaults.fresh(id, kind, spot, page, clock.today());
  }

  /** A page with nothing but a new nod of a kind in its usual spot, to see what it would show. */
  public NodLayout trial(String kind, PageKind page) {
    NodKind wanted =
        NodKind.parse(kind).orElseThrow(() -> ApiProblem.value("trial", text("nods.noSuchKind")));
    Nod nod =
        NodDefaults.fresh(
            new NodId("trial"), wanted, NodDefaults.usual(wanted, page), page, clock.today());
    Draft draft = store.draft();
    return new NodLayout(
        NodStore.DRAFT,
        Optional.empty(),
        Optional.empty(),
        List.of(nod),
        List.of(),
        "",
        draft.kit(),
        draft.delivery(),
        draft.pages());
  }

  /** An id that no nod has, here or in what is published. */
  private NodId freeId(String base) {
    NodId free = numbered(base);
    halfMade.forget(free); // of one that had this id before
    return free;
  }

  private NodId numbered(String base) {
    var taken =
        store.draft().nods().stream().map(nod -> nod.id().value()).collect(Collectors.toSet());
    published().nods().forEach(nod -> taken.add(nod.id().value()));
    int number = 2;
    while (taken.contains(base + "-" + number)) {
      number++;
    }
    return new NodId(base + "-" + number);
  }

  /** Puts the draft back as it was before a step; only the newest can be undone. */
  void takeBack(long step) {
    if (!store.takeBack(step)) {
      throw new ApiProblem(HttpStatus.CONFLICT, text("versions.otherChangesAfter"));
    }
  }

  /** What is incomplete or cannot be said yet, and so keeps the draft from being published. */
  List<String> unsayable() {
    Draft draft = store.draft();
    var waiting = new ArrayList<>(HalfMadeNods.waiting(draft, halfMade.all()));
    draft.nods().stream()
        .flatMap(nod -> sayable.problems(nod).stream().map(problem -> unsayable(nod, problem)))
        .forEach(waiting::add);
    return waiting;
  }

  private static String unsayable(Nod nod, NodSettingsView.Unsayable problem) {
    return text(
        "nods.noSuchValue",
        "language",
        Written.language(problem.language()),
        "nod",
        NodNames.withSpot(nod),
        "value",
        problem.value());
  }

  /** Makes the draft what shoppers get; its version. */
  public synchronized int publish(String who, String note) {
    List<String> unsayable = unsayable();
    if (!unsayable.isEmpty()) {
      throw ApiProblem.unusable(text("versions.notPublished", "why", String.join(" ", unsayable)));
    }
    Instant now = clock.now();
    int version = versions.publish(who, note, now);
    store.forgetSteps();
    events.publishEvent(new NodLayoutPublished(version));
    return version;
  }

  /** What was undone last and can be redone. */
  Optional<DraftChange> newestUndone() {
    return store.newestUndone();
  }

  /** Redoes what was undone last. */
  DraftChange doAgain() {
    return store
        .doAgain()
        .orElseThrow(() -> new ApiProblem(HttpStatus.CONFLICT, text("versions.nothingToRedo")));
  }
}
