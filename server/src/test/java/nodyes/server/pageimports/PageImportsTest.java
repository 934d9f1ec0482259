package nodyes.server.pageimports;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import javax.imageio.ImageIO;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
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
    return going("/api/v1/imports/visits", "{\"address\":\"" + OutsideServer.address(path) + "\"}");
  }

  private JsonNode going(String begins, String with) throws Exception {
    long id = body(send(begins, with)).path("id").asLong();
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

  private static String opinion(String stars, String name, String date, String words) {
    return "<li class='op'><i class='%s'></i> <b>%s</b> <span>%s</span><p>%s</p></li>"
        .formatted(stars, name, date, words);
  }

  private static final String OPINIONS =
      "<h1>A pot</h1><ul>%s<li>Members save on delivery this week, join in a minute</li></ul>%s";

  /** What is on most pages of markets: reviews that no data tells of. */
  @Test
  public void aPageWithoutDataIsShownBeforeItIsReadAndRemembered() throws Exception {
    product("market-pot");
    OutsideServer.says(
        "/m",
        "text/html",
        OPINIONS.formatted(
            opinion("stars-8", "Inês R.", "23.10.2026", "It has kept its glaze all winter")
                + opinion(
                    "stars-10",
                    "Owen <script>x()</script>B.",
                    "02.10.2026",
                    "Greener than the picture"),
            "<a href='/m?page=2'>Next ›</a>"));
    OutsideServer.says(
        "/m?page=2",
        "text/html",
        OPINIONS.formatted(opinion("stars-2", "Fay N.", "in July", "Fine, but mine is ochre"), ""));
    JsonNode visit = visited("/m");
    assertEquals(visit.path("state").asString(), "TO_CHECK");
    long reading = visit.path("reading").asLong();
    JsonNode shown = body(ask("/api/v1/page-readings/{id}", reading));
    assertEquals(shown.path("reviews").asInt(), 2);
    assertEquals(shown.path("hasNext").asBoolean(), true);
    JsonNode first = shown.path("rows").path(0).path("cells");
    assertEquals(first.at("/STARS/text").asString(), "8 / 10");
    assertEquals(first.at("/DATE/reads").asString(), "2026-10-23");
    assertFalse(shown.toString().contains("x()"), shown.toString());

    JsonNode less =
        body(
            act(
                HttpMethod.PUT,
                "/api/v1/page-readings/{id}/rows/{row}",
                "{\"isLeftOut\":true}",
                reading,
                shown.path("rows").path(1).path("element").asInt()));
    assertEquals(less.path("reviews").asInt(), 1);

    JsonNode done = going("/api/v1/page-readings/" + reading + "/import", "{}");
    assertEquals(done.path("state").asString(), "DONE", done.toString());
    assertEquals(done.path("pages").asInt(), 2);
    String file =
        ask("/api/v1/imports/{id}/file", done.path("batch").asLong())
            .andReturn()
            .getResponse()
            .getContentAsString();
    // the second page has low numbers alone
    assertEquals(file.split("\"bestRating\":\"10\"", -1).length, 3, file);
    JsonNode batch = read(done.path("batch").asLong(), "market-pot");
    assertEquals(batch.path("imported").asInt(), 2, batch.toString());

    JsonNode again = visited("/m");
    assertEquals(again.path("state").asString(), "DONE", "its site is known: " + again);
    assertEquals(again.path("reviews").asInt(), 3);

    OutsideServer.says("/m", "text/html", "<h1>A pot</h1><p>All is new here</p>");
    JsonNode changed = visited("/m");
    assertEquals(changed.path("state").asString(), "TO_CHECK");
    assertTrue(
        body(ask("/api/v1/page-readings/{id}", changed.path("reading").asLong())).has("learned"));
  }

  @Test
  public void whatIsPointedAtDecidesWhatIsRead() throws Exception {
    OutsideServer.says(
        "/one",
        "text/html",
        "<main><div class='q'><span>4/5</span><i>Porto</i><i>Odile</i><p>It has kept its glaze</p></div></main>");
    long reading = visited("/one").path("reading").asLong();
    JsonNode shown = body(ask("/api/v1/page-readings/{id}", reading));
    assertEquals(shown.path("rows").size(), 0, "of one alone nothing is guessed");
    JsonNode block = shown.path("page").path("pieces").path(0).path("pieces").path(0);
    int name = block.path("pieces").path(2).path("element").asInt();
    String points = "/api/v1/page-readings/" + reading + "/points";
    send(points, "{\"part\":\"NAME\",\"element\":" + name + "}")
        .andExpect(status().isUnprocessableContent());
    JsonNode found = body(send(points, "{\"element\":" + name + "}"));
    assertEquals(found.at("/rows/0/cells/NAME/text").asString(), "Porto");
    JsonNode right = body(send(points, "{\"part\":\"NAME\",\"element\":" + name + "}"));
    assertEquals(right.at("/rows/0/cells/NAME/text").asString(), "Odile");
    assertEquals(right.at("/rows/0/cells/STARS/text").asString(), "4 / 5");
    ask("/api/v1/page-readings/{id}", 987_654).andExpect(status().isNotFound());
  }

  @Test
  public void aPageThatIsNotThereSaysSo() throws Exception {
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
        .andExpect(jsonPath("$.state").value("DONE"))
        .andExpect(jsonPath("$.batch").isNumber());
    send("/api/v1/imports/pages", "{\"address\":\"market.example\",\"html\":\"<p>none</p>\"}")
        .andExpect(jsonPath("$.state").value("TO_CHECK"));
  }
}
