package nodyes.e2e;

import static org.testng.Assert.assertEquals;

import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.number.Precision;
import com.ibm.icu.text.PluralRules;
import com.ibm.icu.util.MeasureUnit;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What the server writes with ICU4J and the browser with Intl is the same: both have their plurals
 * and numbers from the CLDR of the Unicode Consortium, each in an edition of its own. Cardinals
 * alone: no text has an ordinal, and Spanish ones are new in the later edition.
 */
public class CldrIT extends InBrowser {
  private static final int MOST = 1_000;

  @DataProvider
  Object[][] languages() {
    return new Object[][] {{"en-GB"}, {"de"}, {"es"}, {"fr"}, {"pt-PT"}, {"pt-BR"}, {"ja"}, {"ar"}};
  }

  @Test(dataProvider = "languages")
  public void pluralsAreTheSameForEachCountUpToAThousand(String language) {
    var rules = PluralRules.forLocale(ULocale.forLanguageTag(language));
    var ours = new ArrayList<String>();
    for (int n = 0; n <= MOST; n++) {
      ours.add(rules.select(n));
    }
    Object theirs =
        page.evaluate(
            "([language, most]) => { const rules = new Intl.PluralRules(language);"
                + " return Array.from({ length: most + 1 }, (_, n) => rules.select(n)); }",
            List.of(language, MOST));
    assertEquals(theirs, ours, language);
  }

  @Test(dataProvider = "languages")
  public void numbersAveragesAndPercentagesAreTheSame(String language) {
    var locale = ULocale.forLanguageTag(language);
    for (int value : new int[] {0, 1, 2, 12, 999, 1_000, 1_204, 12_345, 1_234_567}) {
      assertEquals(
          page.evaluate("([l, v]) => new Intl.NumberFormat(l).format(v)", List.of(language, value)),
          NumberFormatter.withLocale(locale).format(value).toString(),
          language + " " + value);
    }
    for (double value : new double[] {1, 3.9, 4.45, 4.5, 5}) {
      assertEquals(
          page.evaluate(
              "([l, v]) => new Intl.NumberFormat(l, { minimumFractionDigits: 1,"
                  + " maximumFractionDigits: 1, roundingMode: 'halfEven' }).format(v)",
              List.of(language, value)),
          NumberFormatter.withLocale(locale)
              .precision(Precision.fixedFraction(1))
              .format(value)
              .toString(),
          language + " " + value);
    }
    for (int value : new int[] {0, 7, 38, 100}) {
      assertEquals(
          page.evaluate(
              "([l, v]) => new Intl.NumberFormat(l, { style: 'percent' }).format(v / 100)",
              List.of(language, value)),
          NumberFormatter.withLocale(locale).unit(MeasureUnit.PERCENT).format(value).toString(),
          language + " " + value);
    }
  }
}
