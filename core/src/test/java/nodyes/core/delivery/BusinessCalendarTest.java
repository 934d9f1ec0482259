package nodyes.core.delivery;

import static org.testng.Assert.assertEquals;

import com.opengamma.strata.basics.ReferenceData;
import com.opengamma.strata.basics.date.HolidayCalendarId;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BusinessCalendarTest {
  private static final HolidayRegion SOMEWHERE = new HolidayRegion("ZZ");
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);

  private static com.opengamma.strata.basics.date.HolidayCalendar strata(String name) {
    return HolidayCalendarId.of(name).resolve(ReferenceData.standard());
  }

  /** The same days off as a calendar of OpenGamma Strata, a library for finance. */
  private static BusinessCalendar like(com.opengamma.strata.basics.date.HolidayCalendar calendar) {
    var days = new HashMap<LocalDate, String>();
    for (LocalDate day = FIRST; day.getYear() < 2028; day = day.plusDays(1)) {
      if (calendar.isHoliday(day)) {
        days.put(day, "bank holiday");
      }
    }
    return new BusinessCalendar(
        EnumSet.allOf(DayOfWeek.class),
        Set.of(SOMEWHERE),
        HolidayCalendar.of(Map.of(SOMEWHERE, days)),
        List.of());
  }

  @DataProvider
  public Object[][] banks() {
    return new Object[][] {{"GBLO"}, {"USNY"}, {"EUTA"}, {"JPTO"}, {"Sat/Sun"}};
  }

  @Test(dataProvider = "banks")
  public void countsAsStrataDoes(String name) {
    com.opengamma.strata.basics.date.HolidayCalendar theirs = strata(name);
    BusinessCalendar ours = like(theirs);
    for (LocalDate day = FIRST; day.getYear() < 2027; day = day.plusDays(1)) {
      assertEquals(ours.from(day), Optional.of(theirs.nextOrSame(day)), name + " from " + day);
      for (int n = 1; n <= 15; n++) {
        assertEquals(ours.plus(day, n), Optional.of(theirs.shift(day, n)), name + day + "+" + n);
      }
      LocalDate later = day.plusDays(20);
      assertEquals(
          ours.between(day, later),
          theirs.daysBetween(day.plusDays(1), later.plusDays(1)),
          name + " between " + day);
    }
  }

  /** Days after a day, as published for three bank calendars; the two libraries agree on them. */
  @Test
  public void countsOverEasterChristmasAndThanksgiving() {
    assertShifts("GBLO", "2026-04-02", "2026-04-07", "2026-04-08", "2026-04-09");
    assertShifts("GBLO", "2026-12-24", "2026-12-29", "2026-12-30", "2026-12-31");
    assertShifts("USNY", "2026-11-25", "2026-11-27", "2026-11-30", "2026-12-01");
    assertShifts("EUTA", "2026-04-02", "2026-04-07", "2026-04-08", "2026-04-09");
    assertShifts("Sat/Sun", "2026-04-18", "2026-04-20", "2026-04-21", "2026-04-22");
  }

  private static void assertShifts(String name, String day, String... next) {
    BusinessCalendar calendar = like(strata(name));
    for (int n = 1; n <= next.length; n++) {
      assertEquals(
          calendar.plus(LocalDate.parse(day), n), Optional.of(LocalDate.parse(next[n - 1])), name);
    }
  }

  @Test
  public void countsAsWalkingDayByDayDoes() {
    var random = new SplittableRandom(7);
    for (int i = 0; i < 400; i++) {
      var weekdays = EnumSet.noneOf(DayOfWeek.class);
      for (DayOfWeek day : DayOfWeek.values()) {
        if (random.nextInt(3) > 0) {
          weekdays.add(day);
        }
      }
      var days = new HashMap<LocalDate, String>();
      for (int k = random.nextInt(40); k > 0; k--) {
        days.put(FIRST.plusDays(random.nextInt(90)), "holiday");
      }
      LocalDate shut = FIRST.plusDays(random.nextInt(60));
      var closed = List.of(new ShopClosure(shut, shut.plusDays(random.nextInt(12)), "inventory"));
      var calendar =
          new BusinessCalendar(
              weekdays, Set.of(SOMEWHERE), HolidayCalendar.of(Map.of(SOMEWHERE, days)), closed);
      LocalDate day = FIRST.plusDays(random.nextInt(60));
      int n = random.nextInt(9);
      assertEquals(calendar.plus(day, n), walked(calendar, day, n), calendar + " " + day + "+" + n);
    }
  }

  private static Optional<LocalDate> walked(BusinessCalendar calendar, LocalDate day, int n) {
    int left = n == 0 ? 1 : n;
    LocalDate one = n == 0 ? day : day.plusDays(1);
    for (int i = 0; i < 1000; i++, one = one.plusDays(1)) {
      boolean off =
          !calendar.weekdays().contains(one.getDayOfWeek())
              || calendar.holidays().on(one, SOMEWHERE).isPresent()
              || (!one.isBefore(calendar.closed().getFirst().first())
                  && !one.isAfter(calendar.closed().getFirst().last()));
      if (!off && --left == 0) {
        return Optional.of(one);
      }
    }
    return Optional.empty();
  }

  @Test
  public void saysWhyADayDoesNotCount() {
    var calendar =
        new BusinessCalendar(
            Orders.WORKDAYS,
            Set.of(new HolidayRegion("PT")),
            Orders.holidays("PT", "2026-12-01"),
            List.of(new ShopClosure(LocalDate.of(2026, 12, 3), LocalDate.of(2026, 12, 4), "fair")));
    assertEquals(calendar.offOn(LocalDate.of(2026, 11, 30)), Optional.empty());
    assertEquals(
        calendar.offOn(LocalDate.of(2026, 12, 1)),
        Optional.of(new NonWorkingDay.Holiday("holiday")));
    assertEquals(
        calendar.offOn(LocalDate.of(2026, 12, 4)), Optional.of(new NonWorkingDay.Closed("fair")));
    assertEquals(
        calendar.offOn(LocalDate.of(2026, 12, 5)), Optional.of(new NonWorkingDay.Weekday()));
    assertEquals(
        new BusinessCalendar(Set.of(), Set.of(), (_, _) -> Optional.empty(), List.of()).from(FIRST),
        Optional.empty());
  }
}
