package nodyes.server.publishedreviews;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class SharedReviewsTest extends ServerTest {
  private ResultActions group(String product, String others) throws Exception {
    return http.perform(
        put("/api/v1/review-groups/{p}", product)
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"others\":" + others + "}"));
  }

  private void reviewed(String product, int stars) throws Exception {
    publish(
        bringIn(
            "product,rating,date,text\n"
                + product
                + ","
                + stars
                + ",2026-11-0"
                + stars
                + ",Said of "
                + product
                + " with "
                + stars,
            "{}"));
  }

  private JsonNode page(String product) throws Exception {
    return body(
        http.perform(get("/embed/v1/page?kind=product&lang=en&country=PT&product=" + product)));
  }

  @Test
  public void theSameThingUnderTwoNamesHasTheReviewsOfBoth() throws Exception {
    product("kin-one");
    product("kin-two");
    reviewed("kin-one", 5);
    reviewed("kin-two", 2);
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
    assertTrue(page("kin-one").toString().contains("\"mean\":5.0"));
    group("kin-one", "[\"kin-two\"]")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$[0].title").value("The kin-two"));
    // kept answers of both are made anew
    for (String product : new String[] {"kin-one", "kin-two"}) {
      String answer = page(product).toString();
      assertTrue(answer.contains("\"mean\":3.5") && answer.contains("\"count\":2"), answer);
    }
    assertTrue(page("kin-two").toString().contains("\"sharedWith\":[\"The kin-one\"]"));
    JsonNode wall = body(http.perform(get("/embed/v1/reviews?product=kin-two&order=HIGHEST")));
    assertEquals(wall.path("total").asInt(), 2);
    assertEquals(wall.path("reviews").get(0).path("stars").asInt(), 5);
    // a new one of either is on both
    reviewed("kin-two", 3);
    assertTrue(page("kin-one").toString().contains("\"count\":3"));
    group("kin-one", "[]").andExpect(jsonPath("$.length()").value(0));
    assertTrue(page("kin-one").toString().contains("\"mean\":5.0"));
    assertTrue(page("kin-two").toString().contains("\"mean\":2.5"));
  }

  @Test
  public void whatIsNotSoldIsNotTheSameThing() throws Exception {
    product("kin-three");
    group("kin-three", "[\"kin-nowhere\"]").andExpect(status().isBadRequest());
    group("kin-three", "[\"kin-three\"]").andExpect(jsonPath("$.length()").value(0));
  }

  /** Whoever leaves a group takes nobody of it along into the next one. */
  @Test
  public void aGroupThatWasLeftStaysAsItIs() throws Exception {
    for (String product : new String[] {"kin-a", "kin-b", "kin-c", "kin-d"}) {
      product(product);
    }
    group("kin-a", "[\"kin-b\",\"kin-c\"]").andExpect(jsonPath("$.length()").value(2));
    group("kin-a", "[]").andExpect(jsonPath("$.length()").value(0));
    group("kin-a", "[\"kin-d\"]")
        .andExpect(jsonPath("$.length()").value(1))
        .andExpect(jsonPath("$[0].slug").value("kin-d"));
    assertEquals(body(ask("/api/v1/review-groups/kin-b")).size(), 1);
    // one of another group brings it along: it is all the same thing
    group("kin-d", "[\"kin-a\",\"kin-b\"]").andExpect(jsonPath("$.length()").value(3));
  }
}
