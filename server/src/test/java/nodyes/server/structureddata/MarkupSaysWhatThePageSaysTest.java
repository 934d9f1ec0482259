package nodyes.server.structureddata;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Input: a pot that is sold out until 14 December, of which machines were told that it leaves in 0
 * to 1 days; and one of which machines were told 3.0, of the reviews written here, beside a page
 * that shows 4.0 and says nothing of it.
 */
public class MarkupSaysWhatThePageSaysTest extends ServerTest {
  private static final String POT =
      """
      {"@type":"ProductGroup","productGroupID":"%s","name":"A pot","hasVariant":[{"sku":"%s-1",\
      "name":"one","offers":{"price":"25.00","priceCurrency":"EUR"%s}}]}
      """;

  @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
  public void begin() throws Exception {
    delivery(
        """
        {"id":"shop","of":"SHOP","on":true,"handling":{"least":0,"most":1},\
        "cutOffs":{"MONDAY":"16:00","TUESDAY":"16:00","WEDNESDAY":"16:00","THURSDAY":"16:00",\
        "FRIDAY":"16:00"},"holidays":["PT"]}""",
        """
        {"id":"de","country":"DE","on":true,"promised":true,"transit":{"least":3,"most":4}}""");
  }

  private void delivery(String layers, String destinations) throws Exception {
    String revision = body(ask("/api/v1/delivery")).path("revision").asString();
    http.perform(
            put("/api/v1/delivery")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                    """
                    {"revision":"%s","message":"a test","settings":{"home":"PT","layers":[%s],\
                    "destinations":[%s],"carrier":{"days":["MONDAY","TUESDAY","WEDNESDAY",\
                    "THURSDAY","FRIDAY"]},"closed":[]}}
                    """
                        .formatted(revision, layers, destinations)))
        .andExpect(status().isOk());
    send("/api/v1/layout/publish", "{}").andExpect(status().isOk());
  }

  private JsonNode offer(String slug, String rest) throws Exception {
    upload("/api/v1/catalogue/imports", "c.jsonl", utf8(POT.formatted(slug, slug, rest)))
        .andExpect(status().isOk());
    return body(ask("/embed/v1/structured?product=" + slug)).path("offers");
  }

  /** From Thursday 26 November to Monday 14 December: eleven working days, 1 and 8 December off. */
  @Test
  public void whatIsSoldOutIsToldSoAndIsDeliveredFromTheDayItIsBack() throws Exception {
    JsonNode offer =
        offer(
            "markup-back",
            ",\"inventoryLevel\":{\"value\":0},\"availabilityStarts\":\"2026-12-14\"");
    assertEquals(offer.path("availability").asString(), "https://schema.org/BackOrder");
    assertEquals(offer.path("availabilityStarts").asString(), "2026-12-14");
    JsonNode handling =
        offer.path("shippingDetails").path(0).path("deliveryTime").path("handlingTime");
    assertEquals(handling.path("minValue").asInt(), 10, handling.toString());
    assertEquals(handling.path("maxValue").asInt(), 11);
  }

  @Test
  public void whatIsGoneIsToldSoThoughNothingIsPromised() throws Exception {
    JsonNode offer = offer("markup-gone", ",\"inventoryLevel\":{\"value\":0}");
    assertEquals(offer.path("availability").asString(), "https://schema.org/OutOfStock");
    assertTrue(offer.path("shippingDetails").isMissingNode(), offer.toString());
  }

  @Test
  public void whatIsThereIsInStock() throws Exception {
    JsonNode offer = offer("markup-there", ",\"inventoryLevel\":{\"value\":7}");
    assertEquals(offer.path("availability").asString(), "https://schema.org/InStock");
    assertEquals(
        offer
            .path("shippingDetails")
            .path(0)
            .path("deliveryTime")
            .path("handlingTime")
            .path("maxValue")
            .asInt(),
        1);
  }

  private JsonNode wall() throws Exception {
    for (JsonNode nod : body(ask("/embed/v1/page?kind=product&product=markup-two")).path("nods")) {
      if (nod.path("kind").asString().equals("review-wall")) {
        return nod.path("content");
      }
    }
    return json.missingNode();
  }

  @Test
  public void theWallShowsTheFigureThatSearchEnginesShow() throws Exception {
    product("markup-two");
    send("/api/v1/layout/add-review-nods", "").andExpect(status().isOk());
    publish(bringIn("Product,Rating,Words\nmarkup-two,5,Very fine indeed\n", "{}"));
    assertTrue(wall().path("marked").isMissingNode(), "machines are told of none");
    http.perform(
            org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(
                    "/embed/v1/reviews")
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                    json.writeValueAsString(
                        java.util.Map.of(
                            "token", formToken("markup-two"),
                            "product", "markup-two",
                            "stars", 3,
                            "words", "It is fine, no more",
                            "reviewer", "Rui"))))
        .andExpect(status().isCreated());
    String waiting = "/api/v1/reviews?status=PENDING&product=markup-two&size=1";
    JsonNode own = body(ask(waiting)).path("items").path(0);
    if (!own.isMissingNode()) {
      send("/api/v1/reviews/actions", "{\"ids\":[" + own.path("id") + "],\"to\":\"PUBLISHED\"}");
    }
    assertEquals(wall().path("mean").asDouble(), 4.0);
    assertEquals(wall().path("marked").path("mean").asDouble(), 3.0);
    assertEquals(wall().path("marked").path("count").asInt(), 1);
    act(HttpMethod.PUT, "/api/v1/structured-data-policy", "{\"countsBroughtIn\":true}");
    try {
      assertTrue(wall().path("marked").isMissingNode(), "now both are the same");
    } finally {
      act(HttpMethod.PUT, "/api/v1/structured-data-policy", "{\"countsBroughtIn\":false}");
    }
  }

  /** Two pages' worth of data: one names a best of 10, its neighbour names none. */
  @Test
  public void aRatingWithoutABestIsOfFiveWhateverItsNeighboursSay() throws Exception {
    product("markup-scale");
    var rows = new StringBuilder();
    for (int i = 0; i < 9; i++) {
      rows.append(
          """
          {"@type":"Review","itemReviewed":{"sku":"markup-scale-1"},"author":{"name":"Rui"},\
          "reviewBody":"Words %d","reviewRating":{"ratingValue":9,"bestRating":10}}
          """
              .formatted(i));
    }
    rows.append(
        """
        {"@type":"Review","itemReviewed":{"sku":"markup-scale-1"},"author":{"name":"Ana"},\
        "reviewBody":"Mine","reviewRating":{"ratingValue":5}}
        """);
    JsonNode look =
        body(upload("/api/v1/imports", "page.jsonl", utf8(rows.toString()))).path("inspection");
    assertEquals(look.path("best").asInt(), 5, look.toString());
  }
}
