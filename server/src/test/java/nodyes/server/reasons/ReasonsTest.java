package nodyes.server.reasons;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.evaluation.Because;
import nodyes.core.evaluation.Verdict;
import nodyes.core.sales.SalesRank;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.core.visitors.TimeWindow;
import nodyes.server.ServerTest;
import org.joda.money.Money;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReasonsTest extends ServerTest {
  @Autowired private Reasons reasons;

  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final FactValue SUMMER =
      new FactValue.Period(
          Optional.of(Instant.parse("2026-06-01T08:00:00Z")),
          Optional.of(Instant.parse("2026-06-30T22:59:00Z")));
  private static final FactValue WEEKDAYS =
      new FactValue.DailyTimes(
          LocalTime.of(8, 0), LocalTime.of(17, 30), EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));

  private static FactValue names(String... names) {
    return new FactValue.NameList(List.of(names));
  }

  private static FactValue money(String amount) {
    return new FactValue.Amount(Money.parse(amount));
  }

  @DataProvider
  Object[][] clauses() {
    FactValue upTo =
        new FactValue.AmountRange(Optional.empty(), Optional.of(Money.parse("EUR 30.00")));
    FactValue between =
        new FactValue.AmountRange(
            Optional.of(Money.parse("EUR 10.00")), Optional.of(Money.parse("EUR 30.00")));
    return new Object[][] {
      {
        of(FactName.REVIEWS, new FactValue.Count(0), new FactValue.Count(1), false),
        "No published reviews yet."
      },
      {
        of(FactName.REVIEWS, new FactValue.Count(1), new FactValue.Count(1), true),
        "1 published review."
      },
      {
        of(FactName.REVIEWS, new FactValue.Count(1204), new FactValue.Count(1), true),
        "1,204 published reviews."
      },
      {
        of(FactName.REVIEWS, new FactValue.Count(3), new FactValue.Count(10), false),
        "3 published reviews. This nod needs at least 10."
      },
      {
        of(FactName.AVERAGE_RATING, stars("4.58"), stars("4.2"), true),
        "The average rating is 4.58 (needed: 4.2)."
      },
      {
        of(FactName.AVERAGE_RATING, stars("3.90"), stars("4.2"), false),
        "The average rating is 3.9. This nod needs at least 4.2."
      },
      {
        Finding.unknown(FactName.AVERAGE_RATING, stars("4.2")),
        "No average rating yet. This nod needs at least 4.2."
      },
      {
        of(FactName.CATEGORY, names("planters", "garden"), names("planters"), true),
        "The category is Planters or Garden."
      },
      {
        of(FactName.TAG, names(), names("heavy", "new", "sale"), false),
        "It does not have the tag heavy, new or sale."
      },
      {of(FactName.PRICE, money("EUR 25.00"), upTo, true), "The price is €25.00."},
      {
        of(FactName.PRICE, money("EUR 41.00"), between, false),
        "The price is €41.00. This nod needs €10.00 to €30.00."
      },
      {Finding.unknown(FactName.PRICE, upTo), "No price is known for this product."},
      {
        of(FactName.COUNTRY, names("PT"), names("DE"), false),
        "The shopper is in Portugal. This nod is for Germany."
      },
      {
        of(FactName.DATE_RANGE, FactValue.Phase.BEFORE, SUMMER, false),
        "Starts on Mon, 1 Jun 2026, 09:00."
      },
      {
        of(FactName.DATE_RANGE, FactValue.Phase.AFTER, SUMMER, false),
        "Ended on Tue, 30 Jun 2026, 23:59."
      },
      {
        of(FactName.TIME_OF_DAY, FactValue.Phase.OUTSIDE, WEEKDAYS, false),
        "Only between 08:00 and 17:30 on Mon and Fri."
      },
      {
        of(FactName.TIME_OF_DAY, FactValue.Phase.WITHIN, WEEKDAYS, true),
        "It is between 08:00 and 17:30 on Mon and Fri."
      },
      {
        of(FactName.ENABLED, FactValue.Switch.OFF, FactValue.Switch.ON, false),
        "You paused this nod."
      },
      {
        Finding.unknown(FactName.PRODUCT, names("blue-teapot")),
        "There is no product “blue-teapot” in your catalogue."
      },
      {
        of(
            FactName.DISCOUNT,
            new FactValue.Discount(Money.parse("EUR 25.00"), Money.parse("EUR 40.00"), 37, 30),
            new FactValue.PercentRange(Optional.of(20), Optional.empty()),
            true),
        "€25.00 is 37% below €40.00, the lowest price of the 30 days before the price drop."
      },
      {
        of(
            FactName.STOCK,
            new FactValue.Count(36),
            new FactValue.CountRange(Optional.of(0L), Optional.of(0L)),
            false),
        "36 in stock. This label is for sold-out products."
      },
      {
        of(
            FactName.SALES_RANK,
            new FactValue.RankInGroup("Planters", new SalesRank(41, 5, 9, Optional.of(44L)), 30),
            new FactValue.TopN(1),
            false),
        "No. 5 of 9 in Planters, with 41 sold in the past 30 days. This nod is for the best seller."
      },
      // it said 'No. 1 of 6, with 0 sold'
      {
        of(
            FactName.SALES_RANK,
            new FactValue.RankInGroup("Planters", new SalesRank(0, 1, 6, Optional.empty()), 30),
            new FactValue.TopN(1),
            false),
        "Nothing of it was sold in the past 30 days, so it has no rank among 6."
      },
      {
        of(
            FactName.VISITORS,
            new FactValue.Visitors(1, TimeWindow.NOW, true),
            new FactValue.CountRange(Optional.of(5L), Optional.empty()),
            false),
        "1 visitor in the past 5 minutes. This count shows from 5."
      },
      {
        of(
            FactName.DELIVERY,
            new FactValue.EstimatedDelivery(
                "DE",
                new DeliveryEstimate.DateRange(
                    LocalDate.parse("2026-11-30"), LocalDate.parse("2026-12-01")),
                new DeliveryEstimate.DateRange(
                    LocalDate.parse("2026-12-04"), LocalDate.parse("2026-12-04"))),
            names("a promise"),
            true),
        "Delivery to Germany: ships Mon 30 Nov\u2009–\u2009Tue 1 Dec, arrives Fri 4 Dec."
      },
      {
        of(FactName.RETURNS, returnedUntil("2027-01-01"), names("a return"), true),
        "Returns, Portugal: arrives by Wed, 2 Dec 2026, then 30 days, so until Fri, 1 Jan 2027."
      },
      {
        of(FactName.RETURNS, returnedUntil("2027-01-31"), names("a return"), true),
        "Returns, Portugal: arrives by Wed, 2 Dec 2026, then 30 days, and in any case until Sun, 31 Jan 2027."
      },
      {
        of(FactName.PAGE_KIND, names("basket"), names("product"), false),
        "This nod is not for the basket."
      },
      {
        of(FactName.PRODUCT, names("celadon-planter"), names("celadon-planter"), true),
        "This nod is for Celadon planter."
      },
    };
  }

  private static FactValue returnedUntil(String last) {
    return new FactValue.ReturnsUntil(
        "PT", LocalDate.parse("2026-12-02"), 30, LocalDate.parse(last));
  }

  private static Finding of(FactName fact, FactValue figure, FactValue wanted, boolean met) {
    return Finding.of(fact, figure, wanted, met);
  }

  private static FactValue stars(String value) {
    return new FactValue.Stars(new BigDecimal(value));
  }

  private static String title(String slug) {
    return slug.equals("celadon-planter") ? "Celadon planter" : slug;
  }

  @Test(dataProvider = "clauses")
  public void aFindingReadsAsASentence(Finding finding, String sentence) {
    assertEquals(reasons.clause(finding, LISBON, ReasonsTest::title), sentence);
  }

  @Test
  public void whatIsWithheldNamesTheFirstThingThatKeepsItAndHowManyMore() {
    var because =
        new Because(
            List.of(
                of(FactName.REVIEWS, new FactValue.Count(3), new FactValue.Count(1), true),
                of(FactName.COUNTRY, names("PT"), names("DE"), false),
                of(FactName.ENABLED, FactValue.Switch.OFF, FactValue.Switch.ON, false)));
    assertEquals(
        reasons.because(
            new Verdict.Withheld(because, ValidUntil.NEVER_ENDS), LISBON, ReasonsTest::title),
        "Not shown. The shopper is in Portugal. This nod is for Germany. 1 more condition is not met.");
  }

  /** A finding of any fact in any standing has a sentence, whatever the core will come to find. */
  @Test
  public void everyFactHasASentenceInEachStanding() {
    for (FactName fact : FactName.values()) {
      assertFalse(reasons.name(fact).isBlank());
      assertFalse(
          reasons.clause(Finding.unknown(fact, names("x")), LISBON, ReasonsTest::title).isBlank(),
          fact + "");
      for (boolean met : List.of(true, false)) {
        assertFalse(
            reasons
                .clause(
                    of(fact, new FactValue.Count(2), new FactValue.Count(3), met),
                    LISBON,
                    ReasonsTest::title)
                .isBlank(),
            fact + " " + met);
      }
    }
  }
}
