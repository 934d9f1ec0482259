package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.text.LocaleDisplayNames;
import com.ibm.icu.util.ULocale;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DoubleEncodingTest {
  @DataProvider
  Object[][] texts() {
    return new Object[][] {
      {"doesnâ€™t", "doesn’t"},
      {"RenÃ©e", "Renée"},
      {"Â£5 â€“ good", "£5 – good"},
      {"ðŸ™‚ lovely", "🙂 lovely"},
      // what is right stays, also beside what is not
      {"Renée’s cafÃ©", "Renée’s café"},
      {"naïve façade – £5, 20 €", "naïve façade – £5, 20 €"},
      {"IRMÃ NÃO", "IRMÃ NÃO"},
      {"", ""},
      {"Â", "Â"},
    };
  }

  @Test(dataProvider = "texts")
  public void whatWasReadInAnotherEncodingIsAsItWasMeant(String text, String meant) {
    assertEquals(DoubleEncoding.mended(text), meant);
  }

  /** Names of languages and countries by CLDR, of every language that ICU4J knows. */
  @Test
  public void namesOfCldrAreMendedAndRightOnesAreLeft() {
    Charset windows = Charset.forName("windows-1252");
    int mended = 0;
    for (ULocale language : ULocale.getAvailableLocales()) {
      LocaleDisplayNames names = LocaleDisplayNames.getInstance(language);
      for (String country : new String[] {"DE", "CI", "RE", "ST", "TR", "AX"}) {
        String name = names.regionDisplayName(country);
        assertEquals(DoubleEncoding.mended(name), name, language.toString());
        String wrong = new String(name.getBytes(StandardCharsets.UTF_8), windows);
        if (!wrong.contains("\uFFFD") && !wrong.equals(name)) {
          assertEquals(DoubleEncoding.mended(wrong), name, language + " " + Locale.ROOT);
          mended++;
        }
      }
    }
    assertTrue(mended > 500, String.valueOf(mended));
  }
}
