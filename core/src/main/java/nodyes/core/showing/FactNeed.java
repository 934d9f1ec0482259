package nodyes.core.showing;

import java.util.Collection;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;

/**
 * What must be loaded to answer for some nods, so that nothing else is.
 *
 * @param newestReviews how many of a product's newest published reviews
 */
public record FactNeed(int newestReviews) {
  /** What the nods need that are on and meant for that kind of page. */
  public static FactNeed of(Collection<Nod> nods, PageKind page) {
    return new FactNeed(
        nods.stream()
            .filter(nod -> nod.placement().on() && nod.placement().pages().contains(page))
            .mapToInt(
                nod ->
                    switch (nod) {
                      case StarLine _ -> 0;
                      case ReviewWall wall -> wall.perPage();
                    })
            .max()
            .orElse(0));
  }
}
