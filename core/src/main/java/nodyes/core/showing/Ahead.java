package nodyes.core.showing;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;

/**
 * The next points in time at which pages change by themselves, over all products and with the same
 * facts, for a shopper of whom nothing is known.
 *
 * @param moments in order of time
 * @param isCut whether there are more within the span
 */
public record Ahead(List<Moment> moments, boolean isCut) {
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
  public record Change(NodId nod, Moments.What what, List<Slug> products) {
    /** Keeps the products unchangeable. */
    public Change {
      products = List.copyOf(products);
    }
  }

  /** A point in time, and all that changes then. */
  public record Moment(Instant at, List<Change> changes) {
    /** Keeps the changes unchangeable. */
    public Moment {
      changes = List.copyOf(changes);
    }
  }

  /** Keeps the moments unchangeable. */
  public Ahead {
    moments = List.copyOf(moments);
  }

  private record Told(NodId nod, Moments.What what) {}

  /** A verdict that holds until an end. */
  private record Held(Nod nod, Slug product, Verdict verdict, Instant end) {}

  /** What is held of all that is looked at, the earliest end first. */
  private record Look(Facts facts, PriorityQueue<Held> held) {
    Verdict at(Nod nod, Slug product, Instant moment) {
      Verdict verdict =
          Showing.of(nod, product, facts, Viewpoint.anyone(nod.placement(), product, moment));
      verdict.validUntil().end().ifPresent(end -> held.add(new Held(nod, product, verdict, end)));
      return verdict;
    }

    /** Whether one of them ends just then. */
    boolean endsAt(Instant at) {
      return !held.isEmpty() && held.element().end().equals(at);
    }
  }

  /**
   * Looks at each nod for each product, and again at the end of each answer: what holds on is not
   * asked again.
   *
   * @param nods those that are off are left out
   * @param most how many moments are told
   */
  public static Ahead of(List<Nod> nods, Facts facts, Instant now, int most) {
    var look = new Look(facts, new PriorityQueue<>(Comparator.comparing(Held::end)));
    for (Nod nod : nods) {
      if (nod.placement().on()) {
        facts.products().keySet().forEach(product -> look.at(nod, product, now));
      }
    }
    Instant last = now.plus(SPAN);
    var moments = new ArrayList<Moment>();
    int ends = 0;
    while (!look.held().isEmpty() && !look.held().element().end().isAfter(last)) {
      if (moments.size() == most || ends > MOST_ENDS) {
        return new Ahead(moments, true);
      }
      Instant at = look.held().element().end();
      var changes = new HashMap<Told, List<Slug>>();
      while (look.endsAt(at)) {
        ends++;
        again(look, changes);
      }
      if (!changes.isEmpty()) {
        moments.add(new Moment(at, inOrder(nods, changes)));
      }
    }
    return new Ahead(moments, false);
  }

  /** Asks the first that ends once more, and notes what becomes of it. */
  private static void again(Look look, Map<Told, List<Slug>> changes) {
    Held over = look.held().remove();
    Verdict verdict = look.at(over.nod(), over.product(), over.end());
    Moments.What what = Moments.what(over.verdict(), verdict);
    if (what != null) {
      changes
          .computeIfAbsent(new Told(over.nod().id(), what), _ -> new ArrayList<>())
          .add(over.product());
    }
  }

  /** In the owner's order. */
  private static List<Change> inOrder(List<Nod> nods, Map<Told, List<Slug>> changes) {
    var all = new ArrayList<Change>();
    for (Nod nod : nods) {
      for (Moments.What what : Moments.What.values()) {
        List<Slug> products = changes.get(new Told(nod.id(), what));
        if (products != null) {
          all.add(new Change(nod.id(), what, products));
        }
      }
    }
    return all;
  }
}
