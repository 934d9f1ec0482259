package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;
import nodyes.core.review.Reviews;
import nodyes.core.targeting.Condition;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is quoted begins with what the reader can read, unless the owner chose the order. */
public class QuotesTest {
  private static final Slug POT = new Slug("pot");
  private static final List<Review> NEWEST =
      List.of(review(4, "pt"), review(3, "en"), review(2, "de"), review(1, "en-GB"));

  private static Review review(long id, String language) {
    return Reviews.of(
        id,
        Rating.ofStars(5),
        "It stands where I put it, review " + id,
        language,
        LocalDate.of(2026, 11, (int) id));
  }

  @DataProvider
  Object[][] readers() {
    return new Object[][] {
      {"en", Map.of(), "3 1 4 2"},
      {"en-US", Map.of(), "3 1 4 2"},
      {"de", Map.of(), "2 4 3 1"},
      {"ja", Map.of(), "4 3 2 1"},
      {"en", Map.of("pick", "by-hand", "reviews", "4,3,2,1"), "4 3 2 1"},
    };
  }

  @Test(dataProvider = "readers")
  public void theReadersLanguageComesFirst(
      String language, Map<String, String> options, String order) {
    var picked =
        new PickedQuotes(
                new NodId("q"),
                new Placement(
                    new Spot("under-picture"),
                    EnumSet.of(PageKind.PRODUCT),
                    Condition.everyone(),
                    true))
            .opted(new NodOptions(options));
    var reviews =
        new ReviewFacts(
            new RatingSummary(4L * 5 * Rating.PER_STAR, new Histogram(List.of(0L, 0L, 0L, 0L, 4L))),
            0,
            Map.of(),
            ReviewFacets.NONE,
            List.of(),
            Map.of(picked.rule(), NEWEST),
            List.of());
    var product =
        new ProductFacts(new ProductId(1), POT, "Pot", Set.of(), Set.of(), Map.of(), reviews);
    var viewpoint =
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(POT),
            Optional.empty(),
            Optional.of("PT"),
            Locale.forLanguageTag(language),
            Optional.empty(),
            Instant.parse("2026-11-26T14:20:00Z"));
    Verdict verdict =
        NodEvaluator.of(
            picked, POT, new Facts(ZoneId.of("Europe/Lisbon"), Map.of(POT, product)), viewpoint);
    var content = (PickedQuotes.PickedQuotesContent) ((Verdict.Shown) verdict).content();
    assertEquals(
        String.join(
            " ",
            content.quotes().stream()
                .map(quote -> quote.text().body().orElseThrow())
                .map(words -> words.replaceAll(".* ", ""))
                .toList()),
        order);
  }
}
