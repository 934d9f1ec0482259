package nodyes.server.submissions;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.options;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.time.Clock;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.review.PublicationPolicy;
import nodyes.server.ServerTest;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ReviewSubmissionsTest extends ServerTest {
  private static final String OWNER = "owner@shop.example";
  private static final Pattern PRODUCT = Pattern.compile("\"product\":\"([^\"]+)\"");
  private static int callers;

  @Autowired private Shop shop;
  @Autowired private ReviewSubmissions own;
  @Autowired private NewReviewNotifier notice;
  @Autowired private SubmissionPolicyStore rules;
  @Autowired private JavaMailSenderImpl sender;
  @Autowired private Clock clock;

  private ResultActions write(String review) throws Exception {
    String caller = "198.51.100." + ++callers;
    return writeFrom(caller, review);
  }

  /** Sends a form as a person does: opened, filled in for a while, sent. */
  private ResultActions writeFrom(String caller, String review) throws Exception {
    Matcher product = PRODUCT.matcher(review);
    String token = product.find() ? formToken(product.group(1)) : "";
    return send(caller, "{\"token\":\"" + token + "\"," + review.substring(1));
  }

  private ResultActions send(String caller, String review) throws Exception {
    return http.perform(
        post("/embed/v1/reviews")
            .header("Origin", shop.settings().origin().orElse("https://any.example"))
            .with(
                request -> {
                  request.setRemoteAddr(caller);
                  return request;
                })
            .header("Origin", "https://shop.example")
            .contentType(MediaType.APPLICATION_JSON)
            .content(review));
  }

  private JsonNode only(String product) throws Exception {
    JsonNode found = body(ask("/api/v1/reviews?product={p}", product));
    assertEquals(found.path("total").asInt(), 1);
    return found.path("items").get(0);
  }

  @Test
  public void aReviewWaitsOrIsPublishedAsTheOwnerChose() throws Exception {
    product("own-wait");
    product("own-once");
    product("own-contact");
    own.follow(PublicationPolicy.MANUAL, NotificationFrequency.NEVER, "");
    write("{\"product\":\"own-wait\",\"variant\":\"24 cm\",\"stars\":5,\"words\":\"Drains well.\"}")
        .andExpect(status().isCreated())
        .andExpect(header().string("Access-Control-Allow-Origin", "*"))
        .andExpect(jsonPath("$.isPublished").value(false));
    JsonNode waiting = only("own-wait");
    assertEquals(waiting.path("status").asString(), "PENDING");
    assertEquals(waiting.path("origin").asString(), "UNVERIFIED");
    assertEquals(waiting.path("reviewedOn").asString(), "2026-11-26");
    own.follow(PublicationPolicy.UNLESS_CONTACT_DETAILS, NotificationFrequency.NEVER, "");
    write("{\"product\":\"own-once\",\"stars\":1,\"words\":\"It cracked in a week.\"}")
        .andExpect(jsonPath("$.isPublished").value(true));
    JsonNode published = only("own-once");
    assertEquals(published.path("status").asString(), "PUBLISHED");
    assertTrue(
        body(ask("/api/v1/reviews/{id}/history", published.path("id").asLong()))
            .toString()
            .contains(ReviewSubmissions.BY_RULE));
    write("{\"product\":\"own-contact\",\"stars\":5,\"words\":\"Ask me@here.example about it.\"}")
        .andExpect(jsonPath("$.isPublished").value(false));
    assertTrue(only("own-contact").path("flags").toString().contains("CONTACT_DETAILS"));
  }

  @Test
  public void whatCannotBeTakenIsSaid() throws Exception {
    product("own-wrong");
    write("{\"product\":\"own-wrong\",\"stars\":6}")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("stars"));
    write("{\"product\":\"own-nowhere\",\"stars\":3}")
        .andExpect(jsonPath("$.faults[0].field").value("product"));
    write("{\"product\":\"own-wrong\",\"variant\":\"9 cm\",\"stars\":3}")
        .andExpect(jsonPath("$.faults[0].field").value("variant"));
    write("{\"product\":\"own-wrong\",\"stars\":3,\"words\":\"" + "x".repeat(10_001) + "\"}")
        .andExpect(jsonPath("$.faults[0].field").value("words"));
    write("{\"product\":").andExpect(status().isBadRequest());
    assertEquals(body(ask("/api/v1/reviews?product=own-wrong")).path("total").asInt(), 0);
  }

  @Test
  public void theSameLongReviewCountsOnceAndTheSameFewWordsTwice() throws Exception {
    product("own-twice");
    String words = "It stood in the frost all winter and did not crack at all.";
    String review = "{\"product\":\"own-twice\",\"stars\":5,\"reviewer\":\"Rui\",\"words\":\"%s\"}";
    write(review.formatted(words)).andExpect(status().isCreated());
    write(review.formatted(words)).andExpect(status().isUnprocessableContent());
    write("{\"product\":\"own-twice\",\"stars\":5,\"words\":\"Good.\"}")
        .andExpect(status().isCreated());
    write("{\"product\":\"own-twice\",\"stars\":5,\"words\":\"Good.\"}")
        .andExpect(status().isCreated());
    assertEquals(body(ask("/api/v1/reviews?product=own-twice")).path("total").asInt(), 3);
  }

  @Test
  public void oneAddressCannotFlood() throws Exception {
    product("own-flood");
    for (int i = 0; i < 12; i++) {
      writeFrom("203.0.113.7", "{\"product\":\"own-flood\",\"stars\":1}")
          .andExpect(status().isCreated());
    }
    writeFrom("203.0.113.7", "{\"product\":\"own-flood\",\"stars\":1}")
        .andExpect(status().isTooManyRequests());
  }

  @Test
  public void aShopPageMayAskFromItsOwnOrigin() throws Exception {
    http.perform(
            options("/embed/v1/reviews")
                .header("Origin", "https://shop.example")
                .header("Access-Control-Request-Method", "POST")
                .header("Access-Control-Request-Headers", "content-type"))
        .andExpect(status().isOk())
        .andExpect(header().string("Access-Control-Allow-Origin", "*"));
  }

  @Test
  public void theRuleIsTheOwnersAndItsAddressIsChecked() throws Exception {
    String rule = "{\"admission\":\"IMMEDIATE\",\"notice\":\"SOON\",\"noticeTo\":\"%s\"}";
    for (String bad : new String[] {"", "nobody", "a@b@c", "Rita <rita@shop.example>", "a b@c"}) {
      http.perform(rule(rule.formatted(bad)).with(owner()))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.faults[0].field").value("noticeTo"));
    }
    http.perform(rule(rule.formatted(OWNER)).header("Authorization", "Bearer " + KEY))
        .andExpect(status().isForbidden());
    http.perform(rule(rule.formatted(OWNER)).with(owner()))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.notice").value("SOON"))
        .andExpect(jsonPath("$.noticeTo").value(OWNER));
  }

  private static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder rule(
      String content) {
    return put("/api/v1/submission-policy")
        .contentType(MediaType.APPLICATION_JSON)
        .content(content);
  }

  @Test
  public void aNoticeIsDelayedByAFailingServerAndNothingIsToldTwice() throws Exception {
    product("own-told");
    own.follow(PublicationPolicy.MANUAL, NotificationFrequency.NEVER, "");
    write("{\"product\":\"own-told\",\"stars\":4,\"words\":\"Before anyone asked.\"}");
    own.follow(PublicationPolicy.MANUAL, NotificationFrequency.SOON, OWNER);
    write(
        "{\"product\":\"own-told\",\"stars\":2,\"title\":\"Chipped\\nBcc: all@here.example\","
            + "\"words\":\"Lascado no pé, ask me@here.example\",\"reviewer\":\"Zoë\"}");
    sender.setHost("127.0.0.1");
    sender.setPort(1);
    assertThrows(ApiProblem.class, () -> notice.run(clock.instant()));
    assertTrue(String.valueOf(rules.rule().failure()).contains("mail server"));
    var mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mail.start();
    try {
      sender.setPort(mail.getSmtp().getPort());
      notice.run(clock.instant());
      assertEquals(rules.rule().failure(), null);
      notice.run(clock.instant().plusSeconds(3600));
      MimeMessage[] got = mail.getReceivedMessages();
      assertEquals(got.length, 1);
      assertEquals(got[0].getSubject(), "New review for My shop");
      assertEquals(got[0].getAllRecipients().length, 1);
      String text = String.valueOf(got[0].getContent());
      assertTrue(text.contains("The own-told, 2 of 5 stars, by Zoë"), text);
      assertTrue(text.contains("Chipped Bcc: all@here.example"), text);
      assertTrue(text.contains("Lascado no pé"), text);
      assertFalse(text.contains("Before anyone asked"), text);
    } finally {
      mail.stop();
    }
  }
}
