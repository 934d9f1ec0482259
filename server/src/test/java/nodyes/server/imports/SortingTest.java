package nodyes.server.imports;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import nodyes.server.ServerTest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** From a file to the import check and back. */
public class SortingTest extends ServerTest {
  private static final String HEAD = "Product,Rating,Words,Reviewer,Date,Variant\n";

  private static String row(String product, int stars, String words, String who) {
    return product + "," + stars + "," + words + "," + who + ",2026-01-02,\n";
  }

  private long looked(String content) throws Exception {
    return body(upload("/api/v1/imports", "sorted.csv", utf8(content))).path("id").asLong();
  }

  private List<Long> queue(long batch) throws Exception {
    return body(ask("/api/v1/import-checks/{id}/queue", batch))
        .path("items")
        .valueStream()
        .map(line -> line.path("id").asLong())
        .toList();
  }

  private JsonNode decide(long batch, String ids, String sorted) throws Exception {
    return body(
        send(
            "/api/v1/import-checks/{id}/decisions",
            "{\"ids\":[" + ids + "],\"decision\":\"" + sorted + "\"}",
            batch));
  }

  @Test
  public void aTrialSaysExactlyWhatReadingComesTo() throws Exception {
    product("trial-pot");
    String file =
        HEAD
            + row("trial-pot", 5, "Stands in any wind", "Rui Paiva")
            + row("trial-pot", 4, "Stands in any wind", "Rui Paiva")
            + row("trial-pot", 3, "", "Ana Beja")
            + row("trial-pot", 9, "Nine of five", "Eva")
            + row("teapot", 5, "Not sold", "Gil")
            + row("trial-pot", 2, "Write to me at eva@mail.example", "Eva Maier");
    String choices =
        "{\"nameForm\":\"FIRST_NAME_AND_INITIAL\",\"withWords\":true,\"source\":\"a fair\"}";
    long id = looked(file);
    JsonNode trial = body(send("/api/v1/imports/{id}/preview", choices, id));
    assertEquals(trial.path("usable").asInt(), 2);
    assertEquals(trial.path("duplicates").asInt(), 1);
    assertEquals(trial.path("notSelected").asInt(), 1);
    assertEquals(trial.path("unreadable").asInt(), 2);
    assertEquals(trial.path("marked").path(0).path("flag").asString(), "CONTACT_DETAILS");
    assertEquals(trial.path("shown").path(0).path("reviewer").asString(), "Rui P.");
    assertTrue(trial.path("asksPermission").asBoolean());
    assertEquals(body(ask("/api/v1/reviews?product=trial-pot")).path("total").asInt(), 0);

    send("/api/v1/imports/{id}/start", choices, id)
        .andExpect(status().isUnprocessableContent())
        .andExpect(
            jsonPath("$.detail")
                .value(
                    "Confirm that you may publish reviews from a fair. You only do this once per"
                        + " source."));
    JsonNode read = bringIn(file, choices);
    assertEquals(read.path("imported").asInt(), 2);
    assertEquals(read.path("unreadable").asInt(), 2);
    JsonNode again = body(send("/api/v1/imports/{id}/preview", choices, id));
    assertEquals(again.path("usable").asInt(), 0);
    assertFalse(again.path("asksPermission").asBoolean());
  }

  @Test
  public void allIsKeptUntilLeftOutAndPublishedAtOnce() throws Exception {
    product("sort-pot");
    send("/api/v1/layout/publish", "{\"note\":\"\"}").andExpect(status().isOk());
    var file = new StringBuilder(HEAD);
    for (int i = 0; i < 8; i++) {
      file.append(row("sort-pot", i < 4 ? 5 : 2, "Words number " + i, "Who " + i));
    }
    long batch = bringIn(file.toString(), "{}").path("id").asLong();
    JsonNode begun = body(ask("/api/v1/import-checks/{id}", batch));
    assertEquals(begun.path("accepted").path("reviews").asInt(), 8);
    assertEquals(begun.path("open").asInt(), 8);
    assertEquals(begun.path("all").path("average").asDouble(), 3.5);

    List<Long> ids = queue(batch);
    decide(batch, ids.get(0) + "," + ids.get(1), "ACCEPTED");
    JsonNode standing = decide(batch, ids.get(5) + "," + ids.get(6), "LEFT_OUT");
    assertEquals(standing.path("accepted").path("reviews").asInt(), 6);
    assertEquals(standing.path("open").asInt(), 4);
    assertEquals(standing.path("low").asInt(), 4);
    assertEquals(standing.path("lowLeftOut").asInt(), 2);
    assertTrue(standing.path("isOneSided").asBoolean());
    assertFalse(decide(batch, "" + ids.get(6), "OPEN").path("isOneSided").asBoolean());

    JsonNode published = body(send("/api/v1/import-checks/{id}/publish", "{}", batch));
    assertEquals(published.path("published").asInt(), 7);
    assertEquals(published.path("leftOut").asInt(), 1);
    assertEquals(published.path("products").path(0).path("product").asString(), "sort-pot");
    JsonNode record = body(ask("/api/v1/import-checks/{id}/records", batch)).path(0);
    assertEquals(record.path("accepted").toString(), "[0,3,0,0,4]");
    assertEquals(record.path("usable").toString(), "[0,4,0,0,4]");
    assertFalse(record.path("isOneSided").asBoolean());
    JsonNode out = body(ask("/api/v1/reviews?batch={id}&status=LEFT_OUT", batch)).path("items");
    assertEquals(out.path(0).path("id").asLong(), ids.get(5).longValue());
    assertEquals(out.path(0).path("leftOutReason").asString(), "NOT_GIVEN");
    ask("/embed/v1/page?kind=product&product=sort-pot")
        .andExpect(jsonPath("$.nods[?(@.kind=='review-wall')]").isNotEmpty());

    // undone and published again: what was left out comes back with the others
    int back =
        body(send("/api/v1/reviews/actions/{id}/undo", "{}", published.path("move").asLong()))
            .path("moved")
            .asInt();
    assertEquals(back, 8);
    assertEquals(queue(batch).size(), 8);
    published = body(send("/api/v1/import-checks/{id}/publish", "{}", batch));
    assertEquals(published.path("published").asInt(), 7);
    assertEquals(published.path("leftOut").asInt(), 1);

    JsonNode again = bringIn(file.toString(), "{}");
    assertEquals(again.path("leftOutBefore").asInt(), 1);
    assertEquals(again.path("duplicates").asInt(), 7);
    JsonNode asked = bringIn(file.toString(), "{\"takesLeftOut\":true}");
    assertEquals(asked.path("imported").asInt(), 1);
    send("/api/v1/imports/{id}/remove", "{}", asked.path("id").asLong());
    assertEquals(bringIn(file.toString(), "{}").path("leftOutBefore").asInt(), 1);
  }

  @Test
  public void theQueueNarrowsAndItsMarksAreUndone() throws Exception {
    product("narrow-pot");
    long batch =
        bringIn(
                HEAD
                    + row("narrow-pot", 5, "Call 912 555 014 77", "A")
                    + row("narrow-pot", 1, "Bad", "B")
                    + row("narrow-pot", 1, "", "C"),
                "{}")
            .path("id")
            .asLong();
    assertEquals(
        body(ask("/api/v1/import-checks/{id}/queue?stars=1", batch)).path("total").asInt(), 2);
    assertEquals(
        body(ask("/api/v1/import-checks/{id}/queue?flag=NO_WORDS", batch)).path("total").asInt(),
        1);
    JsonNode marks = body(ask("/api/v1/import-checks/{id}/marks?flag=CONTACT_DETAILS", batch));
    assertEquals(marks.size(), 1);
    assertEquals(marks.path(0).path("decision").asString(), "OPEN");
    send("/api/v1/import-checks/{id}/decisions", "{\"ids\":[],\"decision\":\"ACCEPTED\"}", batch)
        .andExpect(status().isBadRequest());
    send(
            "/api/v1/import-checks/{id}/decisions",
            "{\"ids\":[1],\"decision\":\"ACCEPTED\",\"reason\":\"A_COPY\"}",
            batch)
        .andExpect(status().isUnprocessableContent());
  }

  @Test
  public void aWholeBatchIsTakenBackAndWhatWasLeftOutIsRemembered() throws Exception {
    product("back-pot");
    String file =
        HEAD + row("back-pot", 5, "First of two", "A") + row("back-pot", 1, "Second of two", "B");
    long batch = bringIn(file, "{}").path("id").asLong();
    decide(batch, "" + queue(batch).get(1), "LEFT_OUT");
    send("/api/v1/import-checks/{id}/publish", "{}", batch);
    assertEquals(
        body(send("/api/v1/imports/{id}/remove", "{}", batch)).path("state").asString(), "UNDONE");
    assertEquals(
        body(ask("/api/v1/reviews?product=back-pot&status=PUBLISHED")).path("total").asInt(), 0);
    send("/api/v1/imports/{id}/remove", "{}", batch).andExpect(status().isUnprocessableContent());
    JsonNode again = bringIn(file, "{}");
    assertEquals(again.path("imported").asInt(), 1);
    assertEquals(again.path("leftOutBefore").asInt(), 1);
  }

  @Test
  public void aReadingIsCalledOffAndNothingOfItStays() throws Exception {
    product("called-pot");
    var file = new StringBuilder(HEAD);
    for (int i = 0; i < 60_000; i++) {
      file.append(row("called-pot", 5, "Words number " + i + " of very many", "Who " + i));
    }
    long id = looked(file.toString());
    send("/api/v1/imports/{id}/start", "{\"permitted\":true}", id).andExpect(status().isAccepted());
    send("/api/v1/imports/{id}/cancel", "{}", id).andExpect(status().isOk());
    awaited("/api/v1/imports/{id}", "\"state\":\"CANCELLED\"", id);
    assertEquals(body(ask("/api/v1/reviews?product=called-pot")).path("total").asInt(), 0);
    send("/api/v1/imports/{id}/cancel", "{}", id).andExpect(status().isUnprocessableContent());
  }

  @Test
  public void theSameColumnsAreReadTheSameWayTheNextTime() throws Exception {
    product("memory-pot");
    String head = "Pote;Pontos;Frase\n";
    long first = looked(head + "memory-pot;8;Gosto muito dele\n");
    String choices =
        "{\"columns\":{\"PRODUCT\":0,\"RATING\":1,\"WORDS\":2},\"worst\":1,\"best\":10,"
            + "\"permitted\":true,\"source\":\"the stall\"}";
    send("/api/v1/imports/{id}/start", choices, first).andExpect(status().isAccepted());
    awaited("/api/v1/imports/{id}", "\"state\":\"DONE\"", first);
    long next = looked(head + "memory-pot;6;Podia ser maior\n");
    JsonNode look = body(ask("/api/v1/imports/{id}", next)).path("inspection");
    assertEquals(look.path("choices").path("columns").path("RATING").asInt(), 1);
    assertEquals(look.path("choices").path("best").asInt(), 10);
    assertFalse(look.path("remembered").asString().isEmpty());
  }

  @Test
  public void nearlyTheSameWordsAreMarkedWithTheEarlierOne() throws Exception {
    product("copy-pot");
    String long1 = "Bought one and then two more because my herbs have never looked so well here";
    long batch =
        bringIn(
                HEAD
                    + row("copy-pot", 5, long1, "Ella")
                    + row("copy-pot", 5, long1 + "!", "Dana")
                    + row("copy-pot", 4, "Something else entirely about the saucer", "Eva"),
                "{}")
            .path("id")
            .asLong();
    JsonNode items = body(ask("/api/v1/import-checks/{id}/queue", batch)).path("items");
    assertEquals(items.path(1).path("flags").toString(), "[\"NEAR_DUPLICATE\"]");
    assertEquals(items.path(1).path("duplicateOf").asLong(), items.path(0).path("id").asLong());
    assertEquals(items.path(0).path("flags").size(), 0);
  }
}
