package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Iterator;
import java.util.Objects;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Dates as people and tools write them, in Berlin. */
public class DateParserTest {
  private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

  @DataProvider
  Iterator<Object[]> written() throws IOException {
    try (InputStream table =
        Objects.requireNonNull(getClass().getResourceAsStream("written-dates.tsv"))) {
      return new String(table.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .skip(1)
          .filter(line -> !line.startsWith("#"))
          .map(line -> (Object[]) line.split("\t", -1))
          .toList()
          .iterator();
    }
  }

  @Test(dataProvider = "written")
  public void theDayAndTheInstantAreRead(String order, String text, String day, String instant)
      throws InvalidValueException {
    WrittenDate date = DateParser.parse(text, DateOrder.valueOf(order));
    assertEquals(date.dayIn(BERLIN), LocalDate.parse(day));
    assertEquals(date.instantIn(BERLIN), Instant.parse(instant));
  }

  @DataProvider
  Object[][] noDates() {
    return new Object[][] {
      {""},
      {"yesterday"},
      {"2 weeks ago"},
      {"2026"},
      {"May 2026"},
      {"3 May"},
      {"29.02.2026"},
      {"31.04.2026"},
      {"00.01.2026"},
      {"2026-13-10"},
      {"3 May June 2026"},
      {"2026-04-23T25:00:00Z"},
      {"20.11.2026 14:65"},
      {"11/20/2026 13:05 PM"},
      {"9999999999"},
      {"00042"},
      {"4.5"},
      {"1.2.3.4"},
      {"20.11.20266"},
      {"a".repeat(200)},
    };
  }

  @Test(dataProvider = "noDates")
  public void whatIsNoDayIsNoDate(String text) {
    assertThrows(InvalidValueException.class, () -> DateParser.parse(text, DateOrder.DAY_FIRST));
  }

  @Test
  public void aPlainNumberIsNotTakenForADateUnlessItsColumnIsSaidToBeOne() {
    assertFalse(DateParser.isWritten("46346"));
    assertFalse(DateParser.isWritten("1795183533"));
    assertTrue(DateParser.isWritten("11/20/2026"));
    assertTrue(DateParser.isWritten("3. Mai 2026"));
  }

  @DataProvider
  Object[][] columns() {
    return new Object[][] {
      {DateOrder.DAY_FIRST, "", "20/11/26 14:05", "01/02/26"},
      {DateOrder.MONTH_FIRST, "", "11/20/2026 2:05 PM", "01/02/26 9:00 AM"},
      {DateOrder.DAY_FIRST, "01/02/26", "01/02/26", "3 May 2026"},
      {DateOrder.DAY_FIRST, "01/02/26", "20/11/26", "11/20/26", "01/02/26"},
      {DateOrder.DAY_FIRST, "", "2026-01-02", "05.05.2026"},
    };
  }

  @Test(dataProvider = "columns")
  public void theOrderIsThatOfTheWholeColumn(DateOrder order, String unclear, String... dates) {
    var evidence = new DateOrder.Evidence();
    for (String date : dates) {
      evidence.see(date);
    }
    assertEquals(evidence.unclear(), unclear);
    assertEquals(evidence.order(), order);
  }

  /** Signs of dates in any order, from a fixed seed: a date or a refusal, never anything else. */
  @Test
  public void noTextDoesMoreThanBeRefused() {
    String[] parts = {
      "20",
      "11",
      "2026",
      "26",
      ".",
      "/",
      "-",
      " ",
      "T",
      ":",
      "14",
      "05",
      "PM",
      "Z",
      "+01",
      "May",
      "mar",
      "de",
      "年",
      "月",
      "日",
      ",",
      "(",
      "[",
      "\u0000",
      "٣",
      "९",
      "é",
      "999999999999999999"
    };
    var random = new Random(20_261_120);
    int read = 0;
    for (int n = 0; n < 60_000; n++) {
      var text = new StringBuilder();
      for (int i = random.nextInt(9); i >= 0; i--) {
        text.append(parts[random.nextInt(parts.length)]);
      }
      for (DateOrder order : DateOrder.values()) {
        try {
          DateParser.parse(text.toString(), order);
          read++;
        } catch (InvalidValueException e) {
          assertFalse(e.reason().toString().isEmpty());
        }
      }
    }
    assertTrue(read > 0);
  }
}
