package nodyes.core.imports;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RatingBurstTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 20);

  /** Upper tails of the Poisson distribution: tables, and R's {@code ppois}. */
  @DataProvider
  Object[][] tails() {
    return new Object[][] {
      {10, 3.0, 0.00110248813012},
      {5, 1.0, 0.00365984682734},
      {4, 1.0, 0.0189881568762},
      {8, 2.0, 0.00109671896786},
      {20, 10.0, 0.00345434197586},
      {15, 5.0, 0.000226253676177},
      {25, 10.0, 4.69493814268e-05},
      {3, 0.5, 0.014387677967},
      {1, 0.1, 0.095162581964},
      {0, 7.0, 1.0},
    };
  }

  @Test(dataProvider = "tails")
  public void agreesWithTheTables(int events, double expected, double chance) {
    assertEquals(RatingBurst.chanceOfAtLeast(events, expected), chance, chance * 1e-10);
  }

  @Test
  public void sevenInOneDayAmongFewIsABurst() {
    Map<LocalDate, Integer> counts = new HashMap<>(Map.of(DAY, 7));
    for (int i = 1; i <= 20; i++) {
      counts.put(DAY.minusDays(i * 5L), 1);
    }
    List<RatingBurst> bursts = RatingBurst.in(counts, 5, 101);
    assertEquals(bursts.size(), 1);
    assertEquals(bursts.getFirst().day(), DAY);
    assertEquals(bursts.getFirst().reviews(), 7);
    assertEquals(bursts.getFirst().expected(), 21.0 / 101, 1e-9);
  }

  @Test
  public void aBusyProductHasBusyDays() {
    Map<LocalDate, Integer> counts = new HashMap<>();
    for (int i = 0; i < 60; i++) {
      counts.put(DAY.minusDays(i), 6 + i % 3);
    }
    assertEquals(RatingBurst.in(counts, 5, 60), List.of());
  }

  @Test
  public void fewReviewsAreNoBurstHoweverUnlikely() {
    assertEquals(RatingBurst.in(Map.of(DAY, 4), 1, 1000), List.of());
  }
}
