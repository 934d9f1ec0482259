package nodyes.server.tabular;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Input: files with one slip in them, of which the whole was refused, or ended in an error 500. */
public class SlipsOfFilesTest extends ServerTest {
  @Test
  public void oneNulByteLosesItsRowAlone() throws Exception {
    product("nul-pot");
    var rows = new StringBuilder("Product,Rating,Words\n");
    for (int i = 0; i < 9; i++) {
      rows.append("nul-pot,5,Words ").append(i == 4 ? "a\0b" : "of " + i).append('\n');
    }
    JsonNode batch = bringIn(utf8(rows.toString()), "{}");
    assertEquals(batch.path("imported").asInt(), 8, batch.toString());
    assertEquals(batch.path("unreadable").asInt(), 1);
  }

  @DataProvider
  Object[][] uploads() {
    return new Object[][] {
      {"/api/v1/imports"}, {"/api/v1/catalogue/imports"}, {"/api/v1/orders/imports"},
    };
  }

  @Test(dataProvider = "uploads")
  public void aBodyOfAnotherKindIs415(String address) throws Exception {
    http.perform(
            post(address)
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.TEXT_PLAIN)
                .content("Product,Rating\n"))
        .andExpect(status().isUnsupportedMediaType())
        .andExpect(jsonPath("$.detail").value(containsString("multipart/form-data")));
    http.perform(
            post("/api/v1/layout/nods")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_XML)
                .content("<nod/>"))
        .andExpect(status().isUnsupportedMediaType());
    http.perform(post("/embed/v1/views").contentType("text/csv").content("visit,viewed\n"))
        .andExpect(status().isUnsupportedMediaType());
  }

  /** iCalendar, delivery rules, products and reviews; orders have their own test. */
  @Test
  public void aDayThatThereIsNotIsToldWithItsLineEverywhere() throws Exception {
    String calendar =
        String.join(
            "\r\n",
            List.of(
                "BEGIN:VCALENDAR",
                "VERSION:2.0",
                "PRODID:-//x//EN",
                "BEGIN:VEVENT",
                "UID:1",
                "DTSTART;VALUE=DATE:20270231",
                "SUMMARY:closed",
                "END:VEVENT",
                "END:VCALENDAR",
                ""));
    upload("/api/v1/delivery/closures", "c.ics", utf8(calendar))
        .andExpect(status().is4xxClientError())
        .andExpect(jsonPath("$.detail").value(containsString("Line 6: “20270231” is not a date")));
    upload(
            "/api/v1/delivery/rules",
            "t.csv",
            utf8("for,leaves in days,from,to\nshop,1,31.02.,2026-12-24\n"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("line 2, from"))
        .andExpect(jsonPath("$.faults[0].reason").value(containsString("“31.02.” is not a date")));
    JsonNode product =
        body(
            upload(
                "/api/v1/catalogue/imports",
                "c.jsonl",
                utf8(
                    "{\"productGroupID\":\"slip-pot\",\"name\":\"x\",\"releaseDate\":\"31.02.\","
                        + "\"hasVariant\":[{\"sku\":\"slip-1\",\"name\":\"x\"}]}")));
    assertEquals(product.path("problems").path(0).path("line").asInt(), 1);
    assertEquals(product.path("problems").path(0).path("value").asString(), "31.02.");
    product("day-pot");
    JsonNode reviews =
        bringIn(
            "Product,Rating,Date,Words\nday-pot,5,30.11.2025,Fine\nday-pot,5,31.02.2026,Good\n",
            "{}");
    assertEquals(reviews.path("unreadable").asInt(), 1, reviews.toString());
    JsonNode problems = body(ask("/api/v1/imports/{id}/problems", reviews.path("id").asLong()));
    assertEquals(problems.path("items").path(0).path("line").asInt(), 3, problems.toString());
  }

  /** A timing that counts no holidays came back as one that says nothing of them. */
  @Test
  public void noHolidaysSurviveAFileOfTimings() throws Exception {
    JsonNode was = body(ask("/api/v1/delivery")).path("settings");
    upload("/api/v1/delivery/rules", "t.csv", utf8("for,leaves in days,holidays\nshop,1,none\n"))
        .andExpect(status().isOk());
    try {
      JsonNode layers = body(ask("/api/v1/delivery")).path("settings").path("layers");
      assertEquals(layers.path(0).path("holidays").size(), 0);
      assertEquals(layers.path(0).has("holidays"), true, layers.toString());
      String out = ask("/api/v1/delivery/rules.csv").andReturn().getResponse().getContentAsString();
      upload("/api/v1/delivery/rules", "t.csv", utf8(out)).andExpect(status().isOk());
      assertEquals(body(ask("/api/v1/delivery")).path("settings").path("layers"), layers);
    } finally {
      var change = json.createObjectNode();
      change.put("revision", body(ask("/api/v1/delivery")).path("revision").asString());
      change.put("message", "as it was");
      change.set("settings", was);
      act(org.springframework.http.HttpMethod.PUT, "/api/v1/delivery", change.toString());
    }
  }
}
