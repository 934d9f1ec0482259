package nodyes.core.evaluation;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;

/**
 * The next points in time at which pages change by themselves, over all products and with the same
 * facts, for a shopper of whom nothing is known.
 *
 * @param moments in order of time
 * @param isCut whether there are more within the span
 */
public record UpcomingChanges(List<Moment> moments, boolean isCut) {
  /** How far they are looked for. */
  public static final Duration SPAN = Duration.ofDays(30);

  /** Most ends that are looked at: an end may change findings alone, which nobody sees. */
  private static final int MOST_ENDS = 100_000;

  /**
   * What becomes of a nod at a moment.
   *
   * @param nod its id
   * @param what what becomes of it
   * @param products for which products
   */
  public record Change(NodId nod, PageChanges.What what, List<Slug> products) {
    /** Keeps the products unchangeable. */
    public Change {
      products = List.copyOf(products);
    }
  }

  /** A point in time, and all that changes then. */
  public record Moment(Instant instant, List<Change> changes) {
    /** Keeps the changes unchangeable. */
    public Moment {
      changes = List.copyOf(changes);
    }
  }

  /** Keeps the moments unchangeable. */
  public UpcomingChanges {
    moments = List.copyOf(moments);
  }

  private record Told(NodId nod, PageChanges.What what) {}

  /**
   * Nods that are decided together.
   *
   * @param notified those of them that are told of here, and not by another page
   */
  private record Together(PageKind page, List<Nod> nods, Set<NodId> notified) {}

  /** What they come to on the page of a product, until an end. */
  private record Held(Together together, Slug product, Page page, Instant end) {}

  /** What is held of all that is looked at, the earliest end first. */
  private record Look(Facts facts, Instant last, PriorityQueue<Held> held) {
    Page at(Together together, Slug product, Instant moment) {
      Viewpoint anyone = Viewpoint.anyone(together.page(), product, moment);
      Page page = Page.compose(together.nods(), facts, anyone, last);
      page.shownUntil().end().ifPresent(end -> held.add(new Held(together, product, page, end)));
      return page;
    }

    /** Whether one of them ends just then. */
    boolean endsAt(Instant at) {
      return !held.isEmpty() && held.element().end().equals(at);
    }
  }

  /** Each by itself, but labels on one picture, of which one may crowd out another. */
  private static List<Together> together(List<Nod> nods) {
    var all = new ArrayList<Together>();
    var labels = new ArrayList<Nod>();
    for (Nod nod : nods) {
      if (nod.placement().on() && nod.placement().spot().isOnPicture()) {
        labels.add(nod);
      } else if (nod.placement().on()) {
        all.add(new Together(firstPage(nod), List.of(nod), Set.of(nod.id())));
      }
    }
    for (PageKind page : PageKind.values()) {
      Set<NodId> told =
          labels.stream()
              .filter(label -> firstPage(label) == page)
              .map(Nod::id)
              .collect(Collectors.toSet());
      if (!told.isEmpty()) {
        all.add(new Together(page, labels, told));
      }
    }
    return all;
  }

  private static PageKind firstPage(Nod nod) {
    return Viewpoint.firstPage(nod.placement());
  }

  /**
   * Looks at each nod for each product, and again at the end of each answer: what holds on is not
   * asked again.
   *
   * @param nods in the owner's order; those that are off are left out
   * @param most how many moments are told
   */
  public static UpcomingChanges of(List<Nod> nods, Facts facts, Instant now, int most) {
    Instant last = now.plus(SPAN);
    Facts known = facts.with(facts.delivery().keeping());
    var look = new Look(known, last, new PriorityQueue<>(Comparator.comparing(Held::end)));
    for (Together together : together(nods)) {
      known.products().keySet().forEach(product -> look.at(together, product, now));
    }
    var moments = new ArrayList<Moment>();
    int ends = 0;
    while (!look.held().isEmpty() && !look.held().element().end().isAfter(last)) {
      if (moments.size() == most || ends > MOST_ENDS) {
        return new UpcomingChanges(moments, true);
      }
      Instant at = look.held().element().end();
      var changes = new HashMap<Told, List<Slug>>();
      for (; look.endsAt(at); ends++) {
        again(look, changes);
      }
      if (!changes.isEmpty()) {
        moments.add(new Moment(at, inOrder(nods, changes)));
      }
    }
    return new UpcomingChanges(moments, false);
  }

  /** Asks what ends first once more, and notes what becomes of it. */
  private static void again(Look look, Map<Told, List<Slug>> changes) {
    Held over = look.held().remove();
    Page page = look.at(over.together(), over.product(), over.end());
    for (PageChanges.Change one : PageChanges.changes(over.page(), page)) {
      if (over.together().notified().contains(one.nod())) {
        changes
            .computeIfAbsent(new Told(one.nod(), one.what()), _ -> new ArrayList<>())
            .add(one.product());
      }
    }
  }

  /** In the owner's order. */
  private static List<Change> inOrder(List<Nod> nods, Map<Told, List<Slug>> changes) {
    var all = new ArrayList<Change>();
    for (Nod nod : nods) {
      for (PageChanges.What what : PageChanges.What.values()) {
        List<Slug> products = changes.get(new Told(nod.id(), what));
        if (products != null) {
          all.add(new Change(nod.id(), what, products));
        }
      }
    }
    return all;
  }
}
