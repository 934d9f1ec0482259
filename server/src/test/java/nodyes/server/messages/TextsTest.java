package nodyes.server.messages;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Said;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the core says names days, times and countries as they are written where it is read. */
public class TextsTest {
  private static final Said OVERLAPS =
      Said.of(
          "ending.problem.overlaps", "day", LocalDate.of(2026, 12, 4), "time", LocalTime.of(9, 5));
  private static final Said NO_DAY =
      Said.of("imports.cell.noDay", "month", YearMonth.of(2026, 2), "days", 28);
  private static final Said TWICE =
      Said.of("delivery.countryTwice", "country", Locale.of("", "ES"));

  /** The forms of CLDR 48: days as yMMMEd, times as Hm, months as yMMMM, territories' names. */
  @DataProvider
  Object[][] written() {
    return new Object[][] {
      {"en", OVERLAPS, "It would start again on Fri, 4 Dec 2026 at 09:05, before it has ended."},
      {
        "de",
        OVERLAPS,
        "Es würde am Fr., 4. Dez. 2026 um 09:05 wieder beginnen, bevor es geendet hat."
      },
      {"en", NO_DAY, "February 2026 has only 28 days."},
      {"de", NO_DAY, "Februar 2026 hat nur 28 Tage."},
      {"es", NO_DAY, "En febrero de 2026 solo hay 28 días."},
      {"fr", NO_DAY, "Il n’y a que 28 jours en février 2026."},
      {"pt", NO_DAY, "Em fevereiro de 2026 só há 28 dias."},
      {"en", TWICE, "Spain is there twice for the same days."},
      {"de", TWICE, "Spanien steht zweimal für dieselben Tage da."},
    };
  }

  @Test(dataProvider = "written")
  public void valuesOfTheCoreWereReadAsCodes(String language, Said said, String text) {
    assertEquals(Texts.in(Optional.of(language), () -> Texts.text(said)), text);
  }
}
