package nodyes.server.imports;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import javax.imageio.ImageIO;
import nodyes.server.ServerTest;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ManualReviewsTest extends ServerTest {
  private ResultActions type(String review, byte[] original) throws Exception {
    var request =
        multipart("/api/v1/imports/by-hand")
            .file(new MockMultipartFile("review", "", "application/json", utf8(review)));
    if (original.length > 0) {
      request.file(new MockMultipartFile("original", "card.png", "image/png", original));
    }
    return http.perform(request.header("Authorization", "Bearer " + KEY));
  }

  @Test
  public void aReviewFromALetterWaitsWithAPictureOfItForTheOwnerAlone() throws Exception {
    product("hand-pot");
    var picture = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(60, 80, BufferedImage.TYPE_INT_RGB), "png", picture);
    String letter =
        "{\"product\":\"hand-pot\",\"variant\":\"24 cm\",\"stars\":4,\"words\":\"Dear shop, it"
            + " stands well.\",\"reviewer\":\"Rita\",\"country\":\"Portugal\","
            + "\"writtenOn\":\"2026-11-01\",\"from\":\"a letter\"}";
    JsonNode line = body(type(letter, picture.toByteArray()).andExpect(status().isCreated()));
    assertEquals(line.path("status").asString(), "PENDING");
    assertEquals(line.path("origin").asString(), "IMPORTED");
    assertEquals(line.path("source").asString(), "a letter");
    assertEquals(line.path("country").asString(), "PT");
    assertEquals(line.path("language").asString(), "en");
    String evidence = line.path("originalFile").asString();
    ask(evidence).andExpect(status().isOk());
    http.perform(get(evidence)).andExpect(status().isUnauthorized());
    http.perform(get(evidence.replace("/api/v1/review-originals", "/embed/v1/pictures")))
        .andExpect(status().isNotFound());
    type(letter, new byte[0]).andExpect(status().isUnprocessableContent());
  }

  @Test
  public void whatIsWrongIsSaidAllAtOnce() throws Exception {
    product("wrong-pot");
    type(
            "{\"product\":\"wrong-pot\",\"variant\":\"9 cm\",\"stars\":6,\"country\":\"Atlantis\","
                + "\"writtenOn\":\"2031-01-01\",\"from\":\" \"}",
            new byte[0])
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults.length()").value(5));
    type("{\"product\":\"no-pot\",\"stars\":5,\"from\":\"a card\"}", new byte[0])
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("product"));
    type(
            "{\"product\":\"wrong-pot\",\"stars\":5,\"words\":\"With no picture\",\"from\":\"a"
                + " card\"}",
            utf8("<script>alert(1)</script>"))
        .andExpect(status().isUnprocessableContent());
    assertEquals(body(ask("/api/v1/reviews?product=wrong-pot")).path("total").asInt(), 0);
  }
}
