package nodyes.core.targeting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ValidUntil;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.Finding.Status;
import org.joda.money.Money;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ConditionTest {
  private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

  /** A pot with reviews of 5, 4 and 4 stars at EUR 25.00, looked at from Portugal in English. */
  private static EvaluationContext pot(Instant moment, ZoneId zone) {
    var ratings = new ArrayList<Rating>();
    for (int stars : new int[] {5, 4, 4}) {
      ratings.add(Rating.ofStars(stars));
    }
    return new EvaluationContext(
        RatingSummary.of(ratings),
        Set.of("planters", "garden"),
        Set.of("heavy"),
        Optional.of(Money.parse("EUR 25.00")),
        Optional.of("PT"),
        Locale.forLanguageTag("en-GB"),
        moment,
        zone,
        new Sellable.NothingKnown());
  }

  private static Condition price(String least, String most) {
    return new Condition.PriceBetween(
        Optional.of(least).filter(s -> !s.isEmpty()).map(Money::parse),
        Optional.of(most).filter(s -> !s.isEmpty()).map(Money::parse));
  }

  /** On both sides of each boundary. The mean of 5, 4, 4 is 4 1/3 and not 4.33. */
  @DataProvider
  Object[][] boundaries() {
    return new Object[][] {
      {new Condition.ReviewsAtLeast(3), true},
      {new Condition.ReviewsAtLeast(4), false},
      {new Condition.RatingAtLeast(new BigDecimal("4.33"), 3), true},
      {new Condition.RatingAtLeast(new BigDecimal("4.333333"), 3), true},
      {new Condition.RatingAtLeast(new BigDecimal("4.333334"), 3), false},
      {new Condition.RatingAtLeast(new BigDecimal("4"), 4), false},
      {new Condition.InCategory(Set.of("planters")), true},
      {new Condition.InCategory(Set.of("garden", "tools")), true},
      {new Condition.InCategory(Set.of("tools")), false},
      {new Condition.InCategory(Set.of()), false},
      {new Condition.HasTag(Set.of("heavy", "new")), true},
      {new Condition.HasTag(Set.of("new")), false},
      {price("EUR 25.00", ""), true},
      {price("EUR 25.01", ""), false},
      {price("", "EUR 25.00"), true},
      {price("", "EUR 24.99"), false},
      {price("EUR 20.00", "EUR 30.00"), true},
      {price("", ""), true},
      {price("USD 1.00", ""), false},
      {new Condition.CountryIn(Set.of("PT", "ES")), true},
      {new Condition.CountryIn(Set.of("ES")), false},
      {new Condition.LanguageIn(Set.of("en")), true},
      {new Condition.LanguageIn(Set.of("pt")), false},
      {Condition.everyone(), true},
      {new Condition.AnyOf(List.of()), false},
    };
  }

  @Test(dataProvider = "boundaries")
  public void holdsOnOneSideOfItsBoundary(Condition condition, boolean met) {
    ConditionResult answer = condition.ask(pot(NOON, LISBON));
    assertEquals(answer.met(), met);
    assertEquals(answer.validUntil(), ValidUntil.NEVER_ENDS);
  }

  @Test
  public void whatIsNotKnownIsUnknownAndNeverMet() {
    var stranger =
        new EvaluationContext(
            RatingSummary.NONE,
            Set.of(),
            Set.of(),
            Optional.empty(),
            Optional.empty(),
            Locale.JAPANESE,
            NOON,
            LISBON,
            new Sellable.NothingKnown());
    for (Condition condition :
        List.of(
            new Condition.CountryIn(Set.of("PT")),
            price("EUR 0.00", ""),
            new Condition.RatingAtLeast(BigDecimal.ONE, 0))) {
      ConditionResult answer = condition.ask(stranger);
      assertEquals(answer.met(), false);
      assertEquals(answer.findings().getLast().status(), Status.UNKNOWN);
      assertEquals(answer.findings().getLast().actual(), new FactValue.Unknown());
    }
  }

  @Test
  public void anotherCurrencyCannotBeCompared() {
    ConditionResult answer = price("USD 1.00", "").ask(pot(NOON, LISBON));
    assertEquals(answer.findings().getFirst().status(), Status.UNKNOWN);
  }

  @Test
  public void groupsReportEveryPartInOrder() {
    Condition heavy = new Condition.HasTag(Set.of("heavy"));
    Condition spain = new Condition.CountryIn(Set.of("ES"));
    ConditionResult all = new Condition.AllOf(List.of(heavy, spain)).ask(pot(NOON, LISBON));
    ConditionResult any = new Condition.AnyOf(List.of(heavy, spain)).ask(pot(NOON, LISBON));
    assertEquals(all.met(), false);
    assertEquals(any.met(), true);
    assertEquals(
        any.findings().stream().map(Finding::fact).toList(),
        List.of(FactName.TAG, FactName.COUNTRY));
    assertEquals(all.findings(), any.findings());
    // of those, only what another does not make up for keeps it from being met
    assertEquals(all.missing().stream().map(Finding::fact).toList(), List.of(FactName.COUNTRY));
    assertEquals(any.missing(), List.of());
    Condition japan = new Condition.CountryIn(Set.of("JP"));
    ConditionResult nested =
        new Condition.AllOf(List.of(new Condition.AnyOf(List.of(heavy, spain)), japan))
            .ask(pot(NOON, LISBON));
    assertEquals(
        nested.missing().stream().map(Finding::required).toList(),
        List.of(new FactValue.NameList(List.of("JP"))));
  }

  @Test
  public void aGroupEndsWithItsFirstPart() {
    Instant early = NOON.plusSeconds(60);
    Instant late = NOON.plusSeconds(600);
    Condition first = new Condition.Between(Optional.empty(), Optional.of(early));
    Condition second = new Condition.Between(Optional.of(late), Optional.empty());
    for (List<Condition> parts : List.of(List.of(first, second), List.of(second, first))) {
      assertEquals(
          new Condition.AnyOf(parts).ask(pot(NOON, LISBON)).validUntil(), ValidUntil.before(early));
    }
  }

  @Test
  public void aPeriodBeginsWithItsStartAndIsOverAtItsEnd() {
    var period = new Condition.Between(Optional.of(NOON), Optional.of(NOON.plusSeconds(10)));
    record Case(long second, FactValue.Phase phase, Optional<Instant> end) {}
    for (Case at :
        List.of(
            new Case(-1, FactValue.Phase.BEFORE, Optional.of(NOON)),
            new Case(0, FactValue.Phase.WITHIN, Optional.of(NOON.plusSeconds(10))),
            new Case(9, FactValue.Phase.WITHIN, Optional.of(NOON.plusSeconds(10))),
            new Case(10, FactValue.Phase.AFTER, Optional.empty()))) {
      ConditionResult answer = period.ask(pot(NOON.plusSeconds(at.second()), LISBON));
      assertEquals(answer.findings().getFirst().actual(), at.phase());
      assertEquals(answer.validUntil().end(), at.end());
    }
    assertThrows(
        IllegalArgumentException.class,
        () -> new Condition.Between(Optional.of(NOON), Optional.of(NOON)));
    assertThrows(
        IllegalArgumentException.class,
        () -> new Condition.Daily(LocalTime.NOON, LocalTime.MIDNIGHT, Set.of()));
  }

  /**
   * Clock changes of the tz database (2026a, by java.time): the hour from 01:00 is left out in
   * Lisbon on 2026-03-29 and comes twice on 2026-10-25; in New York 02:00 to 03:00 is left out on
   * 2026-03-08 and 01:00 to 02:00 comes twice on 2026-11-01; Tokyo has none.
   */
  @DataProvider
  Object[][] clockChanges() {
    return new Object[][] {
      // zone, from, to, moment, open, next change
      {"Europe/Lisbon", "01:15", "01:45", "2026-03-29T00:30:00Z", false, "2026-03-30T00:15:00Z"},
      {"Europe/Lisbon", "00:30", "01:30", "2026-03-29T00:45:00Z", true, "2026-03-29T01:00:00Z"},
      {"Europe/Lisbon", "01:15", "01:45", "2026-10-25T00:20:00Z", true, "2026-10-25T00:45:00Z"},
      {"Europe/Lisbon", "01:15", "01:45", "2026-10-25T00:50:00Z", false, "2026-10-25T01:15:00Z"},
      {"Europe/Lisbon", "01:15", "01:45", "2026-10-25T01:20:00Z", true, "2026-10-25T01:45:00Z"},
      {"Europe/Lisbon", "01:30", "02:30", "2026-10-25T00:59:00Z", true, "2026-10-25T01:00:00Z"},
      {"America/New_York", "02:30", "04:00", "2026-03-08T06:59:00Z", false, "2026-03-08T07:00:00Z"},
      {"America/New_York", "02:30", "04:00", "2026-03-08T07:00:00Z", true, "2026-03-08T08:00:00Z"},
      {"America/New_York", "00:30", "01:30", "2026-11-01T05:15:00Z", true, "2026-11-01T05:30:00Z"},
      {"America/New_York", "00:30", "01:30", "2026-11-01T05:45:00Z", false, "2026-11-01T06:00:00Z"},
      {"Asia/Tokyo", "08:00", "18:00", "2026-11-01T08:59:00Z", true, "2026-11-01T09:00:00Z"},
      {"Asia/Tokyo", "22:00", "06:00", "2026-11-01T15:00:00Z", true, "2026-11-01T21:00:00Z"},
    };
  }

  @Test(dataProvider = "clockChanges")
  public void aTimeOfDayFollowsTheWallClock(
      String zone, String from, String to, String moment, boolean open, String change) {
    var daily =
        new Condition.Daily(
            LocalTime.parse(from), LocalTime.parse(to), EnumSet.allOf(DayOfWeek.class));
    ConditionResult answer = daily.ask(pot(Instant.parse(moment), ZoneId.of(zone)));
    assertEquals(answer.met(), open);
    assertEquals(answer.validUntil().end(), Optional.of(Instant.parse(change)));
  }

  @Test
  public void aWindowOverMidnightBelongsToTheDayItStartsOn() {
    var fridayNight =
        new Condition.Daily(LocalTime.of(22, 0), LocalTime.of(2, 0), EnumSet.of(DayOfWeek.FRIDAY));
    assertTrue(fridayNight.ask(pot(Instant.parse("2026-11-27T23:00:00Z"), LISBON)).met());
    assertTrue(fridayNight.ask(pot(Instant.parse("2026-11-28T01:59:00Z"), LISBON)).met());
    assertEquals(fridayNight.ask(pot(Instant.parse("2026-11-28T22:30:00Z"), LISBON)).met(), false);
    assertEquals(fridayNight.ask(pot(Instant.parse("2026-11-27T01:00:00Z"), LISBON)).met(), false);
  }

  @Test
  public void allDayOnAllDaysNeverChanges() {
    var always =
        new Condition.Daily(LocalTime.MIDNIGHT, LocalTime.MIDNIGHT, EnumSet.allOf(DayOfWeek.class));
    ConditionResult answer = always.ask(pot(NOON, LISBON));
    assertEquals(answer.met(), true);
    assertEquals(answer.validUntil(), ValidUntil.NEVER_ENDS);
  }
}
