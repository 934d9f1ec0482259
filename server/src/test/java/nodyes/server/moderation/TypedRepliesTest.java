package nodyes.server.moderation;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.Test;

/** A reply that was typed but not yet sent was gone with the page, and Publish left it out. */
public class TypedRepliesTest extends ServerTest {
  private static final String DRAFT = "/api/v1/reviews/{id}/reply-draft";

  private long review(String product) throws Exception {
    product(product);
    long batch =
        bringIn(
                "Product,Rating,Words,Reviewer,Country,Date,Language\n"
                    + product
                    + ",4,Stands well in the wind,Ilka,DE,2026-01-02,en\n",
                "{}")
            .path("id")
            .asLong();
    return body(ask("/api/v1/reviews?batch={id}", batch)).path("items").path(0).path("id").asLong();
  }

  private void typed(long id, String text) throws Exception {
    act(HttpMethod.PUT, DRAFT, json.writeValueAsString(new ReviewEditor.ReplyDraft(text)), id)
        .andExpect(status().isOk());
  }

  private String draft(long id) throws Exception {
    return body(ask(DRAFT, id).andExpect(status().isOk())).path("text").asString();
  }

  @Test
  public void whatIsTypedIsThereAgainAndShoppersDoNotSeeIt() throws Exception {
    long id = review("typed-pot");
    assertEquals(draft(id), "");
    typed(id, "Thank you, ");
    typed(id, "Thank you, Ilka.\nIt also ");
    assertEquals(draft(id), "Thank you, Ilka.\nIt also ");
    ask("/api/v1/reviews/{id}", id).andExpect(jsonPath("$.review.reply").doesNotExist());
  }

  @Test
  public void publishSendsWhatStandsThere() throws Exception {
    long id = review("sent-pot");
    typed(id, "Thank you, Ilka.");
    send("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"PUBLISHED\"}")
        .andExpect(status().isOk());
    ask("/api/v1/reviews?product=sent-pot")
        .andExpect(jsonPath("$.items[0].reply").value("Thank you, Ilka."));
    assertEquals(draft(id), "Thank you, Ilka.");
  }

  @Test
  public void aReplyThatIsSentLeavesNoDraftBehind() throws Exception {
    long id = review("answered-pot");
    typed(id, "First words");
    act(HttpMethod.PUT, "/api/v1/reviews/{id}/reply", "{\"text\":\"Last words\"}", id)
        .andExpect(status().isOk());
    assertEquals(draft(id), "Last words");
    typed(id, "");
    assertEquals(draft(id), "", "a reply that was emptied stays empty in the field");
    ask("/api/v1/reviews?product=answered-pot")
        .andExpect(jsonPath("$.items[0].reply").value("Last words"));
  }

  @Test
  public void badDraftsAreRefusedWithTheirField() throws Exception {
    long id = review("refused-pot");
    act(HttpMethod.PUT, DRAFT, "{}", id).andExpect(status().isBadRequest());
    act(HttpMethod.PUT, DRAFT, "{\"text\":\"" + "x".repeat(3001) + "\"}", id)
        .andExpect(status().is4xxClientError());
    ask(DRAFT, 987654L).andExpect(status().isNotFound());
  }
}
