package nodyes.core.showing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;

/**
 * A composed page.
 *
 * @param placed every nod with each product of the page and its verdict, by spot and then in the
 *     owner's order
 * @param validUntil the least of its parts' ends
 */
public record Page(List<Placed> placed, ValidUntil validUntil) {
  /** A nod, a product of the page, and the verdict for the two. */
  public record Placed(Nod nod, Slug product, Verdict verdict) {}

  /**
   * Composes a page.
   *
   * @param nods in the owner's order
   * @param facts what is so
   * @param viewpoint who looks at which page when; without products the page is empty
   */
  public static Page compose(List<Nod> nods, Facts facts, Viewpoint viewpoint) {
    var placed = new ArrayList<Placed>();
    var pictures = new HashMap<Slug, OnPicture>();
    var looks = new HashMap<Slug, Optional<Showing.Looked>>();
    for (Slug product : viewpoint.products()) {
      looks.put(product, Showing.Looked.at(product, facts, viewpoint));
    }
    for (Nod nod : nods) {
      for (Slug product : viewpoint.products()) {
        Verdict verdict =
            Showing.of(nod, product, looks.getOrDefault(product, Optional.empty()), viewpoint);
        if (nod instanceof Label label && label.placement().spot().isOnPicture()) {
          verdict = pictures.computeIfAbsent(product, _ -> new OnPicture()).place(label, verdict);
        }
        placed.add(new Placed(nod, product, verdict));
      }
    }
    placed.sort(Comparator.comparingInt(part -> part.nod().placement().spot().order()));
    ValidUntil until = ValidUntil.NEVER_ENDS;
    for (Placed part : placed) {
      until = until.and(part.verdict().validUntil());
    }
    return new Page(List.copyOf(placed), until);
  }

  /** The labels on one picture, in the owner's order: so many as each of them allows. */
  private static final class OnPicture {
    private int shown;
    private ValidUntil until = ValidUntil.NEVER_ENDS;

    Verdict place(Label label, Verdict verdict) {
      Verdict placed =
          verdict instanceof Verdict.Shown one && shown >= label.onPicture()
              ? LabelParts.crowdedOut(label, one, shown, until)
              : verdict;
      if (placed instanceof Verdict.Shown) {
        shown++;
      }
      until = until.and(verdict.validUntil());
      return placed;
    }
  }
}
