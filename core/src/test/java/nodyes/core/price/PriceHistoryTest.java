package nodyes.core.price;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.joda.money.Money;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PriceHistoryTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private static Money eur(String amount) {
    return Money.parse("EUR " + amount);
  }

  private static Instant daysAgo(int days) {
    return TODAY.minusDays(days).atTime(9, 0).atZone(LISBON).toInstant();
  }

  /** As 'days ago: price', the last one in force now. */
  private static PriceHistory history(Object... agoAndPrice) {
    var changes = new ArrayList<PriceChange>();
    for (int i = 0; i < agoAndPrice.length; i += 2) {
      changes.add(
          new PriceChange(daysAgo((Integer) agoAndPrice[i]), eur((String) agoAndPrice[i + 1])));
    }
    return new PriceHistory(changes);
  }

  private static Optional<PriceDrop> drop(PriceHistory history, PriceHistory.Steps steps) {
    return history.dropAt(TODAY.atTime(14, 20).atZone(LISBON).toInstant(), 30, steps, LISBON);
  }

  /**
   * The whole percent, rounded down, so that no reduction is told as more than it is; computed by
   * hand. Under 1 percent nothing is said, as 16 CFR 233.1(e) (from memory) has it of a nominal cut
   * such as 10.00 to 9.99.
   */
  @DataProvider
  Object[][] percents() {
    return new Object[][] {
      {"25.00", "40.00", 37},
      {"30.00", "45.00", 33},
      {"9.95", "10.00", 0},
      {"9.99", "10.00", 0},
      {"9.90", "10.00", 1},
      {"99.99", "100.00", 0},
      {"0.01", "10.00", 99},
      {"40.00", "40.00", 0},
      {"45.00", "40.00", 0},
      {"0.00", "40.00", 100},
      {"5.00", "0.00", 0},
      {"87.50", "100.00", 12},
    };
  }

  @Test(dataProvider = "percents")
  public void thePercentageIsRoundedDown(String now, String before, int percent) {
    Optional<PriceDrop> drop = PriceDrop.of(eur(now), eur(before), new PriceDrop.OwnersReference());
    assertEquals(drop.map(PriceDrop::percent).orElse(0), percent);
    drop.ifPresent(one -> assertEquals(one.amount(), eur(before).minus(eur(now))));
  }

  @Test
  public void twoCurrenciesAreNotCompared() {
    assertEquals(
        PriceDrop.of(eur("10.00"), Money.parse("USD 20.00"), new PriceDrop.OwnersReference()),
        Optional.empty());
  }

  /**
   * Directive 98/6/EC, Article 6a(2): history 160, 100, 130, cut now: the prior price is 100. The
   * Commission's guidance 2021/C 526/02: '50 % off' of a lowest price of 100 and a last price of
   * 160 is counted from 100. Both from memory.
   */
  @Test
  public void thePriorPriceIsTheLowestOfTheThirtyDaysBefore() {
    var directive = history(90, "160.00", 25, "100.00", 10, "130.00", 0, "90.00");
    PriceDrop drop = drop(directive, PriceHistory.Steps.LATEST).orElseThrow();
    assertEquals(drop.prior(), eur("100.00"));
    assertEquals(drop.percent(), 10);
    var guidance = history(90, "160.00", 20, "100.00", 15, "160.00", 0, "50.00");
    assertEquals(drop(guidance, PriceHistory.Steps.LATEST).orElseThrow().percent(), 50);
    var atEighty = history(90, "160.00", 20, "100.00", 15, "160.00", 0, "80.00");
    assertEquals(drop(atEighty, PriceHistory.Steps.LATEST).orElseThrow().percent(), 20);
  }

  /**
   * CJEU C-330/23 (26 Sept 2024; facts from memory): last price 1.69, now 1.29, the lowest of the
   * 30 days 1.29: nothing may be claimed.
   */
  @Test
  public void aPriceThatWasAsLowWithinTheDaysIsNoDrop() {
    var history = history(60, "1.69", 20, "1.29", 10, "1.69", 0, "1.29");
    assertEquals(drop(history, PriceHistory.Steps.LATEST), Optional.empty());
  }

  /** Day 30 before is inside, day 31 outside; a price that began earlier counts while in force. */
  @Test
  public void theThirtiethDayBeforeCountsAndTheOneBeforeItDoesNot() {
    var inside = history(90, "50.00", 31, "30.00", 30, "50.00", 0, "40.00");
    assertEquals(
        drop(inside, PriceHistory.Steps.LATEST),
        Optional.empty(),
        "30.00 was in force on the morning of day 30");
    var outside = history(90, "50.00", 32, "30.00", 31, "50.00", 0, "40.00");
    assertEquals(drop(outside, PriceHistory.Steps.LATEST).orElseThrow().prior(), eur("50.00"));
  }

  /** Article 6a(5) (from memory): 100, 90, 80 in a row: the prior price may stay 100. */
  @Test
  public void aSeriesMayKeepItsFirstPriorPriceWhereTheOwnerSaysSo() {
    var series = history(90, "100.00", 10, "90.00", 0, "80.00");
    assertEquals(drop(series, PriceHistory.Steps.LATEST).orElseThrow().prior(), eur("90.00"));
    assertEquals(drop(series, PriceHistory.Steps.FIRST).orElseThrow().prior(), eur("100.00"));
    var interrupted = history(90, "100.00", 20, "90.00", 10, "95.00", 0, "80.00");
    assertEquals(drop(interrupted, PriceHistory.Steps.FIRST).orElseThrow().prior(), eur("90.00"));
  }

  @Test
  public void aShortHistoryIsToldOf() {
    var young = history(12, "50.00", 0, "40.00");
    assertEquals(
        drop(young, PriceHistory.Steps.LATEST).orElseThrow().basis(),
        new PriceDrop.Recorded(daysAgo(0), daysAgo(12), false));
    var old = history(31, "50.00", 0, "40.00");
    assertTrue(
        ((PriceDrop.Recorded) drop(old, PriceHistory.Steps.LATEST).orElseThrow().basis())
            .isWhole());
    assertEquals(drop(history(3, "40.00"), PriceHistory.Steps.LATEST), Optional.empty());
    assertEquals(drop(PriceHistory.NONE, PriceHistory.Steps.LATEST), Optional.empty());
  }

  @Test
  public void aPlannedPriceEndsWhatHolds() {
    var changes =
        new PriceHistory(
            List.of(
                new PriceChange(daysAgo(-2), eur("50.00")),
                new PriceChange(daysAgo(50), eur("50.00")),
                new PriceChange(daysAgo(1), eur("40.00"))));
    Instant now = daysAgo(0);
    assertEquals(changes.at(now), Optional.of(eur("40.00")));
    assertEquals(changes.holdsAt(now).end(), Optional.of(daysAgo(-2)));
    assertEquals(changes.at(daysAgo(60)), Optional.empty());
    assertEquals(changes.holdsAt(daysAgo(60)).end(), Optional.of(daysAgo(50)));
    assertTrue(changes.holdsAt(daysAgo(-3)).end().isEmpty());
  }

  /** Against a count minute by minute, on random histories. */
  @Test
  public void theLowestAgreesWithLookingAtEachHour() {
    var random = new SplittableRandom(98_6);
    for (int i = 0; i < 400; i++) {
      var changes = new ArrayList<PriceChange>();
      Instant first = TODAY.minusDays(70).atStartOfDay(LISBON).toInstant();
      int count = 2 + random.nextInt(7);
      for (int k = 0; k < count; k++) {
        changes.add(
            new PriceChange(
                first.plusSeconds(3600L * random.nextInt(70 * 24)),
                eur(10 + random.nextInt(9) + ".00")));
      }
      var history = new PriceHistory(changes);
      Instant now = TODAY.atStartOfDay(LISBON).toInstant();
      Optional<PriceDrop> drop = history.dropAt(now, 30, PriceHistory.Steps.LATEST, LISBON);
      assertEquals(drop.map(PriceDrop::percent), byHours(history, now), history.toString());
    }
  }

  private static Optional<Integer> byHours(PriceHistory history, Instant now) {
    Optional<Money> price = history.at(now);
    if (price.isEmpty()) {
      return Optional.empty();
    }
    Instant began = now;
    while (history.at(began.minusSeconds(3600)).equals(price)) {
      began = began.minusSeconds(3600);
    }
    Instant since =
        LocalDate.ofInstant(began, LISBON).minusDays(30).atStartOfDay(LISBON).toInstant();
    Money lowest = null;
    for (Instant hour = began.minusSeconds(3600);
        !hour.isBefore(since);
        hour = hour.minusSeconds(3600)) {
      Money at = history.at(hour).orElse(null);
      lowest = at != null && (lowest == null || at.isLessThan(lowest)) ? at : lowest;
    }
    if (lowest == null || !lowest.isGreaterThan(price.get())) {
      return Optional.empty();
    }
    BigDecimal percent =
        lowest
            .minus(price.get())
            .getAmount()
            .multiply(BigDecimal.valueOf(100))
            .divide(lowest.getAmount(), 0, RoundingMode.DOWN);
    return Optional.of(percent.intValueExact());
  }
}
