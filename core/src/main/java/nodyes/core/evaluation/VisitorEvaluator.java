package nodyes.core.evaluation;

import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.VisitorCount;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What visitor counts have to show. */
final class VisitorEvaluator {
  private VisitorEvaluator() {}

  static NodEvaluator.Part of(VisitorCount count, ProductFacts product, VisitorFacts seen) {
    return new NodEvaluator.Part(
        finding(count, product, seen),
        () -> Optional.of(new VisitorCount.VisitorCountContent(count.window(), count.quietUnder())),
        ValidUntil.NEVER_ENDS);
  }

  private static Finding finding(VisitorCount count, ProductFacts product, VisitorFacts seen) {
    FactValue wanted =
        new FactValue.CountRange(Optional.of((long) count.quietUnder()), Optional.empty());
    return seen.of(product.id(), count.window())
        .map(
            counted ->
                Finding.of(
                    FactName.VISITORS,
                    new FactValue.Visitors(
                        counted.number(), count.window(), seen.isAny(product.id())),
                    wanted,
                    counted.number() >= count.quietUnder()))
        .orElseGet(
            // the page itself asks for the number, and stays silent where it is too small
            () -> Finding.of(FactName.VISITORS, new FactValue.Unknown(), wanted, true));
  }
}
