package nodyes.server.imports;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import javax.imageio.ImageIO;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Reviews read off web pages. */
public class PageImportsTest extends ServerTest {
  private static String page(String next, String reviews) {
    return "<!doctype html><html><head>"
        + (next.isEmpty() ? "" : "<link rel=next href='" + next + "'>")
        + "<script type='application/ld+json'>{\"@context\":\"https://schema.org\","
        + "\"@type\":\"Product\",\"name\":\"A pot\",\"review\":["
        + reviews
        + "]}</script></head><body>…</body></html>";
  }

  private static String review(int rating, String words, String more) {
    return "{\"@type\":\"Review\",\"reviewRating\":{\"@type\":\"Rating\",\"ratingValue\":"
        + rating
        + ",\"bestRating\":10,\"worstRating\":1},\"reviewBody\":\""
        + words
        + "\""
        + more
        + "}";
  }

  private JsonNode visited(String path) throws Exception {
    long id =
        body(send(
                "/api/v1/imports/visits", "{\"address\":\"" + OutsideServer.address(path) + "\"}"))
            .path("id")
            .asLong();
    return until(
        () -> body(ask("/api/v1/imports/visits/{id}", id)),
        visit -> !visit.path("state").asString().equals("GOING"));
  }

  private JsonNode read(long id, String product) throws Exception {
    send("/api/v1/imports/{id}/start", "{\"permitted\":true,\"product\":\"" + product + "\"}", id)
        .andExpect(status().isAccepted());
    return awaited("/api/v1/imports/{id}", "\"state\":\"DONE\"", id);
  }

  @Test
  public void aPageAndThoseAfterItAreReadWithTheirPictures() throws Exception {
    product("visit-pot");
    var picture = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture);
    OutsideServer.says("/pot.png", "image/png", picture.toByteArray());
    OutsideServer.says(
        "/p",
        "text/html",
        page(
            "/p?page=2",
            review(
                10,
                "Holds water",
                ",\"image\":[\""
                    + OutsideServer.address("/pot.png")
                    + "\",\""
                    + OutsideServer.address("/gone.png")
                    + "\"]")));
    OutsideServer.says("/p?page=2", "text/html", page("/p", review(1, "Leaks", "")));
    JsonNode visit = visited("/p");
    assertEquals(visit.path("state").asString(), "DONE");
    assertEquals(visit.path("pages").asInt(), 2);
    assertEquals(visit.path("reviews").asInt(), 2);
    long batch = visit.path("batch").asLong();
    assertEquals(read(batch, "visit-pot").path("imported").asInt(), 2);

    JsonNode line =
        awaited("/api/v1/import-checks/{id}/queue", "PICTURE", batch).path("items").path(0);
    assertEquals(line.path("stars").asDouble(), 5.0);
    assertEquals(line.path("pictures").size(), 1);
    byte[] kept =
        ask(line.path("pictures").path(0).asString())
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertEquals(kept[0] & 0xFF, 0xFF);
    assertEquals(kept[1] & 0xFF, 0xD8);
  }

  @Test
  public void aPageWithoutReviewsSaysWhatKindOfPageIsNeeded() throws Exception {
    OutsideServer.says("/plain", "text/html", "<h1>A pot</h1><p>Five stars, says everyone.</p>");
    JsonNode visit = visited("/plain");
    assertEquals(visit.path("state").asString(), "FAILED");
    assertTrue(visit.path("failure").asString().contains("JSON-LD, microdata or RDFa"));
    JsonNode gone = visited("/nowhere");
    assertTrue(gone.path("failure").asString().contains("no page at this address"));
  }

  @Test
  public void addressesOfThisMachineAreRefused() throws Exception {
    for (String address : new String[] {"http://127.1/", "file:///etc/passwd", "http://[::1"}) {
      send("/api/v1/imports/visits", "{\"address\":\"" + address + "\"}")
          .andExpect(status().isUnprocessableContent());
    }
    long id =
        body(send("/api/v1/imports/visits", "{\"address\":\"http://localhost:8999/\"}"))
            .path("id")
            .asLong();
    assertTrue(
        awaited("/api/v1/imports/visits/{id}", "FAILED", id)
            .path("failure")
            .asString()
            .contains("is not on the public internet, so it cannot be opened from here"));
  }

  @Test
  public void aPageHandedOverByTheBrowserIsLookedAt() throws Exception {
    String html = page("", review(8, "Seen by members alone", "")).replace("\"", "\\\"");
    send(
            "/api/v1/imports/pages",
            "{\"address\":\"https://market.example/p\",\"html\":\""
                + html.replace("\\\\\"", "\\\\\\\"")
                + "\"}")
        .andExpect(status().isCreated())
        .andExpect(jsonPath("$.inspection.rows").value(1))
        .andExpect(jsonPath("$.fileName").value(containsString("market.example")));
    send("/api/v1/imports/pages", "{\"address\":\"market.example\",\"html\":\"<p>none</p>\"}")
        .andExpect(status().isUnprocessableContent());
  }
}
