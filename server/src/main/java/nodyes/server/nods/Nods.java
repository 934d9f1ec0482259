package nodyes.server.nods;

import java.time.Clock;
import java.util.EnumSet;
import java.util.List;
import nodyes.core.audience.Condition;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.server.web.Refusal;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** The nods that the owner set: one draft, and the versions that were published. */
@Component
public class Nods {
  private static final int WALL_PAGE = 6;

  private final NodStore store;
  private final Clock clock;
  private final ApplicationEventPublisher events;
  private volatile Arrangement published;

  Nods(NodStore store, Clock clock, ApplicationEventPublisher events) {
    this.store = store;
    this.clock = clock;
    this.events = events;
    if (store.draft().nods().isEmpty() && store.latest().version() == 0) {
      first().forEach(store::saveDraft);
    }
    this.published = store.latest();
  }

  /** What shoppers get. */
  public Arrangement published() {
    return published;
  }

  /** What the owner is working on. */
  public Arrangement draft() {
    return store.draft();
  }

  /** What publishing would change, in words. */
  public List<String> unpublished() {
    return Changes.between(published, draft());
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
    List<Nod> draft = draft().nods();
    for (Nod nod : first()) {
      Nod placed = draft.stream().filter(one -> one.id().equals(nod.id())).findFirst().orElse(nod);
      if (!placed.placement().on() || !draft.contains(placed)) {
        store.saveDraft(placed.placed(placed.placement().switched(true)));
      }
    }
    publish(who);
  }

  /** Switches a nod of the draft on or off. */
  public Nod switchTo(NodId id, boolean on) {
    Nod nod =
        draft().nods().stream()
            .filter(candidate -> candidate.id().equals(id))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("There is no such nod."));
    Nod changed = nod.placed(nod.placement().switched(on));
    store.saveDraft(changed);
    return changed;
  }

  /** Names a place on the owner's pages, in the draft. */
  public void point(PointedSpot spot) {
    store.saveDraft(spot);
  }

  /** Makes the draft what shoppers get; its version. */
  public synchronized int publish(String who) {
    int version = store.publish(who, clock.instant());
    published = store.latest();
    events.publishEvent(new ArrangementPublished(version));
    return version;
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
