package nodyes.core.showing;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.StockLine;

/** What stock lines have to show: the stock as the shop told it, never another number. */
final class StockParts {
  private StockParts() {}

  static Showing.Part of(StockLine line, Offered offered) {
    Figure wanted = new Figure.CountRange(Optional.of(1L), Optional.of((long) line.atMost()));
    Optional<LocalDate> moreOn = offered.backOn().filter(offered.today()::isBefore);
    return new Showing.Part(
        List.of(finding(line, offered, wanted)),
        () ->
            offered
                .stock()
                .value()
                .map(
                    left ->
                        new StockLine.Content(
                            left, offered.delivered().filter(all -> all >= left), moreOn)),
        ValidUntil.NEVER_ENDS,
        moreOn.map(day -> ValidUntil.before(offered.startOf(day))).orElse(ValidUntil.NEVER_ENDS),
        List.of());
  }

  private static Finding finding(StockLine line, Offered offered, Figure wanted) {
    if (offered.isMadeToOrder()) {
      return Finding.of(FactName.STOCK, new Figure.Names(List.of("made to order")), wanted, false);
    }
    return offered
        .stock()
        .value()
        .map(
            left ->
                Finding.of(
                    FactName.STOCK,
                    new Figure.Count(left),
                    wanted,
                    left >= 1 && left <= line.atMost()))
        .orElseGet(() -> Finding.unknown(FactName.STOCK, wanted));
  }
}
