package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.RowReader.RowResult;
import nodyes.core.rating.RatingScale;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.Votes;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What files tell of a review besides its rating and words. Cells are common practice. */
public class ReviewExtrasTest {
  private static RowResult read(Map<ReviewColumn, String> cells) {
    var all = new LinkedHashMap<>(cells);
    all.putIfAbsent(ReviewColumn.RATING, "4");
    var columns = new LinkedHashMap<ReviewColumn, Integer>();
    all.keySet().forEach(column -> columns.put(column, columns.size()));
    return new RowReader(
            columns,
            new RatingScale(BigDecimal.ONE, BigDecimal.valueOf(5)),
            DateOrder.DAY_FIRST,
            ZoneId.of("Europe/Lisbon"),
            Optional.empty())
        .read(2, List.copyOf(all.values()));
  }

  private static ImportedReview good(ReviewColumn column, String cell) {
    return ((RowResult.Parsed) read(Map.of(column, cell))).review();
  }

  @DataProvider
  Object[][] notes() {
    return new Object[][] {
      {"light; strong", List.of("light", "strong")},
      {"light|strong", List.of("light", "strong")},
      {"light\nstrong; and tall", List.of("light", "strong; and tall")},
      {"• light; strong", List.of("light; strong")},
      {"- light\r\n- strong\n\n", List.of("light", "strong")},
      {"+ light", List.of("light")},
      {" ; ", List.of()},
    };
  }

  @Test(dataProvider = "notes")
  public void linesOfWhatIsGoodAreParted(String cell, List<String> notes) {
    assertEquals(good(ReviewColumn.PROS, cell).text().pros(), notes);
    assertEquals(good(ReviewColumn.CONS, cell).text().cons(), notes);
  }

  @DataProvider
  Object[][] verified() {
    return new Object[][] {
      {"yes", true},
      {"TRUE", true},
      {"1", true},
      {"Verified buyer", true},
      {"sim", true},
      {"no", false},
      {"False", false},
      {"0", false},
      {"unverified", false},
      {"Not verified", false},
      {"não", false},
      {"Nicht verifiziert", false},
      {"non vérifié", false},
      {"não verificada", false},
      {"no verificada", false},
      {"", false},
    };
  }

  @Test(dataProvider = "verified")
  public void whatIsNotSaidToBeVerifiedIsNot(String cell, boolean isVerified) {
    assertEquals(good(ReviewColumn.VERIFIED, cell).source().isVerifiedThere(), isVerified);
  }

  @Test
  public void whatWasGivenIsToldAsItStandsThere() {
    assertEquals(
        good(ReviewColumn.INCENTIVE, "10 % off").source().incentive(), Optional.of("10 % off"));
    assertEquals(good(ReviewColumn.INCENTIVE, "none").source().incentive(), Optional.empty());
    assertEquals(good(ReviewColumn.INCENTIVE, "false").source().incentive(), Optional.empty());
  }

  @Test
  public void votesAreCounts() {
    assertEquals(good(ReviewColumn.HELPFUL, "12").extras().votes(), new Votes(12, 0));
    assertEquals(good(ReviewColumn.HELPFUL, "1,204").extras().votes(), new Votes(1204, 0));
    assertEquals(good(ReviewColumn.NOT_HELPFUL, "3.0").extras().votes(), new Votes(0, 3));
    for (String said :
        List.of("7 people found this helpful", "7 of 9", "Helpful (7)", "Útil: 7", "7 / 9 votes")) {
      assertEquals(good(ReviewColumn.HELPFUL, said).extras().votes(), new Votes(7, 0), said);
    }
    for (String none : List.of("-1", "many", "1 2 3", "1.5", "99999999999999999999")) {
      var failed = (RowResult.Failed) read(Map.of(ReviewColumn.HELPFUL, none));
      assertEquals(failed.problems().getFirst().column(), Optional.of(ReviewColumn.HELPFUL), none);
    }
  }

  @Test
  public void starsOfSingleThingsAreOfTheRowsScale() {
    var review =
        (RowResult.Parsed)
            read(
                Map.of(
                    ReviewColumn.RATING, "8",
                    ReviewColumn.BEST, "10",
                    ReviewColumn.WORST, "0",
                    ReviewColumn.CRITERIA, "Durability: 10; Value for money = 5"));
    assertEquals(
        review.review().extras().criteria(), Map.of("Durability", 5, "Value for money", 3));
    for (String none : List.of("Durability", ": 4", "Durability: good", "Durability: 9")) {
      assertTrue(read(Map.of(ReviewColumn.CRITERIA, none)) instanceof RowResult.Failed, none);
    }
  }

  @Test
  public void aReplyHasItsDay() {
    var review =
        (RowResult.Parsed)
            read(
                Map.of(
                    ReviewColumn.REPLY, "Thank you!",
                    ReviewColumn.REPLY_DATE, "2026-07-01"));
    var reply = review.review().extras().reply().orElseThrow();
    assertEquals(reply.text(), "Thank you!");
    // summer time in Lisbon
    assertEquals(reply.at(), Optional.of(Instant.parse("2026-06-30T23:00:00Z")));
    assertTrue(
        read(Map.of(ReviewColumn.REPLY, "x", ReviewColumn.REPLY_DATE, "soon"))
            instanceof RowResult.Failed);
  }

  /** A status of another program decides nothing here. */
  @Test
  public void onlyOurOwnStatesAreRead() {
    var left =
        ((RowResult.Parsed)
                read(
                    Map.of(
                        ReviewColumn.STATE, "left out",
                        ReviewColumn.REASON, "a copy",
                        ReviewColumn.FEATURED, "no")))
            .review()
            .extras()
            .decided();
    assertEquals(left.status(), ReviewStatus.LEFT_OUT);
    assertEquals(left.reason(), Optional.of(LeaveOutReason.A_COPY));
    assertFalse(left.isFeatured());
    assertEquals(
        good(ReviewColumn.STATE, "approved").extras().decided(), ImportedReview.Decided.OPEN);
  }

  @Test
  public void pathsNameWhatTheirPartsDo() {
    var guess =
        ColumnDetector.of(
            List.of(
                "id",
                "customer.display_name",
                "customer.country_code",
                "product.title",
                "title",
                "rating.value",
                "rating.max",
                "reply.body",
                "reply.created_at",
                "attributes.created_at",
                "content.body"));
    assertEquals(
        guess,
        Map.ofEntries(
            Map.entry(ReviewColumn.SOURCE_ID, 0),
            Map.entry(ReviewColumn.REVIEWER, 1),
            Map.entry(ReviewColumn.COUNTRY, 2),
            Map.entry(ReviewColumn.PRODUCT, 3),
            Map.entry(ReviewColumn.TITLE, 4),
            Map.entry(ReviewColumn.RATING, 5),
            Map.entry(ReviewColumn.BEST, 6),
            Map.entry(ReviewColumn.REPLY, 7),
            Map.entry(ReviewColumn.REPLY_DATE, 8),
            Map.entry(ReviewColumn.DATE, 9),
            Map.entry(ReviewColumn.WORDS, 10)));
  }

  @Test
  public void aCountrysStateIsNotTheReviews() {
    assertEquals(ColumnDetector.of(List.of("Rating", "State")), Map.of(ReviewColumn.RATING, 0));
    assertTrue(ColumnDetector.of(List.of("review state")).containsKey(ReviewColumn.STATE));
  }

  /**
   * A day of the order, a title of the variant and an id of the shop were taken for the review's.
   */
  @Test
  public void whatIsOfSomethingElseIsNotTheReviews() {
    assertEquals(
        ColumnDetector.of(
            List.of("order.created_at", "variant.title", "shop.id", "store.name", "order.number")),
        Map.of(ReviewColumn.ORDER, 4));
  }

  /** 'Item' sounds right and holds numbers of another program; the other column holds products. */
  @Test
  public void aColumnOfProductsGoesBeforeOneThatIsCalledSo() {
    var guess =
        ColumnDetector.of(
            List.of("Item", "Stars", "Link name"),
            List.of(List.of("901", "4", "slate-pot"), List.of("902", "5", "oat-trough")),
            text -> text.contains("-"));
    assertEquals(
        guess.get(ReviewColumn.PRODUCT),
        new ColumnDetector.ColumnMatch(2, ColumnDetector.MatchBasis.CONTENT));
  }
}
