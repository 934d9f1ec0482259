package nodyes.core.review;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RelativeDateTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  @DataProvider
  public Object[][] days() {
    return new Object[][] {
      {"2026-11-26", 0L, RelativeDate.Unit.DAY},
      {"2026-11-25", 1L, RelativeDate.Unit.DAY},
      {"2026-11-13", 13L, RelativeDate.Unit.DAY},
      {"2026-11-12", 2L, RelativeDate.Unit.WEEK},
      {"2026-09-27", 8L, RelativeDate.Unit.WEEK},
      {"2026-09-26", 2L, RelativeDate.Unit.MONTH},
      {"2024-11-27", 23L, RelativeDate.Unit.MONTH},
      {"2024-11-26", 2L, RelativeDate.Unit.YEAR},
      {"2020-02-29", 6L, RelativeDate.Unit.YEAR},
    };
  }

  @Test(dataProvider = "days")
  public void theLargestUnitThatIsNotTooCoarse(String day, long n, RelativeDate.Unit unit) {
    assertEquals(
        RelativeDate.of(LocalDate.parse(day), TODAY), Optional.of(new RelativeDate(n, unit)));
  }

  @Test
  public void aDayToComeIsNotAgo() {
    assertEquals(RelativeDate.of(TODAY.plusDays(1), TODAY), Optional.empty());
    assertEquals(RelativeDate.changesOn(TODAY.plusDays(3), TODAY), TODAY.plusDays(3));
  }

  /** By trying each day that follows, over five years, leap days and short months included. */
  @Test
  public void itChangesOnTheFirstDayOnWhichItReadsDifferently() {
    for (String start : new String[] {"2020-01-30", "2020-02-29", "2021-12-31", "2023-01-31"}) {
      LocalDate day = LocalDate.parse(start);
      for (LocalDate now = day; now.isBefore(day.plusYears(5)); now = now.plusDays(1)) {
        LocalDate next = now.plusDays(1);
        while (RelativeDate.of(day, next).equals(RelativeDate.of(day, now))) {
          next = next.plusDays(1);
        }
        assertEquals(RelativeDate.changesOn(day, now), next, day + " seen on " + now);
      }
    }
  }
}
