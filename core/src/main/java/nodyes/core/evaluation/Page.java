package nodyes.core.evaluation;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;

/**
 * A composed page. Both ends are tight: what they speak of differs at them, as far as 400 days
 * ahead.
 *
 * @param placed every nod with each product of the page and its verdict, by spot and then in the
 *     owner's order
 * @param validUntil the first instant at which what shows or why it does or does not differs: the
 *     owner's
 * @param shownUntil the first instant at which what shows differs: the shoppers'
 */
public record Page(List<Placed> placed, ValidUntil validUntil, ValidUntil shownUntil) {
  /** A nod, a product of the page, and the verdict for the two. */
  public record Placed(Nod nod, Slug product, Verdict verdict) {
    /**
     * The same with the end at which this nod's own answer differs. One that other labels crowd out
     * keeps the end that they give it.
     */
    public Placed tight(Facts facts, Viewpoint viewpoint) {
      Page alone = compose(List.of(nod), facts, viewpoint.of(product));
      Verdict own = alone.placed().getFirst().verdict();
      ValidUntil until = alone.validUntil();
      return !own.because().equals(verdict.because())
          ? this
          : new Placed(
              nod,
              product,
              switch (verdict) {
                case Verdict.Shown shown ->
                    new Verdict.Shown(shown.content(), shown.because(), until);
                case Verdict.Withheld withheld -> new Verdict.Withheld(withheld.because(), until);
              });
    }
  }

  /**
   * Composes a page.
   *
   * @param nods in the owner's order
   * @param facts what is so
   * @param viewpoint who looks at which page when; without products the page is empty
   */
  public static Page compose(List<Nod> nods, Facts facts, Viewpoint viewpoint) {
    return compose(nods, facts, viewpoint, viewpoint.moment().plus(Course.FURTHEST));
  }

  /**
   * What all nods come to with each product, in the owner's order, where it is not asked until when
   * the page stays so: for many products that is much less work.
   */
  public static List<Placed> placed(List<Nod> nods, Facts facts, Viewpoint viewpoint) {
    return new Course(nods, facts, viewpoint).placed();
  }

  /** The same as a page, with its ends looked for no further than an instant. */
  static Page compose(List<Nod> nods, Facts facts, Viewpoint viewpoint, Instant furthest) {
    var course = new Course(nods, facts, viewpoint);
    List<Placed> placed = course.placed();
    Course.Ends ends = course.ends(placed, furthest);
    return new Page(
        placed.stream()
            .sorted(Comparator.comparingInt(part -> part.nod().placement().spot().order()))
            .toList(),
        ends.reasons(),
        ends.shown());
  }
}
