package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Said;
import nodyes.core.rating.RatingScale;
import nodyes.core.review.ReviewDate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RowReaderTest {
  private static final List<String> HEADER =
      List.of("Product", "Rating", "Title", "Text", "Author", "Country", "Lang", "Date");

  @Test
  public void readsAGoodRow() {
    ImportedReview review =
        good(
            "slate-pot",
            "4,5",
            "Solid",
            "Stands in the wind.",
            "Rui P.",
            "Portugal",
            "pt_PT",
            "23/04/2026");
    assertEquals(review.rating().stars(1), new BigDecimal("4.5"));
    assertEquals(review.writer().country(), Optional.of("PT"));
    assertEquals(review.text().language(), Optional.of("pt-PT"));
    assertEquals(
        review.source().reviewedOn(), Optional.of(ReviewDate.on(LocalDate.of(2026, 4, 23))));
  }

  /** Each with the column and the words of the reason. */
  @DataProvider
  Object[][] bad() {
    return new Object[][] {
      {"7", "", "", "2026-01-02", ReviewColumn.RATING, "imports.cell.over"},
      {"0", "", "", "2026-01-02", ReviewColumn.RATING, "imports.cell.under"},
      {"good", "", "", "2026-01-02", ReviewColumn.RATING, "imports.cell.notANumber"},
      {"", "", "", "2026-01-02", ReviewColumn.RATING, "imports.cell.empty"},
      {"5", "", "", "31.02.2026", ReviewColumn.DATE, "imports.cell.noDay"},
      {"5", "", "", "31.02.", ReviewColumn.DATE, "imports.cell.notADate"},
      {"5", "", "", "2024-02-30", ReviewColumn.DATE, "imports.cell.noDay"},
      {"5", "", "", "2026-13-01", ReviewColumn.DATE, "imports.cell.noMonth"},
      {"5", "Atlantis", "", "2026-01-02", ReviewColumn.COUNTRY, "imports.cell.notACountry"},
      {"5", "", "the usual", "2026-01-02", ReviewColumn.LANGUAGE, "imports.cell.notALanguage"},
    };
  }

  @Test(dataProvider = "bad")
  public void saysWhatIsWrongAndWhere(
      String rating,
      String country,
      String language,
      String date,
      ReviewColumn column,
      String reason) {
    var outcome =
        reader().read(12, List.of("slate-pot", rating, "", "words", "", country, language, date));
    var problems = ((RowReader.RowResult.Failed) outcome).problems();
    assertEquals(problems.size(), 1, problems.toString());
    assertEquals(problems.getFirst().line(), 12);
    assertEquals(problems.getFirst().column(), Optional.of(column));
    assertEquals(problems.getFirst().reason().key(), reason);
  }

  @Test
  public void gathersAllThatIsWrongWithARow() {
    var outcome = reader().read(3, List.of("p", "9", "", "", "", "Nowhere", "", "31.02.2026"));
    assertEquals(((RowReader.RowResult.Failed) outcome).problems().size(), 3);
  }

  @Test
  public void aShortRowHasEmptyCells() {
    assertTrue(reader().read(2, List.of("p", "5")) instanceof RowReader.RowResult.Parsed);
  }

  @Test
  public void columnsAreKnownByTheirHeadersInSeveralLanguages() {
    assertEquals(
        ColumnDetector.of(List.of("SKU", "Nota", "Comentário", "Nome", "País", "Data", "Caixa")),
        Map.of(
            ReviewColumn.PRODUCT,
            0,
            ReviewColumn.RATING,
            1,
            ReviewColumn.WORDS,
            2,
            ReviewColumn.REVIEWER,
            3,
            ReviewColumn.COUNTRY,
            4,
            ReviewColumn.DATE,
            5));
    assertEquals(
        ColumnDetector.of(List.of("reviewBody", "rating_value", "Date published")),
        Map.of(ReviewColumn.WORDS, 0, ReviewColumn.RATING, 1, ReviewColumn.DATE, 2));
  }

  @Test
  public void theOrderOfDatesIsDecidedByTheFile() {
    var days = new DateOrder.Evidence();
    List.of("01/02/2026", "23/04/2026").forEach(days::see);
    assertEquals(days.order(), DateOrder.DAY_FIRST);
    assertEquals(days.because(), "23/04/2026");
    var months = new DateOrder.Evidence();
    List.of("01/02/2026", "04/23/2026").forEach(months::see);
    assertEquals(months.order(), DateOrder.MONTH_FIRST);
    var silent = new DateOrder.Evidence();
    List.of("01/02/2026", "31.02.2026", "soon").forEach(silent::see);
    assertEquals(silent.order(), DateOrder.DAY_FIRST);
    assertEquals(silent.because(), "");
  }

  /**
   * RFC 3339 section 5.8, the second example (from memory): 16:39:57-08:00 is the next day in UTC.
   */
  @Test
  public void aTimestampIsADayInTheShopsZone() throws InvalidValueException {
    assertEquals(
        DateOrder.DAY_FIRST.read("1996-12-19T16:39:57-08:00", ZoneId.of("Europe/Lisbon")),
        LocalDate.of(1996, 12, 20));
  }

  @Test
  public void oneSlipOfThePenDoesNotChangeTheScale() {
    assertEquals(scale("5", "4", "7", "5", "4"), RatingScale.ONE_TO_FIVE);
    assertEquals(scale("9", "8", "10", "3", "7,5"), RatingScale.of(1, 10));
    assertEquals(scale("9", "11", "10", "3"), RatingScale.of(1, 10));
    assertEquals(scale("80", "9", "95", "100"), RatingScale.of(0, 100));
    assertEquals(scale("good", ""), RatingScale.ONE_TO_FIVE);
  }

  private static RatingScale scale(String... ratings) {
    var evidence = new RatingScaleDetector();
    List.of(ratings).forEach(evidence::see);
    return evidence.scale();
  }

  @Test
  public void theSameReviewTwiceHasOneFingerprint() {
    ImportedReview once =
        good("p", "5", "", "Came up in nine days!", "Owen B.", "", "", "2026-01-02");
    ImportedReview again =
        good("p", "4", "x", "came up  in nine days", "OWEN B", "", "", "2026-03-02");
    ImportedReview other =
        good("p", "5", "", "Came up in ten days!", "Owen B.", "", "", "2026-01-02");
    assertEquals(Fingerprint.of(again), Fingerprint.of(once));
    assertNotEquals(Fingerprint.of(other), Fingerprint.of(once));
    ImportedReview silent = good("p", "5", "", "", "Owen B.", "", "", "2026-01-02");
    ImportedReview silentLater = good("p", "5", "", "", "Owen B.", "", "", "2026-01-03");
    assertNotEquals(Fingerprint.of(silent), Fingerprint.of(silentLater));
  }

  /** Beside the regular expressions of the JDK, with the classes of UTS #18. */
  @Test
  public void wordsAreToldApartByLettersMarksAndNumbersAlone() {
    var random = new java.util.Random(7);
    String[] parts = {
      "Grün", "é", "e\u0301", " ", "--", "٣", "Ⅷ", "½", "हिन्दी", "🌱", "\t", "漢字", "ﬁ", "’"
    };
    for (int i = 0; i < 2000; i++) {
      var words = new StringBuilder("x");
      for (int k = random.nextInt(12); k >= 0; k--) {
        words.append(parts[random.nextInt(parts.length)]);
      }
      String expected =
          java.text.Normalizer.normalize(words, java.text.Normalizer.Form.NFKC)
              .toLowerCase(java.util.Locale.ROOT)
              .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", " ")
              .strip();
      assertEquals(
          Fingerprint.of(good("p", "5", "", words.toString(), "", "", "", "2026-01-02")),
          "words|" + expected + "|");
    }
  }

  @Test
  public void aLongValueIsShortenedInTheMessage() {
    var problem = new RowError(1, Optional.empty(), "🌱".repeat(200), Said.of("x"));
    assertEquals(problem.value().codePointCount(0, problem.value().length()), 80);
  }

  private static ImportedReview good(String... cells) {
    return ((RowReader.RowResult.Parsed) reader().read(2, List.of(cells))).review();
  }

  @Test
  public void aDateThatTellsAMonthAloneIsThatMonth() {
    RowReader counting = dating(Optional.of(LocalDate.of(2026, 11, 26)));
    assertEquals(date(counting, "3 months ago"), "2026-08");
    assertEquals(date(counting, "July 2026"), "2026-07");
    assertEquals(date(counting, "03/11/2026"), "2026-11-03");
  }

  @Test
  public void howLongAgoItWasIsNoDateUntilTheOwnerSaysFromWhen() {
    RowReader reader = dating(Optional.empty());
    var failed = (RowReader.RowResult.Failed) reader.read(2, List.of("5", "3 months ago"));
    assertEquals(failed.problems().getFirst().reason().key(), "imports.cell.soLongAgo");
    assertEquals(date(reader, "July 2026"), "2026-07");
  }

  /** Of rows with a rating and a date. */
  private static RowReader dating(Optional<LocalDate> countedFrom) {
    return new RowReader(
        Map.of(ReviewColumn.RATING, 0, ReviewColumn.DATE, 1),
        RatingScale.ONE_TO_FIVE,
        DateOrder.DAY_FIRST,
        ZoneId.of("Europe/Lisbon"),
        countedFrom);
  }

  private static String date(RowReader reader, String cell) {
    return ((RowReader.RowResult.Parsed) reader.read(2, List.of("5", cell)))
        .review()
        .source()
        .reviewedOn()
        .orElseThrow()
        .toString();
  }

  private static RowReader reader() {
    return new RowReader(
        ColumnDetector.of(HEADER),
        RatingScale.ONE_TO_FIVE,
        DateOrder.DAY_FIRST,
        ZoneId.of("Europe/Lisbon"),
        Optional.empty());
  }
}
