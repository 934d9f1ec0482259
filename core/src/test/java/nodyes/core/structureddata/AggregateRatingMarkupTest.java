package nodyes.core.structureddata;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.imports.SchemaOrgReviewReader;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Moderation;
import nodyes.core.review.Provenance;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewOrigin;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;
import org.testng.annotations.Test;

public class AggregateRatingMarkupTest {
  private static final Review REVIEW =
      new Review(
          new ReviewId(1),
          Rating.ofStars(4),
          Map.of(),
          Optional.empty(),
          ReviewText.of(
              Optional.of("A lovely green"),
              Optional.of("It holds </script> a whole watering."),
              Optional.of("en")),
          new Writer(Optional.empty(), Optional.of("PT")),
          new ReviewOrigin(
              new Provenance.Unverified(),
              Optional.of(ReviewDate.parse("2026-11-08")),
              Optional.empty()),
          Moderation.NONE,
          ReviewMedia.NONE,
          Votes.NONE);

  @Test
  public void nobodysRatingIsNone() {
    assertEquals(
        AggregateRatingMarkup.of(
            "Pot", "https://shop.example/pot", RatingSummary.of(List.of()), List.of()),
        Optional.empty());
  }

  @Test
  public void saysTheMeanTheCountAndTheBounds() {
    Map<String, Object> product =
        AggregateRatingMarkup.of(
                "Pot",
                "https://shop.example/pot",
                RatingSummary.of(List.of(Rating.ofStars(4), Rating.ofStars(5))),
                List.of(REVIEW))
            .orElseThrow();
    assertEquals(
        product.get("aggregateRating"),
        Map.of(
            "@type",
            "AggregateRating",
            "ratingValue",
            new BigDecimal("4.5"),
            "bestRating",
            5,
            "worstRating",
            1,
            "ratingCount",
            2L,
            "reviewCount",
            2L));
    known(product);
  }

  /** What is written is read again by what reads other shops' pages. */
  @Test
  public void isReadAsItWasWritten() {
    Map<String, Object> product =
        AggregateRatingMarkup.of(
                "Pot",
                "https://shop.example/pot",
                RatingSummary.of(List.of(Rating.ofStars(4))),
                List.of(REVIEW))
            .orElseThrow();
    String read = SchemaOrgReviewReader.in(product).toString();
    assertTrue(read.contains("A lovely green"), read);
    assertTrue(read.contains("2026-11-08"), read);
  }

  /** Each property is one of those that are checked against the vocabulary. */
  private static void known(Object tree) {
    if (tree instanceof List<?> list) {
      list.forEach(AggregateRatingMarkupTest::known);
    } else if (tree instanceof Map<?, ?> map) {
      List<String> named = AggregateRatingMarkup.WRITTEN.getOrDefault(map.get("@type"), List.of());
      map.forEach(
          (name, value) -> {
            assertTrue(name.toString().startsWith("@") || named.contains(name), map + " " + name);
            known(value);
          });
    }
  }
}
