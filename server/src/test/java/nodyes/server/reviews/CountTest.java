package nodyes.server.reviews;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.StringJoiner;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What the desk counts, lists and pages is the same, whatever is asked for. */
public class CountTest extends ServerTest {
  private static final int SEED = 20261126;
  private static final String[][] FILTERS = {
    {"", "stars=1", "stars=4", "stars=5"},
    {"", "language=en", "language=pt", "language=zz"},
    {"", "country=PT", "country=DE"},
    {"", "status=PENDING", "status=PUBLISHED"},
    {"", "pictures=true", "pictures=false"},
    {"", "q=pote", "q=wind"},
    {"", "from=2026-03-01", "to=2026-02-28", "from=2026-02-01&to=2026-03-31"},
  };

  private long batch;

  @BeforeClass
  public void fill() throws Exception {
    product("counted-pot");
    var random = new Random(SEED);
    var rows = new StringBuilder("Product,Rating,Words,Reviewer,Country,Date,Language\n");
    for (int i = 0; i < 120; i++) {
      boolean isPortuguese = random.nextBoolean();
      rows.append(
          "counted-pot,%d,%s %d,R%d,%s,2026-%02d-%02d,%s\n"
              .formatted(
                  1 + random.nextInt(5),
                  isPortuguese ? "Um pote bonito para a varanda" : "It stands well in the wind",
                  i,
                  i,
                  random.nextBoolean() ? "PT" : "DE",
                  1 + random.nextInt(4),
                  1 + random.nextInt(28),
                  isPortuguese ? "pt" : "en"));
    }
    JsonNode read = bringIn(rows.toString(), "{}");
    batch = read.path("id").asLong();
    List<String> ids = new ArrayList<>();
    for (JsonNode one : body(ask("/api/v1/reviews?batch={b}&size=30", batch)).path("items")) {
      ids.add(one.path("id").asString());
    }
    send(
        "/api/v1/reviews/actions",
        "{\"ids\":[" + String.join(",", ids) + "],\"to\":\"PUBLISHED\"}");
  }

  @Test
  public void countRowsAndListAgree() throws Exception {
    var random = new Random(SEED);
    int found = 0;
    for (int i = 0; i < 40; i++) {
      var query = new StringJoiner("&").add("batch=" + batch);
      for (String[] filter : FILTERS) {
        String one = filter[random.nextInt(filter.length)];
        if (!one.isEmpty()) {
          query.add(one);
        }
      }
      long total =
          body(ask("/api/v1/reviews?" + query).andExpect(status().isOk())).path("total").asLong();
      assertEquals(
          body(ask("/api/v1/reviews/count?" + query)).path("reviews").asLong(), total, query + "");
      assertEquals(paged("/api/v1/reviews/rows?size=17&" + query), total, query + "");
      found += total > 0 ? 1 : 0;
    }
    assertTrue(found > 10, found + " of 40 filters found any");
  }

  /** How many there are, page after page, and no page but the last is short. */
  private long paged(String address) throws Exception {
    var seen = new ArrayList<Long>();
    for (int page = 1; ; page++) {
      JsonNode rows = body(ask(address + "&page=" + page));
      rows.path("items").forEach(one -> seen.add(one.path("id").asLong()));
      if (!rows.path("hasMore").asBoolean()) {
        break;
      }
      assertEquals(rows.path("items").size(), 17, address);
    }
    assertEquals(seen.stream().distinct().count(), seen.size(), address);
    return seen.size();
  }
}
