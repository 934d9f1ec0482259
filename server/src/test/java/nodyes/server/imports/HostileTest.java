package nodyes.server.imports;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import nodyes.server.ServerTest;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Words that would be something else if they were not kept as text. The list follows OWASP's XSS
 * filter evasion strings, from memory.
 */
public class HostileTest extends ServerTest {
  @DataProvider
  public Object[][] words() {
    return List.of(
            "<script>alert(1)</script>",
            "\"><script>alert(1)</script>",
            "<img src=x onerror=alert(1)>",
            "<svg/onload=alert(1)>",
            "<a href=\"jAvAsCrIpT:alert(1)\">x</a>",
            "<a href=\"data:text/html,<script>alert(1)</script>\">x</a>",
            "<iframe srcdoc=\"<script>alert(1)</script>\">",
            "<details open ontoggle=alert(1)>",
            "</textarea><script>alert(1)</script>",
            "<<script>alert(1);//<</script>",
            "<scr<script>ipt>alert(1)</scr</script>ipt>",
            "&lt;script&gt;alert(1)&lt;/script&gt;",
            "{{constructor.constructor(\"alert(1)\")()}}",
            "${alert(1)}",
            "\u202Egnp.exe\u202C",
            "zero\u200Bwidth\u200Djoiners\uFEFF",
            "👩‍🌾🏽 \uD83C\uDDF5\uD83C\uDDF9",
            "ﷺ ﷽",
            "a\u0301\u0302\u0303\u0304\u0305")
        .stream()
        .map(text -> new Object[] {text})
        .toArray(Object[][]::new);
  }

  /** Copies are told by letters alone, which some of these share: a number parts them. */
  @Test(dataProvider = "words")
  public void everyFieldKeepsItAsTextByteForByte(String hostile) throws Exception {
    String text = hostile + " " + hostile.chars().sum();
    if (body(ask("/api/v1/catalogue/products?q=hostile-pot")).path("total").asInt() == 0) {
      product("hostile-pot");
    }
    String cell = "\"" + text.replace("\"", "\"\"") + "\"";
    JsonNode batch =
        bringIn(
            "itemReviewed,ratingValue,headline,reviewBody,author,variant,identifier\n"
                + "hostile-pot,5,"
                + String.join(",", cell, cell, cell, cell, cell)
                + "\n",
            "{}");
    assertEquals(batch.path("imported").asInt(), 1, batch.toString());
    long id = batch.path("id").asLong();
    JsonNode line = body(ask("/api/v1/reviews?batch={id}", id)).path("items").path(0);
    // what would turn the words beside it is no part of a text
    String kept = text.replace("\u202E", "").replace("\u202C", "").strip();
    assertEquals(line.path("title").asString(), kept);
    assertEquals(line.path("text").asString(), kept);
    assertEquals(line.path("reviewer").asString(), kept);
    assertEquals(line.path("rawVariant").asString(), kept);
    publish(batch);
    String page =
        ask("/embed/v1/reviews?product=hostile-pot&size=100")
            .andReturn()
            .getResponse()
            .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
    assertTrue(
        json.readTree(page)
            .path("reviews")
            .valueStream()
            .anyMatch(review -> review.path("words").asString().equals(kept)),
        page);
  }

  @Test
  public void aMillionColumnsAreNoTable() throws Exception {
    upload("/api/v1/imports", "wide.csv", utf8("a,".repeat(1000) + "\n1,2\n"))
        .andExpect(status().isUnprocessableContent());
    upload("/api/v1/imports", "wide.csv", utf8("a,".repeat(1_000_000) + "\n1,2\n"))
        .andExpect(status().isUnprocessableContent())
        .andExpect(
            jsonPath("$.detail")
                .value(org.hamcrest.Matchers.containsString("Line 1: This row is longer")));
    upload("/api/v1/imports", "wide.json", utf8(wide()))
        .andExpect(status().isUnprocessableContent());
  }

  private static String wide() {
    var object = new StringBuilder("{");
    for (int i = 0; i < 1000; i++) {
      object.append(i == 0 ? "" : ",").append("\"c").append(i).append("\":1");
    }
    return object.append("}").toString();
  }

  @Test
  public void noNameOfAFileLeadsElsewhere() throws Exception {
    product("named-pot");
    for (String name : new String[] {"../../etc/passwd", "a\u0000b.csv", "C:\\x.csv", ""}) {
      JsonNode looked =
          body(upload("/api/v1/imports", name, utf8("Product,Rating\nnamed-pot,5\n")));
      assertTrue(looked.path("fileName").asString().matches("[^/\\\\\u0000]+"), looked.toString());
    }
  }
}
