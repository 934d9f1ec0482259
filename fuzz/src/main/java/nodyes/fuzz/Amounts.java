package nodyes.fuzz;

import com.code_intelligence.jazzer.api.FuzzedDataProvider;
import java.math.BigDecimal;
import java.util.Optional;
import nodyes.core.imports.AmountParser;
import nodyes.core.imports.DoubleEncoding;

/** Amounts of money of files, and text that was encoded twice. */
public final class Amounts {
  private static final int MOST_DIGITS = 4;
  private static final int THOUSANDS = 3;

  private Amounts() {}

  /** Called with each input. */
  public static void fuzzerTestOneInput(FuzzedDataProvider data) {
    int fraction = data.consumeInt(0, MOST_DIGITS);
    String text = data.consumeRemainingAsString();
    Optional<String> digits = AmountParser.digits(text, fraction);
    digits.ifPresent(
        one -> {
          // throws where it is none
          var amount = new BigDecimal(one);
          Law.holds(
              // three digits may be thousands, which zeros in front had ruled out
              amount.scale() == THOUSANDS
                  || AmountParser.digits(amount.toPlainString(), fraction).isPresent(),
              "an amount that is read is one when it is written plainly");
        });
    AmountParser.otherCurrency(text, "EUR");
    String mended = DoubleEncoding.mended(text);
    Law.holds(mended.length() <= text.length(), "mending makes no text longer");
  }
}
