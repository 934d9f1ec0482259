package nodyes.core.countdown;

import static nodyes.core.countdown.RecurrenceRule.Frequency.DAY;
import static nodyes.core.countdown.RecurrenceRule.Frequency.MONTH;
import static nodyes.core.countdown.RecurrenceRule.Frequency.WEEK;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.Month;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TimeZone;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Recur;
import nodyes.core.countdown.RecurrenceRule.Frequency;
import org.dmfs.rfc5545.recur.InvalidRecurrenceRuleException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * RFC 5545, section 3.8.5.3, whose lists are from memory and were worked out again by ical4j; and
 * two libraries, ical4j and lib-recur, on repeats by chance.
 */
public class RecurrenceExpanderTest {
  private static final LocalDate NO_LAST = LocalDate.MAX;

  private static List<LocalDateTime> times(RecurrenceRule repeat, LocalDateTime from, int most) {
    var times = new ArrayList<LocalDateTime>();
    var recurrence = new RecurrenceExpander(repeat, from);
    while (recurrence.hasNext() && times.size() < most) {
      times.add(recurrence.next());
    }
    return times;
  }

  private static RecurrenceRule repeat(
      String first, Frequency frequency, int every, Set<DayOfWeek> days, LocalDate until) {
    return new RecurrenceRule(
        LocalDate.parse(first).atTime(9, 0),
        frequency,
        every,
        days,
        Optional.empty(),
        Set.of(),
        Optional.of(until).filter(day -> !day.equals(NO_LAST)));
  }

  @DataProvider
  Object[][] published() {
    return new Object[][] {
      {
        repeat("1997-09-02", DAY, 10, Set.of(), NO_LAST),
        "1997-09-02 1997-09-12 1997-09-22 1997-10-02 1997-10-12"
      },
      {
        repeat("1997-09-02", WEEK, 1, EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.THURSDAY), NO_LAST),
        "1997-09-02 1997-09-04 1997-09-09 1997-09-11 1997-09-16 1997-09-18 1997-09-23 1997-09-25"
            + " 1997-09-30 1997-10-02"
      },
      {
        repeat("1997-09-05", MONTH, 1, Set.of(DayOfWeek.FRIDAY), NO_LAST),
        "1997-09-05 1997-10-03 1997-11-07 1997-12-05 1998-01-02 1998-02-06 1998-03-06 1998-04-03"
            + " 1998-05-01 1998-06-05"
      },
      {
        repeat("1997-08-05", WEEK, 2, EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.SUNDAY), NO_LAST),
        "1997-08-05 1997-08-10 1997-08-19 1997-08-24"
      },
      {
        repeat("1997-09-02", WEEK, 1, Set.of(), NO_LAST),
        "1997-09-02 1997-09-09 1997-09-16 1997-09-23 1997-09-30"
      },
    };
  }

  @Test(dataProvider = "published")
  public void rulesGiveThePublishedDays(RecurrenceRule repeat, String expected) {
    List<LocalDate> days = Arrays.stream(expected.split(" ")).map(LocalDate::parse).toList();
    assertEquals(
        times(repeat, repeat.first(), days.size()).stream()
            .map(LocalDateTime::toLocalDate)
            .toList(),
        days);
  }

  @Test
  public void aDailyRuleUntilADayHasThePublishedNumber() {
    RecurrenceRule repeat = repeat("1997-09-02", DAY, 1, Set.of(), LocalDate.parse("1997-12-23"));
    List<LocalDateTime> times = times(repeat, repeat.first(), 999);
    assertEquals(times.size(), 113);
    assertEquals(times.getLast().toLocalDate(), LocalDate.parse("1997-12-23"));
  }

  @Test
  public void everyDayInJanuaryForThreeYearsIsThePublishedNumber() {
    var repeat =
        new RecurrenceRule(
            LocalDateTime.parse("1998-01-01T09:00"),
            DAY,
            1,
            Set.of(),
            Optional.empty(),
            Set.of(Month.JANUARY),
            Optional.of(LocalDate.parse("2000-01-31")));
    assertEquals(times(repeat, repeat.first(), 999).size(), 3 * 31);
  }

  @Test
  public void aRuleWhoseMonthsItNeverMeetsEnds() {
    var repeat =
        new RecurrenceRule(
            LocalDateTime.parse("2026-01-05T09:00"),
            MONTH,
            12,
            Set.of(),
            Optional.of(5),
            Set.of(Month.MARCH),
            Optional.empty());
    var recurrence = new RecurrenceExpander(repeat, repeat.first());
    assertFalse(recurrence.hasNext());
    assertThrows(NoSuchElementException.class, recurrence::next);
  }

  private static RecurrenceRule any(Random random) {
    Frequency frequency = Frequency.values()[random.nextInt(3)];
    LocalDateTime first =
        LocalDateTime.parse("2026-01-01T00:00")
            .plusDays(random.nextInt(800))
            .plusMinutes(random.nextInt(1440));
    boolean byDay = random.nextBoolean();
    Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
    while (days.size() < (byDay || frequency == WEEK ? 1 + random.nextInt(3) : 0)) {
      days.add(DayOfWeek.of(1 + random.nextInt(7)));
    }
    Set<Month> months = EnumSet.noneOf(Month.class);
    while (months.size() < random.nextInt(4)) {
      months.add(Month.of(1 + random.nextInt(12)));
    }
    return new RecurrenceRule(
        first,
        frequency,
        1 + random.nextInt(4),
        days,
        frequency == MONTH && !byDay ? Optional.of(1 + random.nextInt(28)) : Optional.empty(),
        months,
        random.nextInt(4) == 0
            ? Optional.of(first.toLocalDate().plusDays(random.nextInt(900)))
            : Optional.empty());
  }

  /** The repeat in the words of RFC 5545, section 3.3.10. */
  private static String rule(RecurrenceRule repeat) {
    var parts = new ArrayList<String>();
    parts.add("FREQ=" + List.of("DAILY", "WEEKLY", "MONTHLY").get(repeat.frequency().ordinal()));
    parts.add("INTERVAL=" + repeat.every());
    if (!repeat.months().isEmpty()) {
      parts.add(
          repeat.months().stream()
              .sorted()
              .map(month -> "" + month.getValue())
              .collect(Collectors.joining(",", "BYMONTH=", "")));
    }
    repeat.dayOfMonth().ifPresent(day -> parts.add("BYMONTHDAY=" + day));
    if (!repeat.days().isEmpty()) {
      String ordinal = repeat.frequency() == MONTH ? "1" : "";
      parts.add(
          repeat.days().stream()
              .sorted()
              .map(day -> ordinal + day.name().substring(0, 2).toUpperCase(Locale.ROOT))
              .collect(Collectors.joining(",", "BYDAY=", "")));
    }
    repeat
        .until()
        .ifPresent(day -> parts.add("UNTIL=" + day.toString().replace("-", "") + "T235959"));
    parts.add("WKST=MO");
    return String.join(";", parts);
  }

  private static List<LocalDateTime> ours(
      RecurrenceRule repeat, LocalDateTime from, LocalDateTime end) {
    return times(repeat, from, 2000).stream().filter(time -> !time.isAfter(end)).toList();
  }

  /** It takes the month of a week's first day, and so gives 3 January for December. */
  @Test
  public void repeatsByChanceAreAsOneLibraryHasThem() {
    var random = new Random(5545);
    for (int i = 0; i < 400; i++) {
      RecurrenceRule repeat = any(random);
      if (repeat.frequency() == WEEK && !repeat.months().isEmpty()) {
        continue;
      }
      LocalDateTime end = repeat.first().plusYears(3);
      List<LocalDateTime> theirs =
          new Recur<LocalDateTime>(rule(repeat))
              .getDates(repeat.first(), repeat.first(), end).stream().sorted().toList();
      assertEquals(
          ours(repeat, repeat.first(), end), theirs, rule(repeat) + " from " + repeat.first());
    }
  }

  @Test
  public void repeatsByChanceAreAsAnotherLibraryHasThemFromAnyTimeOn()
      throws InvalidRecurrenceRuleException {
    var random = new Random(7529);
    for (int i = 0; i < 400; i++) {
      RecurrenceRule repeat = any(random);
      LocalDateTime from = repeat.first().plusMinutes(random.nextInt(1_000_000));
      LocalDateTime end = from.plusYears(3);
      List<LocalDateTime> theirs = ofTheOther(repeat, from, end);
      assertEquals(
          ours(repeat, from, end), theirs, rule(repeat) + " " + repeat.first() + " from " + from);
    }
  }

  private static List<LocalDateTime> ofTheOther(
      RecurrenceRule repeat, LocalDateTime from, LocalDateTime end)
      throws InvalidRecurrenceRuleException {
    // it takes a wall time in a zone for absolute, and then wants its last one so too
    var rule =
        new org.dmfs.rfc5545.recur.RecurrenceRule(rule(repeat).replace("T235959", "T235959Z"));
    var times = new ArrayList<LocalDateTime>();
    try {
      var iterator = rule.iterator(millis(repeat.first()), TimeZone.getTimeZone("UTC"));
      iterator.fastForward(millis(from));
      while (iterator.hasNext() && iterator.peekMillis() <= millis(end)) {
        times.add(
            LocalDateTime.ofInstant(Instant.ofEpochMilli(iterator.nextMillis()), ZoneOffset.UTC));
      }
    } catch (IllegalArgumentException e) {
      // how it says that a rule never meets its months
      assertEquals(e.getMessage(), "too many empty recurrence sets");
    }
    return times;
  }

  private static long millis(LocalDateTime time) {
    return time.toInstant(ZoneOffset.UTC).toEpochMilli();
  }
}
