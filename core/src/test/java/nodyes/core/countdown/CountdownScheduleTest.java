package nodyes.core.countdown;

import static java.time.DayOfWeek.FRIDAY;
import static java.time.DayOfWeek.MONDAY;
import static java.time.DayOfWeek.SATURDAY;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nodyes.core.common.Said;
import nodyes.core.common.Unfit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CountdownScheduleTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final ZoneId NEW_YORK = ZoneId.of("America/New_York");
  private static final ZoneId TOKYO = ZoneId.of("Asia/Tokyo");
  private static final CalendarDuration DAY = new CalendarDuration(1, 0, 0);

  private static LocalDateTime at(String time) {
    return LocalDateTime.parse(time);
  }

  private static RecurrenceRule weekly(String first, DayOfWeek... days) {
    return new RecurrenceRule(
        at(first),
        RecurrenceRule.Frequency.WEEK,
        1,
        Set.of(days),
        Optional.empty(),
        Set.of(),
        Optional.empty());
  }

  private static RecurrenceRule monthly(String first, int day, Set<Month> months) {
    return new RecurrenceRule(
        at(first),
        RecurrenceRule.Frequency.MONTH,
        1,
        Set.of(),
        Optional.of(day),
        months,
        Optional.empty());
  }

  @Test
  public void aWallTimeIsOneInstantForAllShoppers() {
    var ending = new CountdownSchedule.FixedEnd(Optional.empty(), at("2026-11-27T23:59"));
    List<ActivePeriod> windows = ending.windows(Instant.parse("2026-11-20T00:00:00Z"), TOKYO, 5);
    assertEquals(
        windows,
        List.of(new ActivePeriod(Optional.empty(), Instant.parse("2026-11-27T14:59:00Z"))));
    assertEquals(ending.windows(Instant.parse("2026-11-27T14:59:00Z"), TOKYO, 5), List.of());
    assertEquals(
        ending.lastEnded(Instant.parse("2026-11-27T14:59:00Z"), TOKYO),
        Optional.of(windows.getFirst()));
    assertEquals(ending.lastEnded(Instant.parse("2026-11-27T14:58:59Z"), TOKYO), Optional.empty());
  }

  /** Gaps and overlaps of 2026 as tzdata has them, from docs of java.time's own resolution. */
  @DataProvider
  Object[][] clockChanges() {
    return new Object[][] {
      {NEW_YORK, "2026-03-08T02:30", "2026-03-08T07:30:00Z"},
      {NEW_YORK, "2026-11-01T01:30", "2026-11-01T05:30:00Z"},
      {LISBON, "2026-03-29T01:30", "2026-03-29T01:30:00Z"},
      {LISBON, "2026-10-25T01:30", "2026-10-25T00:30:00Z"},
      {TOKYO, "2026-03-29T01:30", "2026-03-28T16:30:00Z"},
    };
  }

  @Test(dataProvider = "clockChanges")
  public void aTimeThatAClockChangeLeavesOutOrHasTwiceIsAsJavaTimeHasIt(
      ZoneId zone, String wall, String instant) {
    Instant end = Instant.parse(instant);
    Instant before = end.minus(Duration.ofDays(1));
    assertEquals(
        new CountdownSchedule.FixedEnd(Optional.empty(), at(wall)).windows(before, zone, 1),
        List.of(new ActivePeriod(Optional.empty(), end)));
    LocalDateTime aMonthBefore = at(wall).minusDays(30);
    ActivePeriod repeated =
        new CountdownSchedule.Recurring(
                RecurrenceRule.daily(aMonthBefore), new CalendarDuration(0, 1, 0))
            .windows(end, zone, 1)
            .getFirst();
    assertEquals(repeated, ActivePeriod.of(end, Duration.ofHours(1)));
  }

  @Test
  public void aDayIsADayOfTheCalendarAndHoursAreExact() {
    Instant before = Instant.parse("2026-03-07T20:00:00Z");
    var day = new CountdownSchedule.Recurring(RecurrenceRule.daily(at("2026-03-01T12:00")), DAY);
    var hours =
        new CountdownSchedule.FixedDuration(at("2026-03-07T12:00"), new CalendarDuration(1, 0, 0));
    // New York's 8 March 2026 has 23 hours
    ActivePeriod window =
        new ActivePeriod(
            Optional.of(Instant.parse("2026-03-07T17:00:00Z")),
            Instant.parse("2026-03-08T16:00:00Z"));
    assertEquals(day.windows(before, NEW_YORK, 1), List.of(window));
    assertEquals(hours.windows(before, NEW_YORK, 1), List.of(window));
    assertEquals(
        new CountdownSchedule.FixedDuration(at("2026-03-08T00:00"), new CalendarDuration(0, 23, 0))
            .windows(before, NEW_YORK, 1)
            .getFirst()
            .end(),
        Instant.parse("2026-03-09T04:00:00Z"));
  }

  /** Around the clock changes no time lies in two windows, and windows of a day leave no gap. */
  @Test
  public void windowsOfADayFollowOneAnotherWithoutGapAndOverlap() {
    for (ZoneId zone : List.of(LISBON, NEW_YORK, TOKYO)) {
      for (String start : List.of("2026-01-01T00:00", "2026-01-01T01:30", "2026-01-01T02:30")) {
        var ending = new CountdownSchedule.Recurring(RecurrenceRule.daily(at(start)), DAY);
        List<ActivePeriod> year = ending.windows(Instant.parse("2026-01-02T00:00:00Z"), zone, 364);
        for (int i = 1; i < year.size(); i++) {
          assertEquals(year.get(i).start(), Optional.of(year.get(i - 1).end()), zone + " " + start);
        }
      }
    }
  }

  @Test
  public void theNextFiveOfARepeatAreInOrderAndTheRunningOneIsFirst() {
    var ending =
        new CountdownSchedule.Recurring(
            weekly("2026-11-06T18:00", FRIDAY, SATURDAY), new CalendarDuration(0, 6, 0));
    assertEquals(
        ending.windows(Instant.parse("2026-11-27T20:00:00Z"), LISBON, 5).stream()
            .map(window -> window.start().orElseThrow().toString())
            .toList(),
        List.of(
            "2026-11-27T18:00:00Z",
            "2026-11-28T18:00:00Z",
            "2026-12-04T18:00:00Z",
            "2026-12-05T18:00:00Z",
            "2026-12-11T18:00:00Z"));
    assertEquals(
        ending.lastEnded(Instant.parse("2026-11-27T20:00:00Z"), LISBON).orElseThrow().end(),
        Instant.parse("2026-11-22T00:00:00Z"));
  }

  @Test
  public void aRepeatEndsWithItsLastDay() {
    var repeat =
        new RecurrenceRule(
            at("2026-11-06T18:00"),
            RecurrenceRule.Frequency.WEEK,
            1,
            Set.of(FRIDAY),
            Optional.empty(),
            Set.of(),
            Optional.of(LocalDate.parse("2026-11-20")));
    var ending = new CountdownSchedule.Recurring(repeat, DAY);
    Instant after = Instant.parse("2026-11-22T00:00:00Z");
    assertEquals(ending.windows(after, LISBON, 5), List.of());
    assertEquals(
        ending.lastEnded(after, LISBON).map(ActivePeriod::end),
        Optional.of(Instant.parse("2026-11-21T18:00:00Z")));
  }

  @Test
  public void aMonthWithoutTheDayIsLeftOut() {
    var ending = new CountdownSchedule.Recurring(monthly("2026-01-31T09:00", 31, Set.of()), DAY);
    assertEquals(
        ending.windows(Instant.parse("2026-02-02T00:00:00Z"), LISBON, 3).stream()
            .map(window -> LocalDate.ofInstant(window.start().orElseThrow(), LISBON).toString())
            .toList(),
        List.of("2026-03-31", "2026-05-31", "2026-07-31"));
  }

  @Test
  public void aLeapDayComesInLeapYearsAlone() {
    var ending =
        new CountdownSchedule.Recurring(
            monthly("2028-02-29T09:00", 29, Set.of(Month.FEBRUARY)), DAY);
    List<ActivePeriod> windows = ending.windows(Instant.parse("2028-03-02T00:00:00Z"), LISBON, 2);
    assertEquals(
        windows.stream()
            .map(window -> LocalDate.ofInstant(window.start().orElseThrow(), LISBON).getYear())
            .toList(),
        List.of(2032, 2036));
    assertEquals(
        ending.lastEnded(Instant.parse("2031-06-01T00:00:00Z"), LISBON).map(ActivePeriod::end),
        Optional.of(Instant.parse("2028-03-01T09:00:00Z")));
  }

  @Test
  public void theNextCutOffPassesOverDaysOnWhichNothingLeaves() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day.getValue() <= 5) {
        times.put(day, day == FRIDAY ? LocalTime.of(14, 0) : LocalTime.of(16, 0));
      }
    }
    var ending = new CountdownSchedule.WeeklyCutoff(times);
    // Friday, 27 November 2026, at 14:00 exactly: that day's has passed
    List<ActivePeriod> windows = ending.windows(Instant.parse("2026-11-27T14:00:00Z"), LISBON, 2);
    assertEquals(windows.getFirst().end(), Instant.parse("2026-11-30T16:00:00Z"));
    assertEquals(windows.getFirst().start(), Optional.of(Instant.parse("2026-11-27T14:00:00Z")));
    assertEquals(windows.get(1).end(), Instant.parse("2026-12-01T16:00:00Z"));
    assertEquals(
        ending.lastEnded(Instant.parse("2026-11-27T14:00:00Z"), LISBON).map(ActivePeriod::end),
        Optional.of(Instant.parse("2026-11-27T14:00:00Z")));
  }

  @DataProvider
  Object[][] wrong() {
    return new Object[][] {
      {
        "an end before the start",
        "beforeStart",
        (Runnable)
            () ->
                new CountdownSchedule.FixedEnd(
                    Optional.of(at("2026-11-28T00:00")), at("2026-11-27T00:00"))
      },
      {"no length", "tooShort", (Runnable) () -> new CalendarDuration(0, 0, 0)},
      {"ten years", "tooLong", (Runnable) () -> new CalendarDuration(3650, 0, 0)},
      {
        "30 February",
        "noSuchDay day=30",
        (Runnable) () -> monthly("2026-02-01T00:00", 30, Set.of(Month.FEBRUARY))
      },
      {
        "ended before it began",
        "lastBeforeFirst",
        (Runnable)
            () ->
                new RecurrenceRule(
                    at("2026-11-26T00:00"),
                    RecurrenceRule.Frequency.DAY,
                    1,
                    Set.of(),
                    Optional.empty(),
                    Set.of(),
                    Optional.of(LocalDate.parse("2026-11-25")))
      },
      {
        "two days each day",
        "overlaps day=2026-11-27, time=09:00",
        (Runnable)
            () ->
                new CountdownSchedule.Recurring(
                    RecurrenceRule.daily(at("2026-11-26T09:00")), new CalendarDuration(2, 0, 0))
      },
      {
        "a week from Monday and Friday",
        "overlaps day=2026-11-30, time=09:00",
        (Runnable)
            () ->
                new CountdownSchedule.Recurring(
                    weekly("2026-11-27T09:00", MONDAY, FRIDAY), new CalendarDuration(4, 0, 0))
      },
      {
        "each 0 days",
        "every",
        (Runnable)
            () ->
                new RecurrenceRule(
                    at("2026-11-26T00:00"),
                    RecurrenceRule.Frequency.DAY,
                    0,
                    Set.of(),
                    Optional.empty(),
                    Set.of(),
                    Optional.empty())
      },
      {
        "nothing leaves", "noWeekday", (Runnable) () -> new CountdownSchedule.WeeklyCutoff(Map.of())
      },
      {
        "a month without a day",
        "noDay",
        (Runnable)
            () ->
                new RecurrenceRule(
                    at("2026-11-26T00:00"),
                    RecurrenceRule.Frequency.MONTH,
                    1,
                    Set.of(),
                    Optional.empty(),
                    Set.of(),
                    Optional.empty())
      },
    };
  }

  @Test(dataProvider = "wrong")
  public void whatCanNeverBeIsRefusedWithItsReason(String what, String problem, Runnable making) {
    Said said = expectThrows(Unfit.class, making::run).said();
    String values =
        new TreeMap<>(said.values())
            .entrySet().stream()
                .map(value -> value.getKey() + "=" + value.getValue())
                .collect(Collectors.joining(", "));
    assertEquals((said.key() + " " + values).strip(), "ending.problem." + problem, what);
  }

  @Test
  public void aLengthOfAYearIsAllowedAndAMinuteMoreIsNot() {
    assertEquals(new CalendarDuration(366, 0, 0).days(), 366);
    assertThrows(IllegalArgumentException.class, () -> new CalendarDuration(366, 0, 1));
  }

  /** Every window that is told of before it ends is the one that is told of as ended after it. */
  @Test
  public void whatRunsNowIsWhatEndedThen() {
    var random = new Random(7);
    for (int i = 0; i < 400; i++) {
      ZoneId zone = List.of(LISBON, NEW_YORK, TOKYO).get(random.nextInt(3));
      LocalDateTime first = at("2026-01-01T00:00").plusMinutes(random.nextInt(60 * 24 * 400));
      RecurrenceRule repeat =
          new RecurrenceRule(
              first,
              RecurrenceRule.Frequency.values()[random.nextInt(2)],
              1 + random.nextInt(3),
              Set.of(),
              Optional.empty(),
              Set.of(),
              Optional.empty());
      // a length of over a day does not fit a repeat of one
      boolean isDaily = repeat.frequency() == RecurrenceRule.Frequency.DAY && repeat.every() == 1;
      var ending =
          new CountdownSchedule.Recurring(
              repeat, new CalendarDuration(isDaily ? 0 : random.nextInt(2), 1, 7));
      Instant moment =
          first.atZone(zone).toInstant().plus(Duration.ofMinutes(random.nextInt(60 * 24 * 500)));
      List<ActivePeriod> windows = ending.windows(moment, zone, 3);
      assertEquals(windows.size(), 3);
      for (ActivePeriod window : windows) {
        assertTrue(window.end().isAfter(moment));
        assertEquals(ending.lastEnded(window.end(), zone), Optional.of(window));
        assertEquals(ending.windows(window.end().minusSeconds(1), zone, 1), List.of(window));
      }
    }
  }
}
