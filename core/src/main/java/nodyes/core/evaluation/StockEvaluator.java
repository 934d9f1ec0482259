package nodyes.core.evaluation;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.StockLine;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What stock lines have to show: the stock as the shop told it, never another number. */
final class StockEvaluator {
  private StockEvaluator() {}

  static NodEvaluator.Part of(StockLine line, OfferedProduct offered) {
    FactValue wanted = new FactValue.CountRange(Optional.of(1L), Optional.of((long) line.atMost()));
    Optional<LocalDate> moreOn = offered.backOn().filter(offered.today()::isBefore);
    return new NodEvaluator.Part(
        List.of(finding(line, offered, wanted)),
        () ->
            offered
                .stock()
                .value()
                .map(
                    left ->
                        new StockLine.StockLineContent(
                            left, offered.delivered().filter(all -> all >= left), moreOn)),
        ValidUntil.NEVER_ENDS,
        moreOn.map(day -> ValidUntil.before(offered.startOf(day))).orElse(ValidUntil.NEVER_ENDS),
        List.of());
  }

  private static Finding finding(StockLine line, OfferedProduct offered, FactValue wanted) {
    if (offered.isMadeToOrder()) {
      return Finding.of(
          FactName.STOCK, new FactValue.NameList(List.of("made to order")), wanted, false);
    }
    return offered
        .stock()
        .value()
        .map(
            left ->
                Finding.of(
                    FactName.STOCK,
                    new FactValue.Count(left),
                    wanted,
                    left >= 1 && left <= line.atMost()))
        .orElseGet(() -> Finding.unknown(FactName.STOCK, wanted));
  }
}
