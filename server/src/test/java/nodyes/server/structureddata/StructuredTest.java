package nodyes.server.structureddata;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import nodyes.server.ServerTest;
import nodyes.server.tabular.HtmlReviewExtractor;
import org.springframework.http.MediaType;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class StructuredTest extends ServerTest {
  private String structured(String product) throws Exception {
    return ask("/embed/v1/structured?product=" + product)
        .andReturn()
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }

  private void write(String product, int stars, String words) throws Exception {
    http.perform(
            post("/embed/v1/reviews")
                .header("Origin", "http://localhost")
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                    json.writeValueAsString(
                        java.util.Map.of(
                            "token",
                            formToken(product),
                            "product",
                            product,
                            "stars",
                            stars,
                            "words",
                            words,
                            "reviewer",
                            "Rui"))))
        .andExpect(status().isCreated());
    JsonNode waiting = body(ask("/api/v1/reviews?status=PENDING&size=1"));
    if (waiting.path("total").asInt() > 0) {
      send(
          "/api/v1/reviews/actions",
          "{\"ids\":[" + waiting.path("items").path(0).path("id") + "],\"to\":\"PUBLISHED\"}");
    }
  }

  @Test
  public void whatWasBroughtInIsNotThisShopsRating() throws Exception {
    product("brought-pot");
    publish(bringIn("Product,Rating,Words\nbrought-pot,5,Very fine indeed\n", "{}"));
    ask("/embed/v1/structured?product=brought-pot").andExpect(status().isNoContent());
    ask("/embed/v1/structured?product=no-such-pot").andExpect(status().isNoContent());
    write("brought-pot", 3, "It is fine, no more");
    JsonNode found = json.readTree(structured("brought-pot"));
    assertEquals(found.path("aggregateRating").path("ratingValue").asDouble(), 3.0);
    assertEquals(found.path("aggregateRating").path("reviewCount").asInt(), 1);
    assertTrue(found.path("url").asString().endsWith("brought-pot"), found.toString());
  }

  @Test
  public void whatWasBroughtInCountsWhereTheOwnerDecidesSo() throws Exception {
    product("decided-pot");
    publish(bringIn("Product,Rating,Words\ndecided-pot,5,Very fine indeed\n", "{}"));
    write("decided-pot", 3, "It is fine, no more");
    rule(true);
    try {
      JsonNode found = json.readTree(structured("decided-pot"));
      assertEquals(found.path("aggregateRating").path("ratingValue").asDouble(), 4.0);
      assertEquals(found.path("review").size(), 2);
    } finally {
      rule(false);
    }
    assertEquals(
        json.readTree(structured("decided-pot"))
            .path("aggregateRating")
            .path("reviewCount")
            .asInt(),
        1);
  }

  private void rule(boolean countsBroughtIn) throws Exception {
    http.perform(
            put("/api/v1/structured-data-policy")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"countsBroughtIn\":" + countsBroughtIn + "}"))
        .andExpect(status().isOk());
  }

  @Test
  public void noWordsEndTheElementThatItStandsIn() throws Exception {
    product("hostile-pot");
    write("hostile-pot", 4, "Look </script><script>alert(1)</script> <!-- here");
    String found = structured("hostile-pot");
    assertFalse(found.contains("</"), found);
    assertFalse(found.contains("<!--"), found);
    // read as any page with it is read
    String page = "<html><script type=application/ld+json>" + found + "</script></html>";
    var read =
        HtmlReviewExtractor.in(
            new ByteArrayInputStream(page.getBytes(StandardCharsets.UTF_8)),
            "https://shop.example/");
    assertEquals(read.reviews().size(), 1);
    assertTrue(read.reviews().toString().contains("alert(1)"), read.toString());
    ask("/embed/v1/structured?product=hostile-pot")
        .andExpect(content().contentTypeCompatibleWith("application/ld+json"));
  }
}
