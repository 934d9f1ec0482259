package nodyes.server.estimates;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nodyes.core.delivery.HolidayRegion;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The public holidays that promises go by, against dates as the countries' laws have them. */
public class PublicHolidaysTest {
  private final PublicHolidays holidays = new PublicHolidays();

  @DataProvider
  public Object[][] years() {
    return new Object[][] {
      {"DE", 2026, "01-01 04-03 04-06 05-01 05-14 05-25 10-03 12-25 12-26"},
      {"DE", 2027, "01-01 03-26 03-29 05-01 05-06 05-17 10-03 12-25 12-26"},
      {"PT", 2026, "01-01 04-03 04-05 04-25 05-01 06-04 06-10 08-15 10-05 11-01 12-01 12-08 12-25"},
      {"PT", 2027, "01-01 03-26 03-28 04-25 05-01 05-27 06-10 08-15 10-05 11-01 12-01 12-08 12-25"},
      {"US", 2026, "01-01 01-19 02-16 05-25 06-19 07-03 09-07 10-12 11-11 11-26 12-25"},
      {"US", 2027, "01-01 01-18 02-15 05-31 06-18 07-05 09-06 10-11 11-11 11-25 12-24"},
      {"GB", 2026, "01-01 04-03 04-06 05-04 05-25 08-31 12-25 12-28"},
      {"GB", 2027, "01-01 03-26 03-29 05-03 05-31 08-30 12-27 12-28"},
      {
        "JP",
        2026,
        "01-01 01-12 02-11 02-23 03-20 04-29 05-03 05-04 05-05 05-06 07-20 08-11 09-21 09-22 09-23 10-12 11-03 11-23"
      },
      // from memory: Code du travail L3133-1
      {"FR", 2026, "01-01 04-06 05-01 05-08 05-14 05-25 07-14 08-15 11-01 11-11 12-25"},
      // from memory: the days of the whole country by the Estatuto de los Trabajadores, 37.2
      {"ES", 2026, "01-01 01-06 04-03 05-01 08-15 10-12 11-01 12-06 12-08 12-25"},
      // from memory: Organisation of Working Time Act 1997, second schedule, and St Brigid's Day;
      // with Easter Sunday, which the library counts and the act does not name
      {"IE", 2026, "01-01 02-02 03-17 04-05 04-06 05-04 06-01 08-03 10-26 12-25 12-26"},
    };
  }

  @Test(dataProvider = "years")
  public void areThoseOfTheCountry(String country, int year, String days) {
    Set<LocalDate> expected =
        Arrays.stream(days.split(" "))
            .map(day -> LocalDate.parse(year + "-" + day))
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(new TreeSet<>(holidays.of(new HolidayRegion(country), year).keySet()), expected);
  }

  /** J. Meeus, Astronomical Algorithms, chapter 8: Good Friday lies two days before. */
  @Test
  public void easterIsReckonedAsMeeusHasIt() {
    for (int year = 2024; year <= 2035; year++) {
      LocalDate friday = easter(year).minusDays(2);
      assertTrue(holidays.of(new HolidayRegion("DE"), year).containsKey(friday), "in " + year);
    }
    assertEquals(easter(1991), LocalDate.of(1991, 3, 31));
    assertEquals(easter(1954), LocalDate.of(1954, 4, 18));
    assertEquals(easter(2038), LocalDate.of(2038, 4, 25));
    assertEquals(easter(2027), LocalDate.of(2027, 3, 28));
  }

  private static LocalDate easter(int year) {
    int a = year % 19;
    int b = year / 100;
    int c = year % 100;
    int h = (19 * a + b - b / 4 - (b - (b + 8) / 25 + 1) / 3 + 15) % 30;
    int l = (32 + 2 * (b % 4) + 2 * (c / 4) - h - c % 4) % 7;
    int m = (a + 11 * h + 22 * l) / 451;
    int sum = h + l - 7 * m + 114;
    return LocalDate.of(year, sum / 31, sum % 31 + 1);
  }

  @Test
  public void partsOfACountryHaveTheirOwn() {
    LocalDate epiphany = LocalDate.of(2026, 1, 6);
    assertTrue(holidays.of(new HolidayRegion("DE-BY"), 2026).containsKey(epiphany));
    assertFalse(holidays.of(new HolidayRegion("DE"), 2026).containsKey(epiphany));
    assertTrue(holidays.knows(new HolidayRegion("DE-BY")));
    assertFalse(holidays.knows(new HolidayRegion("DE-QQ")));
    assertTrue(holidays.countries().size() > 60, "few countries: " + holidays.countries().size());
  }

  @Test
  public void carnivalIsNoPublicHolidayInPortugal() {
    assertFalse(holidays.of(new HolidayRegion("PT"), 2026).containsKey(LocalDate.of(2026, 2, 17)));
  }
}
