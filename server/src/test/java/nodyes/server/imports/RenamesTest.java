package nodyes.server.imports;

import static org.testng.Assert.assertEquals;

import nodyes.server.ServerTest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class RenamesTest extends ServerTest {
  private static final String FILE =
      "Product,Rating,Words,Variant\n"
          + "rename-pot-1,5,Stands in any wind,24 cm\n"
          + "rename-pto-1,4,Drains well enough,24 cm\n"
          + "rename-pot-1,3,Smaller than it seems,medium\n"
          + "rename-pot-1,2,Greener than it seems,medium\n"
          + "rename-pot-1,1,The rim is uneven,giant\n";
  private static final String RENAMES =
      "{\"permitted\":true,\"renames\":{\"PRODUCT\":{\"rename-pto-1\":\"rename-pot-1\"},"
          + "\"VARIANT\":{\"medium\":\"24 cm\"}}}";

  @Test
  public void whatTextsMeanIsOfferedTakenAndRemembered() throws Exception {
    product("rename-pot");
    long id = body(upload("/api/v1/imports", "r.csv", utf8(FILE))).path("id").asLong();
    JsonNode trial = body(send("/api/v1/imports/{id}/preview", "{}", id));
    assertEquals(trial.path("usable").asInt(), 4);
    assertEquals(trial.path("problems").get(0).path("nearest").toString(), "[\"rename-pot-1\"]");
    JsonNode unsold = trial.path("unsold");
    assertEquals(unsold.size(), 2);
    assertEquals(unsold.get(0).path("given").asString(), "medium");
    assertEquals(unsold.get(0).path("reviews").asInt(), 2);
    assertEquals(unsold.get(0).path("sold").toString(), "[\"24 cm\"]");

    JsonNode meant = body(send("/api/v1/imports/{id}/preview", RENAMES, id));
    assertEquals(meant.path("usable").asInt(), 5);
    assertEquals(meant.path("unsold").size(), 1);
    send("/api/v1/imports/{id}/start", RENAMES, id);
    awaited("/api/v1/imports/{id}", "\"DONE\"", id);
    JsonNode lines = body(ask("/api/v1/reviews?batch={id}&size=50", id)).path("items");
    for (JsonNode line : lines) {
      if (line.path("text").asString().equals("Smaller than it seems")) {
        assertEquals(line.path("variant").asString(), "24 cm");
        assertEquals(line.path("rawVariant").asString(), "medium");
        assertEquals(line.path("flags").toString(), "[]");
      }
    }
    JsonNode next = body(upload("/api/v1/imports", "next.csv", utf8(FILE)));
    assertEquals(
        next.path("inspection")
            .path("choices")
            .path("renames")
            .path("VARIANT")
            .path("medium")
            .asString(),
        "24 cm");
  }
}
