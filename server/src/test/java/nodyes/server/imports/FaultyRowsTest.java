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
    assertEquals(lines.getFirst(), "\uFEFFProduct,Stars,Words,Date,line,why it is not read");
    assertEquals(lines.get(1), "mended-pot,five,Fine,2026-05-02,3,five This is not a number.");
    assertTrue(lines.get(2).startsWith("Mended pot old,3,\"So, so\",2026-05-03,4,"), lines.get(2));
    assertTrue(lines.get(3).startsWith("mended-pot,five,'=SUM(A1),soon,5,five "), lines.get(3));
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
    assertTrue(file.contains("later-pot,x,b,1,x "), file);
  }
}
