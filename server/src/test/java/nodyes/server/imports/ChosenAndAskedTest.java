package nodyes.server.imports;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * What was chosen for a file was gone when its page was loaded anew; 03/04/2026 was read as the
 * third of April though no date told so.
 */
public class ChosenAndAskedTest extends ServerTest {
  private static final String CHOICES = "/api/v1/imports/{id}/choices";

  private JsonNode looked(String content) throws Exception {
    return body(upload("/api/v1/imports", "letters.csv", utf8(content)));
  }

  private long id(JsonNode batch) {
    return batch.path("id").asLong();
  }

  @Test
  public void whatIsChosenIsThereAgainUnfinishedOrNot() throws Exception {
    long id = id(looked("Product,Rating,Words\nchosen-pot,5,Stands well\n"));
    ask(CHOICES, id).andExpect(status().isOk()).andExpect(jsonPath("$.choices").doesNotExist());
    String chosen = "{\"columns\":{\"WORDS\":2},\"source\":\"The stall\",\"permitted\":true}";
    act(HttpMethod.PUT, CHOICES, chosen, id).andExpect(status().isOk());
    JsonNode kept = body(ask(CHOICES, id)).path("choices");
    assertEquals(kept.path("columns").path("WORDS").asInt(), 2, kept.toString());
    assertEquals(kept.path("source").asString(), "The stall");
    assertTrue(kept.path("permitted").asBoolean());
  }

  @Test
  public void anotherLookForgetsWhatWasChosenOfOtherColumns() throws Exception {
    long id = id(looked("Product,Rating,Words\nlook-pot,5,Stands well\n"));
    act(HttpMethod.PUT, CHOICES, "{\"columns\":{\"WORDS\":2}}", id).andExpect(status().isOk());
    send("/api/v1/imports/{id}/inspection", "{\"encoding\":\"ISO-8859-1\"}", id)
        .andExpect(status().isOk());
    ask(CHOICES, id).andExpect(jsonPath("$.choices").doesNotExist());
  }

  @Test
  public void datesThatMayBeEitherAreAskedAbout() throws Exception {
    product("asked-pot");
    JsonNode batch =
        looked(
            "Product,Rating,Words,Date\n"
                + "asked-pot,5,Stands well,03/04/2026\n"
                + "asked-pot,4,Light,11/12/2025\n");
    assertEquals(batch.path("inspection").path("dateUnclear").asString(), "03/04/2026");
    send("/api/v1/imports/{id}/preview", "{}", id(batch))
        .andExpect(status().isUnprocessableContent())
        .andExpect(
            jsonPath("$.detail")
                .value(
                    "Choose whether the day or the month comes first. In 03/04/2026, both numbers"
                        + " could be the day, and no other date in the file settles it."));
    JsonNode trial =
        body(
            send("/api/v1/imports/{id}/preview", "{\"dateOrder\":\"MONTH_FIRST\"}", id(batch))
                .andExpect(status().isOk()));
    assertEquals(trial.path("shown").path(0).path("reviewedOn").asString(), "2026-03-04");
  }

  @Test
  public void aDateThatTellsIsEnoughForAll() throws Exception {
    JsonNode batch =
        looked(
            "Product,Rating,Words,Date\ntold-pot,5,Stands,03/04/2026\ntold-pot,4,Light,23/04/2026\n");
    assertEquals(batch.path("inspection").path("dateUnclear").asString(), "");
    JsonNode same = looked("Product,Rating,Words,Date\nsame-pot,5,Stands,04/04/2026\n");
    assertEquals(same.path("inspection").path("dateUnclear").asString(), "");
  }

  @Test
  public void datesThatContradictEachOtherAreAskedAboutToo() throws Exception {
    JsonNode batch =
        looked(
            "Product,Rating,Words,Date\n"
                + "both-pot,5,Stands,23/04/2026\n"
                + "both-pot,5,Stands,04/23/2026\n"
                + "both-pot,4,Light,05/06/2026\n");
    assertEquals(batch.path("inspection").path("dateUnclear").asString(), "05/06/2026");
  }
}
