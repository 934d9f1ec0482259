package nodyes.server.businessprofile;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What directories say of a place, in the ways that schema.org allows. */
public class DirectoryResponseTest {
  private static final String PLACE =
      "{\"@context\":\"https://schema.org\",\"@type\":\"LocalBusiness\",\"name\":\"The shop\"%s}";

  private static DirectoryResponse answer(String more) {
    return DirectoryResponse.of(PLACE.formatted(more));
  }

  private static String reviews(String... reviews) {
    return ",\"review\":[" + String.join(",", reviews) + "]";
  }

  private static String review(String rating, String more) {
    return "{\"@type\":\"Review\",\"reviewRating\":{\"@type\":\"Rating\",%s}%s}"
        .formatted(rating, more);
  }

  /** Numbers as text, as in the example of schema.org's AggregateRating (from memory). */
  @Test
  public void numbersMayBeText() {
    DirectoryResponse text =
        answer(
            ",\"aggregateRating\":{\"@type\":\"AggregateRating\",\"ratingValue\":\"3.5\","
                + "\"reviewCount\":\"11\"}");
    assertEquals(text.rating(), Optional.of(new BigDecimal("3.5")));
    assertEquals(text.reviews(), Optional.of(11));
    DirectoryResponse numbers =
        answer(",\"aggregateRating\":{\"ratingValue\":4,\"reviewCount\":87}");
    assertEquals(numbers.rating(), Optional.of(new BigDecimal("4.0")));
    assertEquals(numbers.reviews(), Optional.of(87));
  }

  @DataProvider
  public Object[][] noNumbers() {
    return new Object[][] {
      {"{\"ratingValue\":\"good\",\"reviewCount\":\"many\"}"},
      {"{\"ratingValue\":null,\"reviewCount\":1.5}"},
      {"{\"ratingValue\":[4],\"reviewCount\":-3}"},
      {"{\"ratingValue\":\"\",\"reviewCount\":99999999999}"},
      {"{}"},
    };
  }

  @Test(dataProvider = "noNumbers")
  public void whatIsNoNumberIsNotShown(String rated) {
    DirectoryResponse answer = answer(",\"aggregateRating\":" + rated);
    assertEquals(answer.rating(), Optional.empty());
    assertEquals(answer.reviews(), Optional.empty());
  }

  @Test
  public void fiveReviewsAreKeptAndEachScaleIsReadAsItsOwn() {
    DirectoryResponse answer =
        answer(
            reviews(
                review("\"ratingValue\":4", ",\"reviewBody\":\"Four of five\""),
                review("\"ratingValue\":9,\"bestRating\":10,\"worstRating\":0", ""),
                review("\"ratingValue\":\"3\"", ""),
                review("\"ratingValue\":7", ",\"reviewBody\":\"Beyond its scale\""),
                review("\"ratingValue\":1", ",\"author\":{\"name\":\"Ana\"}"),
                review("\"ratingValue\":2", ""),
                review("\"ratingValue\":5", "")));
    assertEquals(
        answer.items().stream().map(item -> item.stars().toPlainString()).toList(),
        List.of("4.0", "4.6", "3.0", "1.0", "2.0"));
    assertEquals(answer.items().getFirst().text(), "Four of five");
    assertEquals(answer.items().get(3).reviewer(), "Ana");
  }

  @Test
  public void aDayIsReadFromADayOrAMoment() {
    DirectoryResponse answer =
        answer(
            reviews(
                review("\"ratingValue\":4", ",\"datePublished\":\"2026-11-08\""),
                review("\"ratingValue\":4", ",\"datePublished\":\"2026-11-08T09:30:00Z\""),
                review("\"ratingValue\":4", ",\"datePublished\":\"last week\""),
                review("\"ratingValue\":4", ",\"datePublished\":\"2026-13-45\"")));
    assertEquals(answer.items().get(0).reviewedOn(), LocalDate.parse("2026-11-08"));
    assertEquals(answer.items().get(1).reviewedOn(), LocalDate.parse("2026-11-08"));
    assertEquals(answer.items().get(2).reviewedOn(), null);
    assertEquals(answer.items().get(3).reviewedOn(), null);
  }

  /** The link goes into an attribute that a shopper may press. */
  @Test
  public void aLinkIsAnAddressOfTheWeb() {
    assertEquals(
        answer(",\"url\":\"https://d.example/s\"").link(), Optional.of("https://d.example/s"));
    for (String link : new String[] {"javascript:alert(1)", "data:text/html,x", "/s", "", " "}) {
      assertEquals(answer(",\"url\":\"" + link + "\"").link(), Optional.empty(), link);
    }
  }

  @Test
  public void whatIsNoPlaceIsRefused() {
    for (String json :
        new String[] {
          "", "{", "[]", "7", "null", "{\"name\":7}", "<html></html>", "{\"review\":[]}"
        }) {
      assertThrows(ApiProblem.class, () -> DirectoryResponse.of(json));
    }
    assertEquals(answer("").items(), List.of());
    assertEquals(answer(",\"review\":\"good\"").items(), List.of());
  }
}
