package nodyes.server.productlist;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What nods would make of a tag, said before, is what they make of it after. */
public class TagEffectsTest extends ServerTest {
  private static final String TAG = "tried tag";
  private String nod;
  private List<Long> products;

  @BeforeClass
  public void fill() throws Exception {
    var lines = new StringBuilder();
    for (int i = 0; i < 8; i++) {
      lines.append(
          """
          {"productGroupID":"tagged-%d","name":"Tagged %d","category":"Tagging","hasVariant":\
          [{"sku":"TG-%d","name":"one"}]}
          """
              .formatted(i, i, i));
    }
    upload("/api/v1/catalogue/imports", "t.jsonl", utf8(lines.toString()))
        .andExpect(status().isOk());
    JsonNode rows = body(ask("/api/v1/products?q=Tagged&size=50")).path("rows").path("items");
    products = rows.valueStream().map(row -> row.path("id").asLong()).toList();
    assertEquals(products.size(), 8);
    JsonNode added =
        body(
            send(
                "/api/v1/layout/nods",
                "{\"kind\":\"own-label\",\"spot\":\"on-picture\",\"page\":\"PRODUCT\"}"));
    nod = added.path("face").path("id").asString();
    ObjectNode set = (ObjectNode) added.path("face").path("set");
    set.set("audience", json.readTree("{\"kind\":\"HAS_TAG\",\"names\":[\"" + TAG + "\"]}"));
    ((ObjectNode) set.path("wording")).putObject("en").put("own", "Tried");
    saveNod(added.path("face"), set);
  }

  private Set<Long> showing() throws Exception {
    return body(ask("/api/v1/products?q=Tagged&size=50&shows={nod}", nod)
            .andExpect(status().isOk()))
        .path("rows")
        .path("items")
        .valueStream()
        .map(row -> row.path("id").asLong())
        .collect(Collectors.toSet());
  }

  @Test
  public void whatIsForetoldComesTrue() throws Exception {
    var random = new Random(31);
    for (int i = 0; i < 12; i++) {
      var some = new ArrayList<Long>();
      for (Long product : products) {
        if (random.nextBoolean()) {
          some.add(product);
        }
      }
      if (some.isEmpty()) {
        continue;
      }
      boolean has = random.nextInt(3) > 0;
      String tagging = "{\"products\":%s,\"tag\":\"%s\",\"has\":%b}".formatted(some, TAG, has);
      Set<Long> before = showing();
      JsonNode effects = body(send("/api/v1/products/tags/preview", tagging));
      assertEquals(showing(), before, "looking changes nothing");
      send("/api/v1/products/tags", tagging).andExpect(status().isOk());
      Set<Long> after = showing();
      var newly = new HashSet<>(after);
      newly.removeAll(before);
      var gone = new HashSet<>(before);
      gone.removeAll(after);
      JsonNode ours = json.createObjectNode();
      for (JsonNode one : effects.path("effects")) {
        if (one.path("name").asString().startsWith("Custom label")) {
          ours = one;
        }
      }
      assertEquals(ours.path("newly").asInt(0), newly.size(), tagging);
      assertEquals(ours.path("noLonger").asInt(0), gone.size(), tagging);
      assertEquals(effects.path("changed").asInt(), newly.size() + gone.size(), tagging);
    }
  }
}
