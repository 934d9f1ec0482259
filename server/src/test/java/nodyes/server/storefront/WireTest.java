package nodyes.server.storefront;

import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.ReviewWallContent;
import nodyes.core.nod.StarLine;
import nodyes.core.rating.Rating;
import nodyes.core.review.AspectAverage;
import nodyes.core.review.Moderation;
import nodyes.core.review.Provenance;
import nodyes.core.review.RelativeDate;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewFacets;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewOrigin;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;
import nodyes.server.ServerTest;
import nodyes.server.storefront.wire.WireNod;
import org.testng.annotations.Test;

/**
 * The public answers, sign for sign: shops keep an old script for weeks, so a name or meaning that
 * changes here breaks pages out there.
 */
public class WireTest extends ServerTest {
  private static Review review(Provenance provenance, Optional<String> more) {
    return new Review(
        new ReviewId(7),
        Rating.ofStars(4),
        more.map(_ -> Map.of(3L, 4)).orElse(Map.of()),
        more,
        new ReviewText(
            more,
            more,
            more.map(_ -> "pt-PT"),
            more.map(_ -> List.of("heavy")).orElse(List.of()),
            more.map(_ -> List.of("dear")).orElse(List.of())),
        new Writer(more, more.map(_ -> "PT")),
        new ReviewOrigin(provenance, more.map(_ -> ReviewDate.parse("2026-11-02")), more),
        new Moderation(more, more.isPresent()),
        new ReviewMedia(more.map(List::of).orElse(List.of())),
        more.map(_ -> new Votes(3, 1)).orElse(Votes.NONE));
  }

  private String wall(ReviewWallContent content, boolean canTranslate) {
    return json(
        WireNod.of(
            new WireNod.At("wall", "review-wall", "page-end", "pot"),
            new ReviewWall.ShapedWall(content, ReviewWall.Shape.USUAL),
            canTranslate));
  }

  private String json(WireNod nod) {
    return json.writerFor(WireNod.class).writeValueAsString(nod);
  }

  @Test
  public void aStarLine() {
    var content =
        new StarLine.StarLineContent(
            new BigDecimal("4.6"), new BigDecimal("4.50"), 212, 180, true, StarLine.Counted.BOTH);
    assertEquals(
        json(WireNod.of(new WireNod.At("stars", "star-line", "under-title", "pot"), content, true)),
        "{\"kind\":\"star-line\",\"id\":\"stars\",\"spot\":\"under-title\",\"product\":\"pot\","
            + "\"content\":{\"mean\":4.6,\"drawn\":4.50,\"count\":212,"
            + "\"verified\":180,\"stars\":true,\"counted\":\"both\"}}");
  }

  @Test
  public void aReviewWallWithAFullReview() {
    var content =
        new ReviewWallContent(
            new ReviewWallContent.Summary(
                new BigDecimal("4.0"),
                new BigDecimal("4.00"),
                1,
                1,
                List.of(0L, 0L, 0L, 1L, 0L),
                List.of(0, 0, 0, 100, 0),
                Optional.of(new ReviewWallContent.Marked(new BigDecimal("3.5"), 2))),
            new ReviewWallContent.Page(
                6,
                List.of(review(new Provenance.VerifiedPurchase("Q-1"), Optional.of("x"))),
                Optional.of(Map.of(new ReviewId(7), new RelativeDate(3, RelativeDate.Unit.WEEK)))),
            ReviewWallContent.Facets.of(
                ReviewFacets.of("pt", "24 cm", true, 2)
                    .and(ReviewFacets.of("de", "36 cm", false, 1)),
                Locale.GERMAN),
            List.of(new AspectAverage(3, "Gewicht", 9, 2)),
            List.of("Pot, glazed"));
    assertEquals(
        wall(content, true),
        "{\"kind\":\"review-wall\",\"id\":\"wall\",\"spot\":\"page-end\",\"product\":\"pot\","
            + "\"content\":{\"mean\":4.0,\"drawn\":4.00,\"count\":1,\"verified\":1,"
            + "\"counts\":[0,0,0,1,0],\"percentages\":[0,0,0,100,0],\"perPage\":6,\"first\":[{\"id\":7,"
            + "\"stars\":4.00,\"variant\":\"x\",\"title\":\"x\",\"words\":\"x\",\"language\":\"pt-PT\","
            + "\"pros\":[\"heavy\"],\"cons\":[\"dear\"],\"reviewer\":\"x\",\"country\":\"PT\","
            + "\"writtenOn\":\"2026-11-02\",\"ago\":{\"n\":3,\"unit\":\"week\"},\"origin\":\"verified\","
            + "\"incentive\":\"x\",\"reply\":\"x\",\"featured\":true,\"pictures\":[\"x\"],"
            + "\"helpful\":3,\"notHelpful\":1,\"criteria\":[{\"id\":3,\"stars\":4}]}],"
            + "\"facets\":{\"pictured\":2,\"readable\":1,"
            + "\"variants\":[{\"title\":\"24 cm\",\"count\":2},{\"title\":\"36 cm\",\"count\":1}]},\"shape\":{\"order\":\"newest\",\"layout\":\"list\",\"columns\":2,\"columnsNarrow\":1,"
            + "\"turning\":\"pages\",\"compact\":false,\"folded\":false,\"flags\":true,\"translated\":true,"
            + "\"form\":\"after\",\"formOpen\":false},\"ago\":true,"
            + "\"criteria\":[{\"id\":3,\"name\":\"Gewicht\",\"mean\":4.5,\"count\":2,\"drawn\":4.50}],"
            + "\"sharedWith\":[\"Pot, glazed\"],\"marked\":{\"mean\":3.5,\"count\":2}}}");
  }

  @Test
  public void whereAReviewIsFromIsSaidAndTheOrderIsNot() {
    var broughtIn =
        new Provenance.BroughtIn(
            "fair.csv", Optional.of("S1"), Instant.parse("2026-11-02T00:00:00Z"));
    var content =
        new ReviewWallContent(
            new ReviewWallContent.Summary(
                BigDecimal.ONE,
                BigDecimal.ONE,
                2,
                0,
                List.of(2L, 0L, 0L, 0L, 0L),
                List.of(100, 0, 0, 0, 0),
                Optional.empty()),
            new ReviewWallContent.Page(
                6,
                List.of(
                    review(broughtIn, Optional.empty()),
                    review(new Provenance.Unverified(), Optional.empty())),
                Optional.empty()),
            ReviewWallContent.Facets.of(ReviewFacets.NONE, Locale.ENGLISH),
            List.of(),
            List.of());
    String written = wall(content, true);
    assertEquals(
        written.substring(written.indexOf("\"first\"")),
        "\"first\":[{\"id\":7,\"stars\":4.00,\"origin\":\"broughtIn\",\"source\":\"fair.csv\",\"helpful\":0,\"notHelpful\":0},"
            + "{\"id\":7,\"stars\":4.00,\"origin\":\"unverified\",\"helpful\":0,\"notHelpful\":0}],"
            + "\"facets\":{\"pictured\":0,\"readable\":0,\"variants\":[]},\"shape\":{\"order\":\"newest\",\"layout\":\"list\",\"columns\":2,\"columnsNarrow\":1,"
            + "\"turning\":\"pages\",\"compact\":false,\"folded\":false,\"flags\":true,\"translated\":true,"
            + "\"form\":\"after\",\"formOpen\":false},\"ago\":false}}");
  }

  @Test
  public void noTranslationIsOfferedWithoutATranslator() {
    var content =
        new ReviewWallContent(
            ReviewWallContent.Summary.of(
                nodyes.core.rating.RatingSummary.of(List.of(Rating.ofStars(4))),
                0,
                Optional.empty()),
            ReviewWallContent.Page.first(6, List.of(), Optional.empty()),
            ReviewWallContent.Facets.of(ReviewFacets.NONE, Locale.ENGLISH),
            List.of(),
            List.of());
    String without = wall(content, false);
    assertEquals(without.contains("\"translated\":false"), true, without);
  }
}
