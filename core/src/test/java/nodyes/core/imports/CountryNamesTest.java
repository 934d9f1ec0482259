package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.util.ULocale;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Countries beside those of ICU4J: codes of ISO 3166-1, names of CLDR. */
public class CountryNamesTest {
  /** Reserved in ISO 3166-1 for other uses than as a country's code. */
  private static final Set<String> RESERVED =
      Set.of("AC", "CP", "CQ", "DG", "EA", "EU", "EZ", "IC", "TA", "UN", "XK");

  private static List<String> countries() {
    return Arrays.stream(ULocale.getISOCountries())
        .filter(code -> !RESERVED.contains(code))
        .toList();
  }

  @DataProvider
  public Object[][] languages() {
    return new Object[][] {{"en"}, {"pt"}, {"de"}, {"es"}, {"fr"}, {"ja"}};
  }

  /** The JDK and ICU4J ship different releases of CLDR, which differ in a few names. */
  @Test(dataProvider = "languages")
  public void namesLeadToTheirCountry(String language) {
    int known = 0;
    var others = new HashMap<String, String>();
    for (String code : countries()) {
      String name = new ULocale("und", code).getDisplayCountry(new ULocale(language));
      Optional<String> found = CountryNames.code(name);
      if (found.isPresent()) {
        assertEquals(found.get(), code, name);
        known++;
      } else {
        others.put(code, name);
      }
    }
    assertTrue(known >= 240, language + " has other names for " + others);
  }

  @Test
  public void everyCodeIsItsCountryInAnyCase() {
    var codes = new HashSet<String>();
    for (String code : countries()) {
      assertEquals(CountryNames.code(code), Optional.of(code));
      assertEquals(
          CountryNames.code(" " + code.toLowerCase(Locale.ROOT) + "\t"), Optional.of(code));
      codes.add(code);
    }
    assertEquals(codes.size(), 249, "countries of ISO 3166-1");
  }

  /** Common practice: how people write the two that have short names of their own. */
  @Test
  public void shortNamesAreKnown() {
    for (var one :
        Map.of("UK", "GB", "England", "GB", "Great Britain", "GB", "USA", "US", "scotland", "GB")
            .entrySet()) {
      assertEquals(CountryNames.code(one.getKey()), Optional.of(one.getValue()));
    }
    for (String none : new String[] {"", "Atlantis", "EU", "ZZ", "P", "Por", "Portugal, Porto"}) {
      assertEquals(CountryNames.code(none), Optional.empty(), none);
    }
  }
}
