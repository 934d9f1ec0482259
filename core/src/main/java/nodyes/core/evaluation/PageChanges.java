package nodyes.core.evaluation;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import org.jspecify.annotations.Nullable;

/**
 * The next points in time at which a page changes by itself, with the same facts.
 *
 * @param moments in order of time; changes that coincide are one moment
 * @param isCut whether there are more within the span
 */
public record PageChanges(List<Moment> moments, boolean isCut) {
  /** How far they are looked for. */
  public static final Duration SPAN = Duration.ofDays(60);

  /** Most moments that are told. */
  public static final int MOST = 50;

  /** What becomes of a nod. */
  public enum What {
    /** It shows from then on. */
    APPEARS,
    /** It shows no longer. */
    GOES,
    /** It shows something else. */
    CHANGES
  }

  /** What becomes of a nod for one product. */
  public record Change(NodId nod, Slug product, What what) {}

  /** A point in time, and all that changes then. */
  public record Moment(Instant instant, List<Change> changes) {
    /** Keeps the changes unchangeable. */
    public Moment {
      changes = List.copyOf(changes);
    }
  }

  /** Keeps the moments unchangeable. */
  public PageChanges {
    moments = List.copyOf(moments);
  }

  /** Asks again each time that what the page shows differs, from the viewpoint's moment on. */
  public static PageChanges of(List<Nod> nods, Facts facts, Viewpoint viewpoint) {
    Instant last = viewpoint.moment().plus(SPAN);
    var moments = new ArrayList<Moment>();
    Page page = Page.compose(nods, facts, viewpoint, last);
    while (true) {
      Instant end = page.shownUntil().end().orElse(null);
      if (end == null || end.isAfter(last)) {
        return new PageChanges(moments, false);
      }
      if (moments.size() == MOST) {
        return new PageChanges(moments, true);
      }
      Page next = Page.compose(nods, facts, viewpoint.at(end), last);
      moments.add(new Moment(end, changes(page, next)));
      page = next;
    }
  }

  /** What becomes of the nods of a page. */
  static List<Change> changes(Page before, Page after) {
    var changes = new ArrayList<Change>();
    for (int i = 0; i < before.placed().size(); i++) {
      Page.Placed one = before.placed().get(i);
      What what = what(one.verdict(), after.placed().get(i).verdict());
      if (what != null) {
        changes.add(new Change(one.nod().id(), one.product(), what));
      }
    }
    return changes;
  }

  private static @Nullable What what(Verdict before, Verdict after) {
    return switch (before) {
      case Verdict.Withheld _ -> after instanceof Verdict.Shown ? What.APPEARS : null;
      case Verdict.Shown(var shown, _, _) ->
          switch (after) {
            case Verdict.Withheld _ -> What.GOES;
            case Verdict.Shown(var other, _, _) -> shown.equals(other) ? null : What.CHANGES;
          };
    };
  }
}
