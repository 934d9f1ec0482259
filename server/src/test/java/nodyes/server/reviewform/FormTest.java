package nodyes.server.reviewform;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import nodyes.server.ServerTest;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The form from opening to taking back, as shop pages ask for it. */
public class FormTest extends ServerTest {
  private static int callers;

  @Autowired private FormTokens tokens;
  @Autowired private Forms forms;
  @Autowired private Clock clock;
  @Autowired private Shop shop;

  @BeforeMethod
  public void usual() throws Exception {
    form(Map.of("TITLE", "OPTIONAL", "WORDS", "OPTIONAL", "PICTURES", "OPTIONAL"), List.of());
  }

  private void form(Map<String, String> fields, List<Map<String, Object>> criteria)
      throws Exception {
    var all = new LinkedHashMap<String, String>();
    List.of("TITLE", "WORDS", "PROS", "CONS", "CRITERIA", "PICTURES", "NAME", "EMAIL")
        .forEach(field -> all.put(field, fields.getOrDefault(field, "OPTIONAL")));
    Map<String, Object> set =
        Map.of("fields", all, "mostPictures", 2, "largestPicture", 2, "criteria", criteria);
    http.perform(
            put("/api/v1/review-form")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(set)))
        .andExpect(status().isOk());
  }

  private static MockHttpServletRequestBuilder from(MockHttpServletRequestBuilder request) {
    String caller = "192.0.2." + ++callers;
    return request.with(
        sent -> {
          sent.setRemoteAddr(caller);
          return sent;
        });
  }

  private Map<String, Object> review(String product, String token) {
    var review = new LinkedHashMap<String, Object>();
    review.put("product", product);
    review.put("token", token);
    review.put("stars", 4);
    return review;
  }

  private ResultActions write(Map<String, Object> review) throws Exception {
    return http.perform(
        from(post("/embed/v1/reviews"))
            .header("Origin", "http://localhost")
            .contentType(MediaType.APPLICATION_JSON)
            .content(json.writeValueAsString(review)));
  }

  private JsonNode stored(String product) throws Exception {
    return body(ask("/api/v1/reviews?product={p}", product));
  }

  private ResultActions picture(byte[] content) throws Exception {
    return http.perform(
        from(post("/embed/v1/reviews/pictures"))
            .header("Origin", "http://localhost")
            .header("Nodyes-Form", formToken("any-product"))
            .contentType(MediaType.IMAGE_PNG)
            .content(content));
  }

  private static byte[] png(int width) throws IOException {
    var image = new BufferedImage(width, 300, BufferedImage.TYPE_INT_RGB);
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  @Test
  public void itIsOpenedInTheReadersLanguageWithWhatIsAsked() throws Exception {
    product("form-open");
    form(
        Map.of("TITLE", "OFF", "WORDS", "REQUIRED"),
        List.of(
            Map.of("id", 0, "names", Map.of("en", "Weight", "de", "Gewicht")),
            Map.of("id", 0, "names", Map.of("en", "Scent"), "category", "no-such-category")));
    http.perform(from(get("/embed/v1/form?product=form-open&lang=de-AT")))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.language").value("de"))
        .andExpect(jsonPath("$.fields[0].name").value("words"))
        .andExpect(jsonPath("$.fields[0].required").value(true))
        .andExpect(jsonPath("$.criteria.length()").value(1))
        .andExpect(jsonPath("$.criteria[0].name").value("Gewicht"))
        .andExpect(jsonPath("$.words.send").value("Bewertung senden"));
    http.perform(from(get("/embed/v1/form?product=nowhere"))).andExpect(status().isNotFound());
  }

  @Test
  public void sentTwiceItIsOneReview() throws Exception {
    product("form-twice");
    var review = review("form-twice", formToken("form-twice"));
    String first = write(review).andReturn().getResponse().getContentAsString();
    String second = write(review).andReturn().getResponse().getContentAsString();
    assertEquals(second, first);
    assertEquals(stored("form-twice").path("total").asInt(), 1);
  }

  @Test
  public void aFormThatWasOpenForADayIsAskedForAgain() throws Exception {
    product("form-late");
    write(review("form-late", tokens.opened("form-late", Duration.ofHours(25))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("token"))
        .andExpect(jsonPath("$.faults[0].reason").value("late"));
    String other = formToken("form-late").replace("form-late", "form-other");
    for (String forged : new String[] {"x", "a.b.c.d", other, formToken("form-other")}) {
      write(review("form-late", forged))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.faults[0].reason").value("missing"));
    }
    assertEquals(stored("form-late").path("total").asInt(), 0);
  }

  @Test
  public void aPageOfAnotherSiteCannotSendIt() throws Exception {
    product("form-origin");
    ShopSettings before = shop.settings();
    shop.save(
        new ShopSettings(
            before.name(),
            before.publicKey(),
            before.currency(),
            before.zone(),
            "https://shop.example",
            before.productPath(),
            before.listingPath(),
            before.basketPath()));
    try {
      sentFrom("https://elsewhere.example").andExpect(status().isForbidden());
      sentFrom("null").andExpect(status().isForbidden());
      assertEquals(stored("form-origin").path("total").asInt(), 0);
      sentFrom("https://shop.example").andExpect(status().isCreated());
    } finally {
      shop.save(before);
    }
  }

  private ResultActions sentFrom(String origin) throws Exception {
    return http.perform(
        from(post("/embed/v1/reviews"))
            .header("Origin", origin)
            .contentType(MediaType.APPLICATION_JSON)
            .content(json.writeValueAsString(review("form-origin", formToken("form-origin")))));
  }

  @Test
  public void whatIsTooMuchIsRefusedBeforeItIsRead() throws Exception {
    product("form-much");
    var review = review("form-much", formToken("form-much"));
    review.put("words", "x".repeat(64_001));
    write(review).andExpect(status().is(413));
    http.perform(
            from(post("/embed/v1/reviews/1/votes"))
                .header("Transfer-Encoding", "chunked")
                .contentType(MediaType.APPLICATION_JSON))
        .andExpect(status().is(411));
  }

  @Test
  public void whatIsNotAskedForIsNotKept() throws Exception {
    product("form-off");
    form(Map.of("EMAIL", "OFF", "PROS", "OFF"), List.of());
    var review = review("form-off", formToken("form-off"));
    review.put("email", "ilka@here.example");
    review.put("pros", "heavy");
    JsonNode faults = body(write(review).andExpect(status().isBadRequest())).path("faults");
    assertEquals(faults.size(), 2);
    assertEquals(faults.get(0).path("field").asString(), "pros");
    assertEquals(faults.get(0).path("reason").asString(), "gone");
    assertEquals(faults.get(1).path("field").asString(), "email");
  }

  @Test
  public void faultsStandAtTheirFields() throws Exception {
    product("form-faults");
    form(Map.of("WORDS", "REQUIRED", "PICTURES", "OPTIONAL"), List.of());
    var review = review("form-faults", formToken("form-faults"));
    review.put("stars", 0);
    review.put("title", "\u200f\u202e");
    review.put("email", "nobody");
    review.put("pictures", List.of("0".repeat(40) + ".jpg"));
    JsonNode faults = body(write(review).andExpect(status().isBadRequest())).path("faults");
    var said = new java.util.TreeMap<String, String>();
    faults.forEach(
        fault -> said.put(fault.path("field").asString(), fault.path("reason").asString()));
    assertEquals(
        said,
        Map.of(
            "stars", "no-stars",
            "words", "missing",
            "title", "no-words",
            "email", "no-address",
            "pictures", "gone"));
    var long1 = review("form-faults", formToken("form-faults"));
    long1.put("words", "x".repeat(60_000));
    write(long1).andExpect(jsonPath("$.faults[0].reason").value("too-long"));
  }

  @Test
  public void allThatIsWrittenIsKeptAndShown() throws Exception {
    product("form-full");
    form(Map.of(), List.of(Map.of("id", 0, "names", Map.of("en", "Weight"))));
    long criterion =
        body(http.perform(from(get("/embed/v1/form?product=form-full"))))
            .path("criteria")
            .path(0)
            .path("id")
            .asLong();
    String file = body(picture(png(2000)).andExpect(status().isCreated())).path("file").asString();
    var review = review("form-full", formToken("form-full"));
    review.put("words", "Stood in the frost all winter.\n\n🌱 and no crack");
    review.put("pros", "heavy\n\n handsome ");
    review.put("cons", "dear");
    review.put("reviewer", "Marta Sousa");
    review.put("nameForm", "FIRST_NAME_AND_INITIAL");
    review.put("criteria", List.of(Map.of("id", criterion, "stars", 5)));
    review.put("pictures", List.of(file));
    write(review).andExpect(status().isCreated());
    JsonNode line = stored("form-full").path("items").get(0);
    assertEquals(line.path("reviewer").asString(), "Marta S.");
    assertEquals(line.path("flags").size(), 0);
    assertEquals(line.path("pros").toString(), "[\"heavy\",\"handsome\"]");
    send(
        "/api/v1/reviews/actions",
        "{\"ids\":[" + line.path("id").asLong() + "],\"to\":\"PUBLISHED\"}");
    // asked no more, what was rated stays
    form(Map.of(), List.of());
    JsonNode shown =
        body(http.perform(get("/embed/v1/reviews?product=form-full"))).path("reviews").get(0);
    assertEquals(shown.path("pros").toString(), "[\"heavy\",\"handsome\"]");
    assertEquals(shown.path("cons").toString(), "[\"dear\"]");
    assertEquals(shown.path("criteria").get(0).path("stars").asInt(), 5);
    String address = shown.path("pictures").get(0).asString();
    byte[] small =
        http.perform(get(address + "?size=SMALL"))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertEquals(ImageIO.read(new java.io.ByteArrayInputStream(small)).getWidth(), 480);
    byte[] webp =
        http.perform(get(address + "?size=SMALL").header("Accept", "image/avif,image/webp,*/*"))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    // RIFF header of WebP (RFC 9649, section 2.4)
    assertEquals(new String(webp, 0, 4, java.nio.charset.StandardCharsets.US_ASCII), "RIFF");
    assertEquals(new String(webp, 8, 4, java.nio.charset.StandardCharsets.US_ASCII), "WEBP");
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
    JsonNode wall =
        body(http.perform(get("/embed/v1/page?kind=product&product=form-full&lang=en")));
    assertTrue(
        wall.toString().contains("\"name\":\"Weight\",\"mean\":5.0,\"count\":1"), wall.toString());
  }

  @Test
  public void picturesThatAreNoneOrTooLargeAreRefused() throws Exception {
    picture("<script>".getBytes(java.nio.charset.StandardCharsets.UTF_8))
        .andExpect(status().isUnprocessableContent());
    picture(new byte[2_000_001])
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.detail").value("This image is over 2 MB."));
    product("form-many");
    var review = review("form-many", formToken("form-many"));
    String[] files = new String[3];
    for (int i = 0; i < files.length; i++) {
      files[i] = body(picture(png(10 + i))).path("file").asString();
    }
    review.put("pictures", List.of(files));
    write(review).andExpect(jsonPath("$.faults[0].reason").value("too-many"));
  }

  @Test
  public void whatWasSentAheadAndNotUsedIsForgotten() throws Exception {
    String file = body(picture(png(77))).path("file").asString();
    forms.tidy(clock.instant().plus(Duration.ofHours(23)));
    assertEquals(forms.sent(List.of(file)).size(), 1);
    forms.tidy(clock.instant().plus(Duration.ofHours(25)));
    assertEquals(forms.sent(List.of(file)).size(), 0);
    http.perform(get("/embed/v1/pictures/" + file)).andExpect(status().isNotFound());
  }

  @Test
  public void whatLooksLikeAMachineWaitsAndSaysWhy() throws Exception {
    product("form-spam");
    var review = review("form-spam", tokens.opened("form-spam", Duration.ofSeconds(1)));
    review.put("website", "https://here.example");
    review.put("words", "Look at www.a.example/1 and www.b.example/2");
    write(review).andExpect(status().isCreated()).andExpect(jsonPath("$.isPublished").value(false));
    String flags = stored("form-spam").path("items").get(0).path("flags").toString();
    assertTrue(
        flags.contains("HONEYPOT") && flags.contains("TOO_FAST") && flags.contains("LINKS"), flags);
  }

  @Test
  public void itsWriterTakesItBackAndNobodyElse() throws Exception {
    product("form-back");
    JsonNode taken = body(write(review("form-back", formToken("form-back"))));
    String fragment = taken.path("takeBack").asString();
    String key = fragment.substring(fragment.indexOf('.') + 1);
    long id = Long.parseLong(fragment.substring(fragment.indexOf('=') + 1, fragment.indexOf('.')));
    http.perform(from(get("/embed/v1/reviews/{id}/take-back?key={key}", id + 1, key)))
        .andExpect(status().isNotFound());
    http.perform(from(get("/embed/v1/reviews/{id}/take-back?key={key}", id, key)))
        .andExpect(jsonPath("$.product").value("The form-back"))
        .andExpect(jsonPath("$.isTakenBack").value(false));
    assertFalse(stored("form-back").toString().contains("WITHDRAWN"));
    for (int i = 0; i < 2; i++) {
      http.perform(
              from(post("/embed/v1/reviews/{id}/take-back", id))
                  .contentType(MediaType.APPLICATION_JSON)
                  .content("{\"key\":\"" + key + "\"}"))
          .andExpect(status().isOk())
          .andExpect(jsonPath("$.isTakenBack").value(true));
    }
    JsonNode line = stored("form-back").path("items").get(0);
    assertEquals(line.path("status").asString(), "LEFT_OUT");
    assertEquals(line.path("leftOutReason").asString(), "WITHDRAWN_BY_ITS_WRITER");
  }

  @Test
  public void whatIsAskedIsChecked() throws Exception {
    var bad =
        Map.of(
            "fields",
            Map.of("WORDS", "REQUIRED"),
            "mostPictures",
            2,
            "largestPicture",
            2,
            "criteria",
            List.of(
                Map.of("id", 0, "names", Map.of("en", " ")),
                Map.of("id", 0, "names", Map.of("English", "Weight"))));
    http.perform(
            put("/api/v1/review-form")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(bad)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("criteria.1"))
        .andExpect(jsonPath("$.faults[1].field").value("criteria.2"));
  }
}
