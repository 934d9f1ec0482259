package nodyes.core.evaluation;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Content;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import org.jspecify.annotations.Nullable;

/**
 * What a page comes to as time goes on: each verdict is held until its end, and only what ends is
 * asked again. An end may turn out to change nothing, as when a season begins whose timing is that
 * of the days before; so the ends that are told are those at which something differs.
 */
final class Course {
  /** So far ahead something is looked for that differs. */
  static final Duration FURTHEST = Duration.ofDays(400);

  /** So many ends are looked at; a page that has more within that span is asked again anyway. */
  private static final int MOST_ENDS = 4000;

  /** What is compared of a page, besides when it ends. */
  private record State(List<Page.Placed> placed) {
    boolean showsAsIn(State other) {
      for (int i = 0; i < placed.size(); i++) {
        if (!Objects.equals(content(i), other.content(i))) {
          return false;
        }
      }
      return true;
    }

    boolean isAsIn(State other) {
      for (int i = 0; i < placed.size(); i++) {
        Verdict verdict = placed.get(i).verdict();
        if (!verdict.because().equals(other.placed.get(i).verdict().because())) {
          return false;
        }
      }
      return showsAsIn(other);
    }

    private @Nullable Content content(int i) {
      return placed.get(i).verdict() instanceof Verdict.Shown shown ? shown.content() : null;
    }
  }

  private final List<Nod> nods;
  private final Facts facts;
  private final Viewpoint viewpoint;
  private final Verdict[] held;

  Course(List<Nod> nods, Facts facts, Viewpoint viewpoint) {
    this.nods = nods;
    this.facts = facts;
    this.viewpoint = viewpoint;
    this.held = new Verdict[nods.size() * viewpoint.products().size()];
    ask(viewpoint, Optional.empty());
  }

  /** Asks again what ends at an instant, or all. */
  private void ask(Viewpoint now, Optional<Instant> ended) {
    Map<Slug, Optional<NodEvaluator.Looked>> looks = new HashMap<>();
    int i = 0;
    for (Nod nod : nods) {
      for (Slug product : now.products()) {
        if (ended.isEmpty() || held[i].validUntil().end().equals(ended)) {
          held[i] =
              NodEvaluator.of(
                  nod,
                  product,
                  looks.computeIfAbsent(product, one -> NodEvaluator.Looked.at(one, facts, now)),
                  now);
        }
        i++;
      }
    }
  }

  /** What is held, in the owner's order; of labels on one picture so many as each allows. */
  List<Page.Placed> placed() {
    var placed = new ArrayList<Page.Placed>(held.length);
    var pictures = new HashMap<Slug, OnPicture>();
    int i = 0;
    for (Nod nod : nods) {
      for (Slug product : viewpoint.products()) {
        Verdict verdict = held[i++];
        if (nod instanceof Label label && label.placement().spot().isOnPicture()) {
          verdict = pictures.computeIfAbsent(product, _ -> new OnPicture()).place(label, verdict);
        }
        placed.add(new Page.Placed(nod, product, verdict));
      }
    }
    return placed;
  }

  private Optional<Instant> nextEnd() {
    ValidUntil until = ValidUntil.NEVER_ENDS;
    for (Verdict verdict : held) {
      until = until.and(verdict.validUntil());
    }
    return until.end();
  }

  /**
   * The first instants at which something differs.
   *
   * @param reasons at which what shows or why differs
   * @param shown at which what shows differs
   */
  record Ends(ValidUntil reasons, ValidUntil shown) {}

  /** Goes on until what shows differs, and no further than an instant. */
  Ends ends(List<Page.Placed> placed, Instant furthest) {
    var first = new State(placed);
    ValidUntil reasons = ValidUntil.NEVER_ENDS;
    for (int n = 0; n < MOST_ENDS; n++) {
      Instant end = nextEnd().orElse(null);
      if (end == null || end.isAfter(furthest)) {
        return new Ends(reasons, ValidUntil.NEVER_ENDS);
      }
      ask(viewpoint.at(end), Optional.of(end));
      var then = new State(placed());
      if (!then.showsAsIn(first)) {
        return new Ends(reasons.and(ValidUntil.before(end)), ValidUntil.before(end));
      }
      if (reasons.end().isEmpty() && !then.isAsIn(first)) {
        reasons = ValidUntil.before(end);
      }
    }
    ValidUntil asked = new ValidUntil(nextEnd());
    return new Ends(reasons.and(asked), asked);
  }

  /** The labels on one picture, in the owner's order: so many as each of them allows. */
  private static final class OnPicture {
    private int shown;
    private ValidUntil until = ValidUntil.NEVER_ENDS;

    Verdict place(Label label, Verdict verdict) {
      Verdict placed =
          verdict instanceof Verdict.Shown one && shown >= label.onPicture()
              ? LabelEvaluator.crowdedOut(label, one, shown, until)
              : verdict;
      if (placed instanceof Verdict.Shown) {
        shown++;
      }
      until = until.and(verdict.validUntil());
      return placed;
    }
  }
}
