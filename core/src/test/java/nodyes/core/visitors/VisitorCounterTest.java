package nodyes.core.visitors;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.apache.datasketches.hll.HllSketch;
import org.apache.datasketches.hll.TgtHllType;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class VisitorCounterTest {
  private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");

  private static long number(VisitorCounter tally, TimeWindow window, Instant moment) {
    return tally.count(window, moment).number();
  }

  /** Worked out by hand: exactly 300 s old is out. */
  @Test
  public void aWindowEndsExactlyItsLengthAgo() {
    var tally = new VisitorCounter();
    Map<Integer, Character> views = new HashMap<>();
    views.put(0, 'a');
    views.put(10, 'b');
    views.put(20, 'a');
    views.put(290, 'c');
    views.put(300, 'b');
    views.put(310, 'd');
    views.put(320, 'a');
    int[][] expected = {
      {0, 1}, {20, 2}, {299, 3}, {300, 3}, {301, 3}, {310, 4}, {320, 4}, {619, 1}, {620, 0},
      {621, 0}
    };
    int next = 0;
    for (int second = 0; second <= 621; second++) {
      Instant now = NOON.plusSeconds(second);
      if (views.containsKey(second)) {
        tally.saw(views.get(second), now);
      }
      if (second == expected[next][0]) {
        assertEquals(number(tally, TimeWindow.NOW, now), expected[next][1], "at " + second);
        next++;
      }
    }
  }

  /** Against a plain set, over any stream of views with pauses of up to days. */
  @Test
  public void whileFewEveryWindowIsWhatASetHolds() {
    for (int round = 0; round < 60; round++) {
      var random = new Random(round);
      var tally = new VisitorCounter();
      var last = new HashMap<Long, Long>();
      long second = NOON.getEpochSecond();
      for (int i = 0; i < 1500; i++) {
        second += random.nextInt(random.nextInt(40) == 0 ? 200_000 : 90);
        if (random.nextInt(200) == 0) {
          second += 500_000;
        }
        long visitor = random.nextInt(400);
        tally.saw(visitor, Instant.ofEpochSecond(second));
        last.put(visitor, second);
        if (i % 50 == 0) {
          tally = VisitorCounter.of(tally.toBytes());
        }
        for (TimeWindow window : TimeWindow.values()) {
          long from = second - window.length().toSeconds();
          long expected = last.values().stream().filter(seen -> seen > from).count();
          VisitorEstimate counted = tally.count(window, Instant.ofEpochSecond(second));
          assertEquals(
              counted, new VisitorEstimate(expected, true), "round " + round + " view " + i);
        }
      }
    }
  }

  @Test
  public void aVisitorCountsOnceHoweverOftenSeen() {
    var tally = new VisitorCounter();
    for (int i = 0; i < 1000; i++) {
      tally.saw(7, NOON.plusSeconds(i));
    }
    assertEquals(number(tally, TimeWindow.HOUR, NOON.plusSeconds(1000)), 1);
  }

  @Test
  public void aClockThatGoesBackTakesNothingAway() {
    var tally = new VisitorCounter();
    tally.saw(1, NOON);
    tally.saw(2, NOON.minusSeconds(10_000));
    assertEquals(number(tally, TimeWindow.NOW, NOON.minusSeconds(10_000)), 2);
  }

  @DataProvider
  Object[][] streams() {
    return new Object[][] {{100}, {10_000}, {1_000_000}};
  }

  /**
   * Standard error 1.04/sqrt(m) (Flajolet, Fusy, Gandouet, Meunier, AofA 2007), here with m = 4096:
   * 1.63 %; four times that is allowed.
   */
  @Test(dataProvider = "streams")
  public void manyAreCountedWithinTheStatedError(int visitors) {
    var tally = new VisitorCounter();
    for (int i = 0; i < visitors; i++) {
      tally.saw(i * 0x9E3779B97F4A7C15L, NOON.plusMillis(i % 60_000L));
    }
    VisitorEstimate counted = tally.count(TimeWindow.HOUR, NOON.plusSeconds(60));
    double error = Math.abs(counted.number() - visitors) / (double) visitors;
    assertEquals(counted.isExact(), visitors <= VisitorCounter.EXACT);
    assertTrue(error <= (counted.isExact() ? 0 : 4 * 0.01625), visitors + ": " + error);
    assertTrue(VisitorCounter.RELATIVE_ERROR <= 0.02);
    assertEquals(VisitorCounter.RELATIVE_ERROR, 0.016187, 0.0001, "checked with getRelErr");
  }

  /** The values of HLL_4 with lgK 12 over 0 to n - 1, as several versions of the library give. */
  @Test
  public void theLibraryGivesItsPublishedEstimates() {
    var sketch = new HllSketch(12, TgtHllType.HLL_4);
    for (long i = 0; i < 10_000; i++) {
      sketch.update(i);
    }
    assertEquals(sketch.getEstimate(), 9966.96796876342, 1e-6);
  }

  /** Each minute some hundred visitors, for eight days: every window near what a set holds. */
  @Test
  public void sketchesFollowTimeAndNeverHoldAWindowTooMany() {
    var tally = new VisitorCounter();
    var last = new HashMap<Long, Long>();
    var random = new Random(3);
    long start = NOON.getEpochSecond();
    for (int minute = 0; minute < 8 * 1440; minute += 7) {
      long second = start + minute * 60L;
      for (int i = 0; i < 25; i++) {
        long visitor = random.nextInt(60_000);
        tally.saw(visitor, Instant.ofEpochSecond(second));
        last.put(visitor, second);
      }
      if (minute % 1400 == 0 && minute > 0) {
        tally = VisitorCounter.of(tally.toBytes());
        assertFalse(tally.count(TimeWindow.NOW, Instant.ofEpochSecond(second)).isExact());
        for (TimeWindow window : TimeWindow.values()) {
          long from = second - window.length().toSeconds();
          long truth = last.values().stream().filter(seen -> seen > from).count();
          long counted = number(tally, window, Instant.ofEpochSecond(second));
          assertTrue(counted <= truth * 1.065 + 1, window + ": " + counted + " of " + truth);
          // of a day the oldest hour may be missing, of a week the oldest six hours
          assertTrue(counted >= truth * 0.85 - 26, window + ": " + counted + " of " + truth);
        }
      }
    }
    Instant later = Instant.ofEpochSecond(start + 16 * 86_400L);
    assertTrue(tally.isEmpty(later));
    assertTrue(tally.count(TimeWindow.WEEK, later).isExact());
  }

  @Test
  public void whatIsNoTallyIsRefused() {
    assertThrows(IllegalArgumentException.class, () -> VisitorCounter.of(new byte[3]));
    assertThrows(IllegalArgumentException.class, () -> VisitorCounter.of(new byte[40]));
    byte[] cut = new VisitorCounter().toBytes();
    assertThrows(
        IllegalArgumentException.class, () -> VisitorCounter.of(java.util.Arrays.copyOf(cut, 12)));
  }

  @DataProvider
  Object[][] shown() {
    return new Object[][] {
      {0, 0},
      {99, 99},
      {100, 100},
      {101, 100},
      {119, 110},
      {999, 990},
      {1_000, 1_000},
      {1_099, 1_000},
      {123_456, 120_000}
    };
  }

  @Test(dataProvider = "shown")
  public void overAHundredIsRoundedDownToTwoDigits(long number, long shown) {
    assertEquals(new VisitorEstimate(number, true).shown(), shown);
  }
}
