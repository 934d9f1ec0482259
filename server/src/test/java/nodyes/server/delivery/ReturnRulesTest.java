package nodyes.server.delivery;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** It is Thu 26 Nov 2026, 14:20 in the shop. */
public class ReturnRulesTest extends ServerTest {
  private static final String LAYERS =
      """
      {"id":"shop","of":"SHOP","on":true,"handling":{"least":0,"most":1},\
      "cutOffs":{"MONDAY":"16:00","TUESDAY":"16:00","WEDNESDAY":"16:00","THURSDAY":"16:00",\
      "FRIDAY":"14:00"}}""";
  private static final String DESTINATIONS =
      """
      {"id":"pt","country":"PT","on":true,"promised":true,"transit":{"least":1,"most":2}}""";
  private static final String EVERYTHING =
      """
      {"id":"all","of":"SHOP","on":true,"days":14}""";

  @BeforeClass
  public void begin() throws Exception {
    product("returned-pot");
  }

  private ResultActions put(String layers, String destinations, String returns) throws Exception {
    String revision = body(ask("/api/v1/delivery")).path("revision").asString();
    return act(
        HttpMethod.PUT,
        "/api/v1/delivery",
        """
        {"revision":"%s","message":"a test","settings":{%s"home":"PT","layers":[%s],\
        "destinations":[%s],"carrier":{"days":["MONDAY","TUESDAY","WEDNESDAY","THURSDAY",\
        "FRIDAY"]},"closed":[]}}
        """
            .formatted(revision, returns, layers, destinations));
  }

  private ResultActions returns(String rules) throws Exception {
    return put(LAYERS, DESTINATIONS, "\"returns\":[" + rules + "],");
  }

  private JsonNode reading(String query) throws Exception {
    return body(ask("/api/v1/delivery/returns?product=returned-pot" + query));
  }

  @Test
  public void saysUntilWhenAnOrderCanBeSentBackAndWhichRuleSaysSo() throws Exception {
    returns(EVERYTHING).andExpect(status().isOk());
    JsonNode reading = reading("");
    assertEquals(reading.at("/rules/0").asString(), "all");
    // 1 December is a holiday: it arrives on the 2nd
    assertEquals(reading.path("lastDay").asString(), "2026-12-16");
    returns(
            EVERYTHING
                + """
                ,{"id":"advent","of":"CATEGORY","name":"big-pots","on":true,"country":"PT",\
                "season":{"first":"2026-11-01","last":"2026-12-24"},"days":14,\
                "notBefore":"2027-01-31"}""")
        .andExpect(status().isOk());
    assertEquals(reading("").path("lastDay").asString(), "2027-01-31");
    assertEquals(reading("&country=DE").at("/rules/0").asString(), "all");
    assertTrue(reading("&country=DE").path("lastDay").isMissingNode(), "no way to Germany");
    assertEquals(reading("&at=2027-01-04T10:00").at("/rules/0").asString(), "all");
  }

  @Test
  public void whatCannotBeSentBackHasNoLastDay() throws Exception {
    returns("{\"id\":\"all\",\"of\":\"SHOP\",\"on\":true,\"days\":0}").andExpect(status().isOk());
    assertEquals(reading("").at("/rules/0").asString(), "all");
    assertTrue(reading("").path("lastDay").isMissingNode());
  }

  @Test
  public void ofABasketItIsWhatIsTrueOfEachThing() throws Exception {
    product("returned-jar");
    returns(
            EVERYTHING
                + """
                ,{"id":"jar","of":"PRODUCT","name":"returned-jar","on":true,"days":7}""")
        .andExpect(status().isOk());
    JsonNode basket = body(ask("/api/v1/delivery/returns?product=returned-pot,returned-jar"));
    assertEquals(basket.path("rules").size(), 2);
    assertEquals(basket.path("lastDay").asString(), "2026-12-09");
    returns("{\"id\":\"jar\",\"of\":\"PRODUCT\",\"name\":\"returned-jar\",\"on\":true,\"days\":7}");
    JsonNode half = body(ask("/api/v1/delivery/returns?product=returned-pot,returned-jar"));
    assertTrue(half.path("lastDay").isMissingNode());
    assertEquals(half.path("ruled").asBoolean(), false);
  }

  /** A program of before there were returns sends none. */
  @Test
  public void settingsWithoutReturnsLeaveThemAsTheyAre() throws Exception {
    returns(EVERYTHING).andExpect(status().isOk());
    put(LAYERS, DESTINATIONS, "").andExpect(status().isOk());
    assertEquals(body(ask("/api/v1/delivery")).at("/settings/returns/0/id").asString(), "all");
  }

  @Test
  public void whatIsWrongIsToldByItsPlace() throws Exception {
    JsonNode refused =
        body(
            returns(
                    """
                    {"id":"all","of":"SHOP","on":true,"days":800},\
                    {"id":"pots","of":"CATEGORY","name":" ","on":true,"days":3,"country":"XX"}""")
                .andExpect(status().isBadRequest()));
    assertTrue(refused.toString().contains("returns[0].days"), refused.toString());
    assertTrue(refused.toString().contains("returns[1].name"), refused.toString());
    assertTrue(refused.toString().contains("returns[1].country"), refused.toString());
    returns(EVERYTHING + "," + EVERYTHING).andExpect(status().isBadRequest());
  }

  @Test
  public void whatTheShopDoesNotHaveIsSaid() throws Exception {
    returns("{\"id\":\"gone\",\"of\":\"TAG\",\"name\":\"no-such-tag\",\"on\":true,\"days\":9}")
        .andExpect(status().isOk());
    JsonNode gaps = body(ask("/api/v1/delivery")).path("gaps");
    assertTrue(
        gaps.valueStream().anyMatch(gap -> gap.path("where").asString().equals("gone")),
        gaps.toString());
  }
}
