package nodyes.core.showing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import org.joda.money.Money;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BecauseSentenceTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final Figure SUMMER =
      new Figure.Period(
          Optional.of(Instant.parse("2026-06-01T08:00:00Z")),
          Optional.of(Instant.parse("2026-06-30T22:59:00Z")));
  private static final Figure WEEKDAYS =
      new Figure.DailyTimes(
          LocalTime.of(8, 0), LocalTime.of(17, 30), EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));

  private static Figure names(String... names) {
    return new Figure.Names(List.of(names));
  }

  private static Figure money(String amount) {
    return new Figure.Amount(Money.parse(amount));
  }

  @DataProvider
  Object[][] clauses() {
    Figure upTo = new Figure.AmountRange(Optional.empty(), Optional.of(Money.parse("EUR 30.00")));
    Figure between =
        new Figure.AmountRange(
            Optional.of(Money.parse("EUR 10.00")), Optional.of(Money.parse("EUR 30.00")));
    return new Object[][] {
      {
        of(FactName.REVIEWS, new Figure.Count(0), new Figure.Count(1), false),
        "no published reviews yet"
      },
      {
        of(FactName.REVIEWS, new Figure.Count(1), new Figure.Count(1), true),
        "there is 1 published review"
      },
      {
        of(FactName.REVIEWS, new Figure.Count(1204), new Figure.Count(1), true),
        "there are 1,204 published reviews"
      },
      {
        of(FactName.REVIEWS, new Figure.Count(3), new Figure.Count(10), false),
        "3 published reviews; the rule wants 10 or more"
      },
      {
        of(FactName.MEAN_RATING, stars("4.58"), stars("4.2"), true),
        "the mean is 4.58 (4.2 or more wanted)"
      },
      {
        of(FactName.MEAN_RATING, stars("3.90"), stars("4.2"), false),
        "the mean is 3.90; the rule wants 4.2 or more"
      },
      {
        Finding.unknown(FactName.MEAN_RATING, stars("4.2")),
        "there is no mean rating yet; the rule wants 4.2 or more"
      },
      {
        of(FactName.CATEGORY, names("planters", "garden"), names("planters"), true),
        "the category is planters or garden"
      },
      {
        of(FactName.TAG, names(), names("heavy", "new", "sale"), false),
        "the tags is none; the rule wants heavy, new or sale"
      },
      {of(FactName.PRICE, money("EUR 25.00"), upTo, true), "the price is €25.00"},
      {
        of(FactName.PRICE, money("EUR 41.00"), between, false),
        "the price is €41.00; the rule wants at least €10.00 and at most €30.00"
      },
      {
        Finding.unknown(FactName.PRICE, upTo),
        "the price is not known; the rule wants at most €30.00"
      },
      {
        of(FactName.COUNTRY, names("PT"), names("DE"), false),
        "the country is PT; the rule wants DE"
      },
      {
        of(FactName.PERIOD, Figure.Phase.BEFORE, SUMMER, false),
        "it starts later: it is set from Mon 1 Jun 2026, 09:00 until Tue 30 Jun 2026, 23:59"
      },
      {
        of(FactName.PERIOD, Figure.Phase.AFTER, SUMMER, false),
        "it is over: it was set from Mon 1 Jun 2026, 09:00 until Tue 30 Jun 2026, 23:59"
      },
      {
        of(FactName.TIME_OF_DAY, Figure.Phase.OUTSIDE, WEEKDAYS, false),
        "the time lies outside 08:00 to 17:30 on Mon or Fri"
      },
      {
        of(FactName.TIME_OF_DAY, Figure.Phase.WITHIN, WEEKDAYS, true),
        "the time lies 08:00 to 17:30 on Mon or Fri"
      },
      {of(FactName.SWITCH, Figure.Switch.OFF, Figure.Switch.ON, false), "you switched it off"},
      {
        Finding.unknown(FactName.PRODUCT, names("blue-teapot")),
        "the catalogue holds no product named blue-teapot"
      },
    };
  }

  private static Finding of(FactName fact, Figure figure, Figure wanted, boolean met) {
    return Finding.of(fact, figure, wanted, met);
  }

  private static Figure stars(String value) {
    return new Figure.Stars(new BigDecimal(value));
  }

  @Test(dataProvider = "clauses")
  public void aFindingReadsAsAClause(Finding finding, String clause) {
    assertEquals(BecauseSentence.clause(finding, LISBON), clause);
  }

  @Test
  public void whatIsWithheldNamesAllThatKeepsItAndNothingElse() {
    var because =
        new Because(
            List.of(
                of(FactName.REVIEWS, new Figure.Count(3), new Figure.Count(1), true),
                of(FactName.COUNTRY, names("PT"), names("DE"), false),
                of(FactName.SWITCH, Figure.Switch.OFF, Figure.Switch.ON, false)));
    String sentence =
        BecauseSentence.of(new Verdict.Withheld(because, ValidUntil.NEVER_ENDS), LISBON);
    assertEquals(sentence, "Not here: the country is PT; the rule wants DE; you switched it off.");
    assertFalse(sentence.contains("reviews"));
  }
}
