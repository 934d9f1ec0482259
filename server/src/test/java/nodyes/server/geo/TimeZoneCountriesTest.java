package nodyes.server.geo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.util.TimeZone;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/** Zones and their countries beside those of ICU4J, which reads the IANA database too. */
public class TimeZoneCountriesTest {
  @Test
  public void everyZoneIsOfTheCountryThatIcuNames() {
    int same = 0;
    List<String> others = new ArrayList<>();
    for (String zone : ZoneId.getAvailableZoneIds()) {
      Optional<String> country = TimeZoneCountries.of(zone);
      if (country.isEmpty()) {
        continue;
      }
      String byIcu = TimeZone.getRegion(zone);
      if (byIcu.equals(country.get())) {
        same++;
      } else {
        others.add(zone + " is " + country.get() + ", by ICU " + byIcu);
      }
    }
    assertTrue(same > 350, same + " are the same");
    // one zone is shared by several countries, and the two choose another of them
    assertTrue(others.size() <= same / 20, others.toString());
  }

  @Test
  public void zonesOfNoCountryNameNone() {
    for (String zone : new String[] {"UTC", "Etc/GMT+3", "GMT", "", "Europe/Nowhere", "lisbon"}) {
      assertEquals(TimeZoneCountries.of(zone), Optional.empty(), zone);
    }
    assertEquals(TimeZoneCountries.of("Europe/Lisbon"), Optional.of("PT"));
    assertEquals(TimeZoneCountries.of("Atlantic/Azores"), Optional.of("PT"));
    assertEquals(TimeZoneCountries.of("Asia/Tokyo"), Optional.of("JP"));
  }
}
