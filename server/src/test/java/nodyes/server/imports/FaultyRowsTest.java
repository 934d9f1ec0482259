package nodyes.server.imports;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import nodyes.server.ServerTest;
import org.hamcrest.Matchers;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Rows that cannot be read are mended where they stand, or go out with the reasons. */
public class FaultyRowsTest extends ServerTest {
  private static final String FILE =
      "Product,Stars,Words,Date\n"
          + "mended-pot,4,Good,2026-05-01\n"
          + "mended-pot,five,Fine,2026-05-02\n"
          + "Mended pot old,3,\"So, so\",2026-05-03\n"
          + "mended-pot,five,=SUM(A1),soon\n"
          + "mended-pot,2,Meh,2026-05-04\n";

  @BeforeClass
  public void shop() throws Exception {
    product("mended-pot");
  }

  private long brought() throws Exception {
    return body(upload("/api/v1/imports", "reviews.csv", utf8(FILE))).path("id").asLong();
  }

  private JsonNode preview(long id, String choices) throws Exception {
    return body(send("/api/v1/imports/{id}/preview", choices, id).andExpect(status().isOk()));
  }

  @Test
  public void whatACellMeansIsSaidOnceForAllRows() throws Exception {
    long id = brought();
    JsonNode before = preview(id, "{}");
    assertEquals(before.path("usable").asInt(), 2, before.toString());
    assertEquals(before.path("problems").path(0).path("field").asString(), "RATING");
    JsonNode after =
        preview(
            id,
            "{\"renames\":{\"RATING\":{\"five\":\"5\"},\"PRODUCT\":{\"Mended pot old\":\"mended-pot\"}}}");
    assertEquals(after.path("usable").asInt(), 4, after.toString());
    assertEquals(after.path("problems").path(0).path("value").asString(), "soon");
    JsonNode all =
        preview(
            id,
            "{\"renames\":{\"RATING\":{\"five\":\"5\"},\"DATE\":{\"soon\":\"2026-05-05\"},"
                + "\"PRODUCT\":{\"Mended pot old\":\"mended-pot\"}}}");
    assertEquals(all.path("usable").asInt(), 5, all.toString());
    // shoppers are told the original rating
    assertEquals(all.path("shown").path(1).path("givenRating").asString(), "five", all.toString());
  }

  /** What can be read means what it says: no rating becomes another one. */
  @Test
  public void aRatingThatCanBeReadStaysWhatItIs() throws Exception {
    JsonNode tried = preview(brought(), "{\"renames\":{\"RATING\":{\"2\":\"5\",\"3\":\"5\"}}}");
    assertEquals(
        tried.path("shown").valueStream().map(one -> one.path("stars").asInt()).toList(),
        List.of(4, 2),
        tried.toString());
  }

  /** A product that is known is what it is, too. */
  @Test
  public void aKnownProductStaysWhatItIs() throws Exception {
    product("other-pot");
    JsonNode tried =
        preview(
            brought(),
            "{\"renames\":{\"PRODUCT\":{\"mended-pot\":\"other-pot\"}},\"product\":null}");
    assertEquals(tried.path("usable").asInt(), 2, tried.toString());
    long id = brought();
    send(
        "/api/v1/imports/{id}/start",
        "{\"permitted\":true,\"renames\":{\"PRODUCT\":{\"mended-pot\":\"other-pot\"}}}",
        id);
    awaited("/api/v1/imports/{id}", "\"DONE\"", id);
    assertEquals(body(ask("/api/v1/reviews?product=other-pot")).path("total").asInt(), 0);
    send("/api/v1/imports/{id}/remove", "{}", id).andExpect(status().isOk());
  }

  /** Files of these headings were read so before: a fresh one is, before anything is chosen. */
  @Test
  public void whatIsRememberedIsMendedInTheFileOfFaultsToo() throws Exception {
    product("again-pot");
    String file = "Product,Grade,Words\nagain-pot,five,a b\nagain-pot,six,c d\n";
    String choices =
        "{\"columns\":{\"PRODUCT\":0,\"RATING\":1,\"WORDS\":2},\"renames\":{\"RATING\":{\"five\":\"5\"}}}";
    bringIn(file, choices);
    long id = body(upload("/api/v1/imports", "again.csv", utf8(file))).path("id").asLong();
    String out =
        ask("/api/v1/imports/{id}/problems/file", id)
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    assertTrue(out.contains(",again-pot,six,c d") && !out.contains("five"), out);
  }

  @Test
  public void faultyRowsGoOutWithTheReasonBesideEach() throws Exception {
    long id = brought();
    var answer =
        ask("/api/v1/imports/{id}/problems/file", id)
            .andExpect(status().isOk())
            .andExpect(
                header()
                    .string("Content-Disposition", Matchers.containsString("reviews-not-read.csv")))
            .andReturn()
            .getResponse();
    List<String> lines =
        new String(answer.getContentAsByteArray(), StandardCharsets.UTF_8).lines().toList();
    assertEquals(lines.getFirst(), "\uFEFFline,why it is not read,Product,Stars,Words,Date");
    assertEquals(lines.get(1), "3,five This is not a number.,mended-pot,five,Fine,2026-05-02");
    assertTrue(lines.get(2).endsWith(",Mended pot old,3,\"So, so\",2026-05-03"), lines.get(2));
    assertTrue(lines.get(3).endsWith(",mended-pot,five,'=SUM(A1),soon"), lines.get(3));
    assertTrue(lines.get(3).contains(" soon "), lines.get(3));
    assertEquals(lines.size(), 4);
  }

  @Test
  public void theSameFileIsThereAfterTheImport() throws Exception {
    product("later-pot");
    JsonNode batch =
        bringIn(
            "[{\"product\":\"later-pot\",\"stars\":4,\"text\":\"a\"},{\"product\":\"later-pot\",\"stars\":\"x\",\"text\":\"b\"}]",
            "{}");
    assertEquals(batch.path("unreadable").asInt(), 1, batch.toString());
    String file =
        ask("/api/v1/imports/{id}/problems/file", batch.path("id").asLong())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    assertTrue(file.contains("1,x This is not a number.,later-pot,x,b"), file);
  }
}
