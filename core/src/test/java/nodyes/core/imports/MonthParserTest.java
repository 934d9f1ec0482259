package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import com.ibm.icu.text.RelativeDateTimeFormatter;
import com.ibm.icu.text.RelativeDateTimeFormatter.Direction;
import com.ibm.icu.text.RelativeDateTimeFormatter.RelativeUnit;
import com.ibm.icu.util.ULocale;
import java.time.LocalDate;
import java.time.Month;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MonthParserTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final List<String> LANGUAGES = List.of("en", "de", "fr", "es", "pt", "it", "nl");

  private static final Map<RelativeUnit, java.util.function.IntFunction<LocalDate>> BACK =
      Map.of(
          RelativeUnit.HOURS, n -> TODAY,
          RelativeUnit.DAYS, TODAY::minusDays,
          RelativeUnit.WEEKS, TODAY::minusWeeks,
          RelativeUnit.MONTHS, TODAY::minusMonths,
          RelativeUnit.YEARS, TODAY::minusYears);

  @DataProvider
  Object[][] languages() {
    return LANGUAGES.stream().map(one -> new Object[] {one}).toArray(Object[][]::new);
  }

  /** What ICU4J, a general-purpose library, says for so long ago is read as that long ago. */
  @Test(dataProvider = "languages")
  public void whatALibrarySaysOfThePastIsReadBack(String language) {
    var says = RelativeDateTimeFormatter.getInstance(ULocale.forLanguageTag(language));
    BACK.forEach(
        (unit, back) -> {
          for (int n = 1; n <= 20; n++) {
            String text = says.format(n, Direction.LAST, unit);
            assertEquals(
                MonthParser.ago(text, TODAY), Optional.of(YearMonth.from(back.apply(n))), text);
          }
        });
  }

  /** Months as the JDK writes them from CLDR, with a year. */
  @Test(dataProvider = "languages")
  public void aMonthByItsNameIsReadBack(String language) {
    for (String pattern : List.of("MMMM yyyy", "LLLL yyyy", "MMM yyyy")) {
      var writes = DateTimeFormatter.ofPattern(pattern, Locale.forLanguageTag(language));
      for (Month month : Month.values()) {
        var meant = YearMonth.of(2025, month);
        String text = writes.format(meant);
        assertEquals(MonthParser.named(text), Optional.of(meant), text);
      }
    }
  }

  @DataProvider
  Object[][] told() {
    return new Object[][] {
      {"2 weeks ago", "2026-11"},
      {"a month ago", "2026-10"},
      {"An hour ago", "2026-11"},
      {"40 hours ago", "2026-11"},
      {"vor zwei Wochen", "2026-11"},
      {"Vor einem Jahr", "2025-11"},
      {"vor 11 Monaten", "2025-12"},
      {"hace un año", "2025-11"},
      {"hace más de 3 meses", "2026-08"},
      {"il y a 2 ans", "2024-11"},
      {"il y a un mois", "2026-10"},
      {"há 3 semanas", "2026-11"},
      {"há um mês", "2026-10"},
      {"5 meses atrás", "2026-06"},
      {"una settimana fa", "2026-11"},
      {"drie maanden geleden", "2026-08"},
      {"yesterday", "2026-11"},
      {"Gestern", "2026-11"},
      {"last month", "2026-10"},
      {"about 2 years ago", "2024-11"},
      {"1 yr. ago", "2025-11"},
    };
  }

  @Test(dataProvider = "told")
  public void howLongAgoItWasIsAMonth(String text, String month) {
    assertEquals(MonthParser.ago(text, TODAY), Optional.of(YearMonth.parse(month)));
  }

  @DataProvider
  Object[][] named() {
    return new Object[][] {
      {"in July 2026", "2026-07"},
      {"July, 2026", "2026-07"},
      {"im März 2026", "2026-03"},
      {"julho de 2026", "2026-07"},
      {"en julio de 2026", "2026-07"},
      {"2026-07", "2026-07"},
      {"07/2026", "2026-07"},
    };
  }

  @Test(dataProvider = "named")
  public void aMonthWithAYearIsAMonth(String text, String month) {
    assertEquals(MonthParser.named(text), Optional.of(YearMonth.parse(month)));
  }

  @DataProvider
  Object[][] nothing() {
    return new Object[][] {
      {""},
      {"3 May 2026"},
      {"2026-05-03"},
      {"in 2 weeks"},
      {"in zwei Wochen"},
      {"2 weeks"},
      {"a lovely pot"},
      {"13/2026"},
      {"1 month and a day ago it came"},
      {"ago"},
      {"weeks ago"},
      {"July"},
      {"Mayonnaise 2026"},
      {"9".repeat(500) + " days ago"},
    };
  }

  @Test(dataProvider = "nothing")
  public void anythingElseIsNoMonth(String text) {
    assertEquals(MonthParser.named(text), Optional.empty());
    assertFalse(MonthParser.isAgo(text));
  }
}
