package nodyes.server.imports;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import nodyes.server.ServerTest;
import org.hamcrest.Matchers;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Reviews that were copied from somewhere and put in as text. */
public class PastedTest extends ServerTest {
  private JsonNode pasted(String text) throws Exception {
    return body(
        send("/api/v1/imports/text", json.writeValueAsString(new ImportApi.Text(text)))
            .andExpect(status().isCreated()));
  }

  @Test
  public void aTablePastedFromASheetIsReadAsAFileWouldBe() throws Exception {
    product("pasted-pot");
    String text =
        "Product\tStars\tWords\npasted-pot\t5\tStands in the wind\npasted-pot\t2\tToo small\n";
    JsonNode batch = pasted(text);
    assertEquals(batch.path("fileName").asString(), "pasted");
    assertEquals(
        batch.path("inspection").path("headings").toString(), "[\"Product\",\"Stars\",\"Words\"]");
    long id = batch.path("id").asLong();
    send("/api/v1/imports/{id}/start", "{\"permitted\":true}", id).andExpect(status().isAccepted());
    awaited("/api/v1/imports/{id}", "\"state\":\"DONE\"", id);
    assertEquals(body(ask("/api/v1/reviews?batch={id}", id)).path("total").asInt(), 2);
  }

  @Test
  public void whatWasGivenComesBackAsItWas() throws Exception {
    String text = "Product,Stars,Words\r\npasted-pot,4,\"A “pot”, 24 cm\"\r\n";
    long id = pasted(text).path("id").asLong();
    byte[] kept =
        ask("/api/v1/imports/{id}/file", id)
            .andExpect(status().isOk())
            .andExpect(
                header().string("Content-Disposition", Matchers.startsWith("attachment; filename")))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertEquals(new String(kept, java.nio.charset.StandardCharsets.UTF_8), text);
  }

  @Test
  public void nothingAndFarTooMuchAreRefusedByName() throws Exception {
    for (String text : new String[] {"", "  \n", "x".repeat(5_000_001)}) {
      send("/api/v1/imports/text", json.writeValueAsString(new ImportApi.Text(text)))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.faults[0].field").value("text"));
    }
    send("/api/v1/imports/text", "{}")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("text"));
  }

  @Test
  public void whatIsNotThereIsSaidToBeNotThere() throws Exception {
    for (String address :
        new String[] {
          "/api/v1/imports/999999", "/api/v1/imports/999999/file", "/api/v1/imports/visits/999999"
        }) {
      ask(address).andExpect(status().isNotFound()).andExpect(jsonPath("$.detail").isString());
    }
    send("/api/v1/imports/visits/999999/cancel", "").andExpect(status().isNotFound());
  }
}
