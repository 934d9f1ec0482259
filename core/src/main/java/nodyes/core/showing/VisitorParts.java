package nodyes.core.showing;

import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.VisitorCount;

/** What visitor counts have to show. */
final class VisitorParts {
  private VisitorParts() {}

  static Showing.Part of(VisitorCount count, ProductFacts product, Seen seen) {
    return new Showing.Part(
        finding(count, product, seen),
        () -> Optional.of(new VisitorCount.Content(count.window(), count.quietUnder())),
        ValidUntil.NEVER_ENDS);
  }

  private static Finding finding(VisitorCount count, ProductFacts product, Seen seen) {
    Figure wanted = new Figure.CountRange(Optional.of((long) count.quietUnder()), Optional.empty());
    return seen.of(product.id(), count.window())
        .map(
            counted ->
                Finding.of(
                    FactName.VISITORS,
                    new Figure.Visitors(counted.number(), count.window(), seen.isAny(product.id())),
                    wanted,
                    counted.number() >= count.quietUnder()))
        .orElseGet(
            // the page itself asks for the number, and stays silent where it is too small
            () -> Finding.of(FactName.VISITORS, new Figure.Unknown(), wanted, true));
  }
}
