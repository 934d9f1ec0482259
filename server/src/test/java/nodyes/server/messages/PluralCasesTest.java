package nodyes.server.messages;

import static org.testng.Assert.assertEquals;

import com.ibm.icu.text.PluralRules;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * The plural forms of CLDR by ICU4J, over the table that the script's own tests read beside the
 * browser's: a shopper and an owner read the same form.
 */
public class PluralCasesTest {
  private static final Path CASES = Path.of("../web/tests/cases/plurals.csv");

  @DataProvider
  public Object[][] cases() throws IOException {
    return Files.readAllLines(CASES).stream()
        .skip(1)
        .map(line -> (Object[]) line.split(","))
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "cases")
  public void aNumberTakesTheFormOfItsLanguage(String language, String number, String form) {
    assertEquals(
        PluralRules.forLocale(ULocale.forLanguageTag(language)).select(Double.parseDouble(number)),
        form);
  }
}
