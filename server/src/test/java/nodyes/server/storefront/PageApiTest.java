package nodyes.server.storefront;

import static org.hamcrest.Matchers.matchesPattern;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.io.ByteArrayInputStream;
import java.time.Instant;
import java.util.zip.GZIPInputStream;
import nodyes.server.ServerTest;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class PageApiTest extends ServerTest {
  private static final String POT = "/embed/v1/page?kind=product&product=page-pot&lang=en";

  @BeforeClass
  public void publishSome() throws Exception {
    product("page-pot");
    product("bare-pot");
    publish(
        bringIn(
            "Product,Rating,Words,Reviewer,Date\n"
                + "page-pot,5,Steady in the wind,Rui,2026-03-01\n"
                + "page-pot,4,A touch dark,Ana,2026-03-02\n",
            "{}"));
    send("/api/v1/layout/publish", "");
  }

  private ResultActions page(String address) throws Exception {
    return http.perform(get(address));
  }

  @Test
  public void aProductPageShowsStarsAndReviewsToAnyone() throws Exception {
    page(POT)
        .andExpect(status().isOk())
        .andExpect(header().string("Access-Control-Allow-Origin", "*"))
        .andExpect(header().doesNotExist("Set-Cookie"))
        .andExpect(jsonPath("$.nods.length()").value(2))
        .andExpect(jsonPath("$.nods[0].kind").value("star-line"))
        .andExpect(jsonPath("$.nods[0].spot").value("under-title"))
        .andExpect(jsonPath("$.nods[0].content.mean").value(4.5))
        .andExpect(jsonPath("$.nods[1].content.first[0].reviewer").value("Ana"))
        .andExpect(jsonPath("$.nods[1].content.first[0].origin").value("broughtIn"))
        .andExpect(jsonPath("$.words['star-line'].reviews.other").value("{n} reviews"))
        .andExpect(jsonPath("$.withheld").doesNotExist());
  }

  @Test
  public void wordsComeInTheShoppersLanguage() throws Exception {
    page(POT.replace("lang=en", "lang=de-AT"))
        .andExpect(jsonPath("$.language").value("de"))
        .andExpect(jsonPath("$.words['review-wall'].verified").value("Hier gekauft"));
    page(POT.replace("lang=en", "lang=xx")).andExpect(jsonPath("$.language").value("en"));
    // an answer that is kept for one Portuguese is not given to the other
    page(POT.replace("lang=en", "lang=pt-PT"))
        .andExpect(jsonPath("$.words['review-wall'].someone").value("An\u00f3nimo"));
    page(POT.replace("lang=en", "lang=pt-BR"))
        .andExpect(jsonPath("$.language").value("pt"))
        .andExpect(jsonPath("$.words['review-wall'].someone").value("An\u00f4nimo"));
  }

  @Test
  public void theSameAnswerIsNotSentTwice() throws Exception {
    String etag = String.valueOf(page(POT).andReturn().getResponse().getHeader("ETag"));
    http.perform(get(POT).header("If-None-Match", "\"other\", " + etag))
        .andExpect(status().isNotModified())
        .andExpect(header().string("ETag", etag));
    http.perform(get(POT).header("If-None-Match", "\"other\"")).andExpect(status().isOk());
  }

  @Test
  public void withCountryAndLanguageInTheAddressAnyCacheMayKeepIt() throws Exception {
    page(POT + "&country=PT").andExpect(header().string("Cache-Control", "public, max-age=300"));
    page(POT).andExpect(header().string("Cache-Control", "private, max-age=300"));
  }

  @Test
  public void aKeptAnswerComesCompressedToWhoTakesIt() throws Exception {
    page(POT);
    var answer =
        http.perform(get(POT).header("Accept-Encoding", "gzip, br"))
            .andExpect(header().string("Content-Encoding", "gzip"))
            .andExpect(header().string("ETag", matchesPattern("\"[\\w-]+-gz\"")))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    JsonNode unzipped =
        json.readTree(new GZIPInputStream(new ByteArrayInputStream(answer)).readAllBytes());
    assertEquals(unzipped.path("nods").size(), 2);
  }

  @Test
  public void aProductWithoutReviewsAsksForTheFirst() throws Exception {
    page("/embed/v1/page?kind=product&lang=en&product=bare-pot")
        .andExpect(jsonPath("$.nods.length()").value(1))
        .andExpect(jsonPath("$.nods[0].kind").value("review-wall"));
  }

  @Test
  public void whatIsUnknownIsAnEmptyPageAndNoError() throws Exception {
    for (String product : new String[] {"no-such-pot", "Not%20A%20Slug!", ""}) {
      page("/embed/v1/page?kind=product&lang=en&product=" + product)
          .andExpect(status().isOk())
          .andExpect(jsonPath("$.nods.length()").value(0));
    }
    page(POT + "&shop=another-shops-key").andExpect(jsonPath("$.nods.length()").value(0));
    page("/embed/v1/page?kind=cellar").andExpect(status().isBadRequest());
  }

  @Test
  public void aReviewThatIsHeldIsGoneAtOnceAndComesBack() throws Exception {
    product("moving-pot");
    JsonNode batch = bringIn("Product,Rating,Words\nmoving-pot,5,Here\nmoving-pot,3,There\n", "{}");
    publish(batch);
    String address = POT.replace("page-pot", "moving-pot");
    page(address).andExpect(jsonPath("$.nods[0].content.count").value(2));
    JsonNode first =
        body(ask("/api/v1/reviews?batch={id}", batch.path("id").asLong())).path("items").path(0);
    JsonNode moved =
        body(
            send(
                "/api/v1/reviews/actions",
                "{\"ids\":[%s],\"to\":\"ON_HOLD\"}".formatted(first.path("id").asString())));
    page(address).andExpect(jsonPath("$.nods[0].content.count").value(1));
    send("/api/v1/reviews/actions/{id}/undo", "", moved.path("move").asLong());
    page(address).andExpect(jsonPath("$.nods[0].content.count").value(2));
  }

  @Test
  public void draftsAndOtherMomentsNeedAPreviewToken() throws Exception {
    page(POT + "&draft=true").andExpect(status().isForbidden());
    page(POT + "&at=2027-01-01T00:00:00Z").andExpect(status().isForbidden());
    page(POT + "&preview=1.forged").andExpect(status().isForbidden());
    String token = body(send("/api/v1/preview-tokens", "")).path("token").asString();
    page(POT + "&draft=true&at=2027-01-01T00:00:00Z&preview=" + token)
        .andExpect(status().isOk())
        .andExpect(header().string("Cache-Control", "no-store"))
        .andExpect(jsonPath("$.withheld[0].id").value("stars-card"))
        .andExpect(
            jsonPath("$.withheld[0].because")
                .value("Not shown. This nod is not for product pages."));
    // the moment as the shop's clock shows it is an instant for the server alone to tell: by the
    // owner's machine a countdown had hours more or fewer to go
    page(POT + "&draft=true&at=2027-07-01T10:00&preview=" + token)
        .andExpect(status().isOk())
        .andExpect(
            header()
                .longValue("Nodyes-Time", Instant.parse("2027-07-01T09:00:00Z").toEpochMilli()));
    String forged = token.substring(0, token.length() - 2) + "xx";
    assertNotEquals(forged, token);
    page(POT + "&draft=true&preview=" + forged).andExpect(status().isForbidden());
  }

  @Test
  public void aListingAsksForManyProductsAtOnce() throws Exception {
    page("/embed/v1/page?kind=listing&lang=en&product=page-pot,bare-pot,no-such-pot")
        .andExpect(jsonPath("$.nods.length()").value(1))
        .andExpect(jsonPath("$.nods[0].id").value("stars-card"))
        .andExpect(jsonPath("$.nods[0].product").value("page-pot"));
  }

  @Test
  public void furtherPagesOfReviews() throws Exception {
    page("/embed/v1/reviews?product=page-pot&page=1&size=2")
        .andExpect(jsonPath("$.reviews.length()").value(2))
        .andExpect(jsonPath("$.total").value(2))
        .andExpect(jsonPath("$.pages").value(1));
    page("/embed/v1/reviews?product=no-such-pot")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.reviews.length()").value(0));
  }

  @Test
  public void healthIsToldToAnyone() throws Exception {
    page("/healthz").andExpect(status().isOk()).andExpect(jsonPath("$.status").value("ok"));
  }
}
