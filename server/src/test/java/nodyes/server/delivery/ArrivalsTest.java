package nodyes.server.delivery;

import static java.util.Objects.requireNonNull;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import com.ibm.icu.text.Collator;
import com.ibm.icu.util.ULocale;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import nodyes.server.ServerTest;
import nodyes.server.estimates.PublicHolidays;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import org.springframework.http.HttpMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The same order on its way to several countries. It is Thu 26 Nov 2026, 14:20 in the shop. */
public class ArrivalsTest extends ServerTest {
  private JsonNode before;

  @BeforeClass
  public void setTimings() throws Exception {
    product("arriving-pot");
    before = body(ask("/api/v1/delivery"));
    set(
        """
        {"layers":[{"id":"shop","of":"SHOP","on":true,"handling":{"least":1,"most":1},\
        "cutOffs":{"MONDAY":"16:00","TUESDAY":"16:00","WEDNESDAY":"16:00","THURSDAY":"16:00",\
        "FRIDAY":"16:00"},"holidays":[]}],\
        "carrier":{"days":["MONDAY","TUESDAY","WEDNESDAY","THURSDAY","FRIDAY"]},\
        "destinations":[{"id":"de","country":"DE","on":true,"promised":true,\
        "transit":{"least":2,"most":3}},{"id":"jp","country":"JP","on":true,"promised":true,\
        "transit":{"least":5,"most":9}},{"id":"fr","country":"FR","on":true,"promised":false}],\
        "wares":[],"closed":[]}""");
  }

  private void set(String settings) throws Exception {
    ObjectNode change = json.createObjectNode();
    change.put("revision", body(ask("/api/v1/delivery")).path("revision").asString());
    change.put("message", "for a test");
    ObjectNode wanted = (ObjectNode) before.path("settings").deepCopy();
    json.readTree(settings).properties().forEach(one -> wanted.set(one.getKey(), one.getValue()));
    change.set("settings", wanted);
    act(HttpMethod.PUT, "/api/v1/delivery", json.writeValueAsString(change))
        .andExpect(status().isOk());
  }

  /** Counted on a calendar by hand: it leaves on Friday, and a weekend lies on the way. */
  @Test
  public void eachCountryHasItsDays() throws Exception {
    var found = new HashMap<String, JsonNode>();
    for (JsonNode one : body(ask("/api/v1/delivery/estimates-by-country?product=arriving-pot"))) {
      found.put(one.path("country").asString(), one.path("arrival"));
    }
    assertEquals(found.keySet(), Set.of("DE", "JP", "FR"));
    JsonNode germany = requireNonNull(found.get("DE"));
    assertEquals(germany.path("leaves").path("first").asString(), "2026-11-27");
    assertEquals(germany.path("arrives").path("first").asString(), "2026-12-01");
    assertEquals(germany.path("arrives").path("last").asString(), "2026-12-02");
    JsonNode japan = requireNonNull(found.get("JP"));
    assertEquals(japan.path("arrives").path("first").asString(), "2026-12-04");
    assertEquals(japan.path("arrives").path("last").asString(), "2026-12-10");
    JsonNode france = requireNonNull(found.get("FR"));
    assertTrue(france.path("arrives").isMissingNode(), france.toString());
    assertFalse(france.path("none").asString().isEmpty(), france.toString());
  }

  @Test
  public void pastTheCutOffItIsADayLater() throws Exception {
    JsonNode list =
        body(ask("/api/v1/delivery/estimates-by-country?product=arriving-pot&at=2026-11-26T16:00"));
    assertEquals(
        list.path(0).path("arrival").path("leaves").path("first").asString(), "2026-11-30");
    ask("/api/v1/delivery/estimates-by-country?product=no-such-pot")
        .andExpect(status().isNotFound());
    ask("/api/v1/delivery/estimates-by-country?product=arriving-pot&at=soon")
        .andExpect(status().isBadRequest());
  }

  @Test
  public void theDayOfATimeThatIsNoneWasNamedInEnglish() {
    ObjectNode settings = (ObjectNode) before.path("settings").deepCopy();
    settings.set(
        "layers",
        json.readTree(
            """
            [{"id":"shop","of":"SHOP","on":true,"cutOffs":{"FRIDAY":"25:00"}}]"""));
    var view = json.treeToValue(settings, SettingsView.class);
    var refused =
        expectThrows(
            ApiProblem.class,
            () ->
                Texts.in(Optional.of("de"), () -> SettingsReader.read(view, new PublicHolidays())));
    assertEquals(
        refused.faults().getFirst().reason(),
        "Freitag: „25:00“ ist keine Uhrzeit. Verwenden Sie eine von 00:00 bis 23:59.");
  }

  /** The names and the order of CLDR in German: Ägypten stands with A. */
  @Test
  public void countriesWereNamedInEnglishToEverybody() throws Exception {
    JsonNode choice =
        body(
            http.perform(
                get("/api/v1/delivery/choice")
                    .header("Authorization", "Bearer " + KEY)
                    .header("Accept-Language", "de")));
    assertEquals(choice.at("/countries/0/name").asString(), "Afghanistan");
    assertEquals(choice.at("/countries/1/name").asString(), "Ägypten");
  }

  /** Countries beside those of ICU (ISO 3166-1, CLDR's English names). */
  @Test
  public void everyCountryCanBeChosenByItsName() throws Exception {
    JsonNode choice = body(ask("/api/v1/delivery/choice"));
    var codes = new HashSet<String>();
    var inOrder = Collator.getInstance(ULocale.ENGLISH);
    String last = "";
    int same = 0;
    for (JsonNode one : choice.path("countries")) {
      String code = one.path("code").asString();
      String name = one.path("name").asString();
      codes.add(code);
      assertTrue(inOrder.compare(last, name) <= 0, last + " before " + name);
      last = name;
      String byIcu = new ULocale("und", code).getDisplayCountry(ULocale.ENGLISH);
      same += plain(name).equals(plain(byIcu)) ? 1 : 0;
    }
    // ICU lists those too that ISO 3166-1 keeps for other uses
    assertTrue(Set.of(ULocale.getISOCountries()).containsAll(codes), codes.toString());
    assertEquals(codes.size(), 249);
    // a few names differ from one release of CLDR to the next
    assertTrue(same >= 240, same + " are called the same");
    for (JsonNode one : choice.path("holidays")) {
      assertTrue(codes.contains(one.path("code").asString()), one.toString());
    }
  }

  /** Names differ in signs, such as ’ and ', from one release of CLDR to the next. */
  private static String plain(String name) {
    return name.replaceAll("[^\\p{L}]", "");
  }
}
