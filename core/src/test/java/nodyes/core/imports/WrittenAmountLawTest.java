package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.text.NumberFormat;
import com.ibm.icu.util.Currency;
import com.ibm.icu.util.ULocale;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Amounts as ICU4J writes them by CLDR, read back: the same amount, or none at all. */
public class WrittenAmountLawTest {
  private static final int TRIES = 400;
  private static final int TRIES_OF_A_PLACE = 4;

  @DataProvider
  public Object[][] currencies() {
    // digits of a fraction by ISO 4217
    return new Object[][] {{"EUR", 2, 0.75}, {"JPY", 0, 0.75}, {"KWD", 3, 0.7}, {"CHF", 2, 0.7}};
  }

  @Test(dataProvider = "currencies")
  public void noAmountIsReadAsAnother(String code, int digits, double least) {
    var random = new Random(code.hashCode());
    int read = 0;
    int all = 0;
    for (ULocale place : ULocale.getAvailableLocales()) {
      ULocale latin = place.setKeywordValue("numbers", "latn");
      NumberFormat format = NumberFormat.getCurrencyInstance(latin);
      format.setCurrency(Currency.getInstance(code));
      for (int i = 0; i < TRIES_OF_A_PLACE; i++) {
        BigDecimal amount = BigDecimal.valueOf(random.nextLong(1, 100_000_000), digits);
        String written = format.format(amount);
        Optional<String> found = AmountParser.digits(written, digits);
        found.ifPresent(
            text ->
                assertEquals(
                    new BigDecimal(text).compareTo(amount), 0, place + " writes " + written));
        all++;
        read += found.isPresent() ? 1 : 0;
      }
    }
    assertTrue(read >= least * all, read + " of " + all + " were read");
  }

  /** Numbers without a currency, as a spreadsheet exports them. */
  @Test
  public void plainNumbersOfTheGreatLanguagesAreRead() {
    var random = new Random(5);
    for (String tag : new String[] {"en", "de", "pt", "es", "fr", "it", "nl", "pl", "sv", "ja"}) {
      NumberFormat format = NumberFormat.getInstance(ULocale.forLanguageTag(tag));
      format.setMinimumFractionDigits(2);
      format.setMaximumFractionDigits(2);
      for (int i = 0; i < TRIES; i++) {
        BigDecimal amount = BigDecimal.valueOf(random.nextLong(1, 1_000_000_000), 2);
        String written = format.format(amount);
        assertEquals(
            AmountParser.digits(written, 2).map(BigDecimal::new),
            Optional.of(amount),
            tag + " writes " + written);
      }
    }
  }
}
