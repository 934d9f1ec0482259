package nodyes.server.nods;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.ZoneId;
import nodyes.server.ServerTest;
import nodyes.server.shop.Shop;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a nod starts as. The clock of these tests shows 26 November 2026, 14:20 in UTC. */
public class NewNodTest extends ServerTest {
  @Autowired private Shop shop;

  @DataProvider
  Object[][] lastDays() {
    return new Object[][] {
      {"Europe/Lisbon", "2026-12-03T23:59:00"},
      // the 27th already
      {"Pacific/Kiritimati", "2026-12-04T23:59:00"},
      {"Pacific/Honolulu", "2026-12-03T23:59:00"},
    };
  }

  /** It ended a week after the day in Greenwich. */
  @Test(dataProvider = "lastDays")
  public void aCountdownEndsAWeekAfterTheShopsDay(String zone, String end) throws Exception {
    shop.save(shop.settings().with("EUR", ZoneId.of(zone)));
    send(
            "/api/v1/layout/nods",
            "{\"kind\":\"countdown\",\"spot\":\"above-buy\",\"page\":\"PRODUCT\"}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.face.set.own.ending.end").value(end));
  }
}
