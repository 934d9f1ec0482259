package nodyes.server.evidence;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class ProofTest extends ServerTest {
  private static final String NODS = "/api/v1/layout/nods";
  private String added = "";

  /** A price that a countdown said would end on 20 November, and that is the same since. */
  @Test
  public void aPriceThatDidNotEndIsHeldAgainstItsCountdown() throws Exception {
    upload(
            "/api/v1/catalogue/imports",
            "c.jsonl",
            utf8(
                "{\"@type\":\"ProductGroup\",\"productGroupID\":\"proof-pot\",\"name\":\"A pot\","
                    + "\"hasVariant\":[{\"sku\":\"proof-1\",\"name\":\"one\",\"offers\":{\"price\":\"25.00\","
                    + "\"priceCurrency\":\"EUR\",\"priceSpecification\":[{\"price\":\"40.00\","
                    + "\"validFrom\":\"2026-05-01\"},{\"price\":\"25.00\",\"validFrom\":\"2026-11-10\"}]}}]}"))
        .andExpect(status().isOk());
    JsonNode face =
        body(send(NODS, "{\"kind\":\"countdown\",\"spot\":\"above-buy\",\"page\":\"PRODUCT\"}"))
            .path("face");
    added = face.path("id").asString();
    var set = (ObjectNode) face.path("set").deepCopy();
    var own = (ObjectNode) set.path("own");
    own.put("name", "November price");
    own.putObject("options").put("about", "price");
    own.putObject("ending")
        .put("ends", "at-moment")
        .put("start", "2026-11-10T00:00")
        .put("end", "2026-11-20T00:00");
    ObjectNode change = json.createObjectNode().put("revision", face.path("revision").asLong());
    change.set("set", set);
    JsonNode saved =
        body(
            http.perform(
                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put(
                        NODS + "/{id}", added)
                    .header("Authorization", "Bearer " + KEY)
                    .contentType("application/json")
                    .content(change.toString())));
    assertEquals(
        saved.path("face").path("schedule").path("notes").path(0).asString(),
        "It ended on Fri, 20 Nov 2026, 00:00.");
    assertFalse(doubts().contains("False urgency"), "nothing is published yet");
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
    String doubts = doubts();
    assertTrue(doubts.contains("\"rule\":\"False urgency\""), doubts);
    assertTrue(doubts.contains("\"name\":\"November price\""), doubts);
    assertTrue(doubts.contains("proof-pot"), doubts);
  }

  private String doubts() throws Exception {
    return ask("/api/v1/evidence/claims")
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  @Test
  public void aDayIsADayAndADayWithoutNumbersIsEmpty() throws Exception {
    ask("/api/v1/evidence/visitor-counts?day=yesterday").andExpect(status().isBadRequest());
    JsonNode none = body(ask("/api/v1/evidence/visitor-counts?day=2020-01-01"));
    assertEquals(none.path("numbers").path("total").asInt(), 0);
    String file =
        ask("/api/v1/evidence/visitor-counts.csv?day=2020-01-01")
            .andExpect(
                header()
                    .string("Content-Disposition", "attachment; filename=\"shown-2020-01-01.csv\""))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertEquals(file, "hour,product,title,looked back on,shown,counted,times\r\n");
  }
}
