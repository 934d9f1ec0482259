package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.rating.RatingScale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Single cells: dates, countries, languages, lengths. */
public class RowValuesTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

  @DataProvider
  Object[][] dates() {
    return new Object[][] {
      {DateOrder.DAY_FIRST, "2026-04-23", "2026-04-23"},
      {DateOrder.MONTH_FIRST, "2026-04-23", "2026-04-23"},
      {DateOrder.DAY_FIRST, "2026/4/3", "2026-04-03"},
      {DateOrder.DAY_FIRST, "03/04/2026", "2026-04-03"},
      {DateOrder.MONTH_FIRST, "03/04/2026", "2026-03-04"},
      {DateOrder.DAY_FIRST, "3.4.2026", "2026-04-03"},
      {DateOrder.DAY_FIRST, " 03 - 04 - 2026 ", "2026-04-03"},
      {DateOrder.DAY_FIRST, "29.02.2024", "2024-02-29"},
      {DateOrder.DAY_FIRST, "2026-04-23T23:30:00Z", "2026-04-24"},
      {DateOrder.DAY_FIRST, "2026-01-23T23:30:00Z", "2026-01-23"},
      {DateOrder.DAY_FIRST, "2026-04-23 10:15:00+02:00", "2026-04-23"},
    };
  }

  @Test(dataProvider = "dates")
  public void datesReadInTheOrderOfTheirFile(DateOrder order, String text, String day)
      throws InvalidValueException {
    assertEquals(order.read(text, LISBON), LocalDate.parse(day));
  }

  @DataProvider
  Object[][] noDates() {
    return new Object[][] {
      {"29.02.2026"},
      {"31.04.2026"},
      {"00.01.2026"},
      {"2026-00-10"},
      {"yesterday"},
      {"2026"},
      {"2026-04-23T25:00:00Z"},
      {"9999999999"},
      {""},
    };
  }

  @Test(dataProvider = "noDates")
  public void whatIsNoDayIsNoDate(String text) {
    assertThrows(InvalidValueException.class, () -> DateOrder.DAY_FIRST.read(text, LISBON));
  }

  /** Names of countries in CLDR, in the languages files come in. */
  @DataProvider
  Object[][] countries() {
    return new Object[][] {
      {"PT", "PT"},
      {"de", "DE"},
      {"Portugal", "PT"},
      {"Alemanha", "DE"},
      {"Deutschland", "DE"},
      {"Alemania", "DE"},
      {"Allemagne", "DE"},
      {"ドイツ", "DE"},
      {"UNITED KINGDOM", "GB"},
      {"UK", "GB"},
      {"Scotland", "GB"},
      {"USA", "US"},
      {"Estados Unidos", "US"},
      {"Atlantis", ""},
      {"ZZZ", ""},
      {"P", ""},
    };
  }

  @Test(dataProvider = "countries")
  public void countriesAreKnownByCodeAndByName(String text, String code) {
    Optional<String> expected = Optional.of(code).filter(c -> !c.isEmpty());
    assertEquals(CountryNames.code(text), expected);
  }

  @Test
  public void languagesComeOutAsBcp47() {
    assertEquals(language("pt_pt"), Optional.of("pt-PT"));
    assertEquals(language("JA"), Optional.of("ja"));
    assertEquals(language("zh-hant-tw"), Optional.of("zh-Hant-TW"));
  }

  private static Optional<String> language(String text) {
    var outcome = reader().read(2, List.of("5", text, ""));
    return ((RowReader.RowResult.Parsed) outcome).review().text().language();
  }

  @Test
  public void lengthsAreCountedInSignsAndNotInHalves() {
    String long2 = "🌱".repeat(10_000);
    assertEquals(
        reader().read(2, List.of("5", "", long2)) instanceof RowReader.RowResult.Parsed, true);
    var outcome = reader().read(2, List.of("5", "", long2 + "x"));
    assertEquals(
        ((RowReader.RowResult.Failed) outcome).problems().getFirst().reason().key(),
        "imports.cell.tooLong");
  }

  private static RowReader reader() {
    return new RowReader(
        Map.of(ReviewColumn.RATING, 0, ReviewColumn.LANGUAGE, 1, ReviewColumn.WORDS, 2),
        RatingScale.ONE_TO_FIVE,
        DateOrder.DAY_FIRST,
        LISBON,
        Optional.empty());
  }
}
