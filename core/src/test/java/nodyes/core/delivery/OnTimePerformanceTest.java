package nodyes.core.delivery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class OnTimePerformanceTest {
  private static final BusinessCalendar CARRIER =
      new BusinessCalendar(Orders.WORKDAYS, Set.of(), (_, _) -> Optional.empty(), List.of());
  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);
  private static final Optional<DayRange> TODAY = Optional.of(new DayRange(2, 4));

  /** It leaves on Monday, is promised in 2 to 4 days, and comes after so many of the carrier's. */
  private static OnTimePerformance.Arrived after(int days) {
    return new OnTimePerformance.Arrived(
        new DeliveryEstimate.DateRange(MONDAY, MONDAY),
        new DeliveryEstimate.DateRange(MONDAY.plusDays(2), MONDAY.plusDays(4)),
        CARRIER.plus(MONDAY, days).orElseThrow());
  }

  private static List<OnTimePerformance.Arrived> all(int... days) {
    var all = new ArrayList<OnTimePerformance.Arrived>();
    for (int one : days) {
      all.add(after(one));
    }
    return all;
  }

  @Test
  public void nobodysOrdersSayNothing() {
    assertEquals(OnTimePerformance.of(List.of(), CARRIER, TODAY), Optional.empty());
  }

  @Test
  public void countsWhatCameByTheLastDayAndWhatCameBeforeTheFirst() {
    OnTimePerformance kept = OnTimePerformance.of(all(1, 2, 4, 5, 7), CARRIER, TODAY).orElseThrow();
    assertEquals(kept.orders(), 5);
    assertEquals(kept.onTime(), 3);
    assertEquals(kept.early(), 1);
    assertEquals(kept.percentOnTime(), 60);
    assertEquals(kept.medianDelayDays(), 0);
    assertEquals(kept.proposal(), Optional.empty(), "five orders are too few to propose from");
    assertFalse(kept.isBroken());
  }

  /** 100 orders: 71 kept, and 96 of them would have come within 6 days. */
  @Test
  public void proposesDaysThatWouldHaveBeenKept() {
    var orders = new ArrayList<OnTimePerformance.Arrived>();
    for (int i = 0; i < 100; i++) {
      orders.add(after(i < 71 ? 4 : i < 96 ? 6 : 9));
    }
    OnTimePerformance kept = OnTimePerformance.of(orders, CARRIER, TODAY).orElseThrow();
    assertEquals(kept.percentOnTime(), 71);
    assertTrue(kept.isBroken());
    assertEquals(
        kept.proposal(),
        Optional.of(new OnTimePerformance.TransitSuggestion(new DayRange(2, 6), 96)));
    assertEquals(
        OnTimePerformance.of(orders, CARRIER, Optional.of(new DayRange(2, 6)))
            .orElseThrow()
            .proposal(),
        Optional.empty(),
        "what is set already is not proposed");
  }

  /** 5 to 6 days promised, and a third came on the third day: the early end is wrong as well. */
  @Test
  public void theEarlyEndMovesOnlyWhereItIsWrongToo() {
    var orders = new ArrayList<OnTimePerformance.Arrived>();
    for (int i = 0; i < 90; i++) {
      orders.add(after(i < 30 ? 3 : i < 60 ? 6 : 8));
    }
    assertEquals(
        OnTimePerformance.of(orders, CARRIER, Optional.of(new DayRange(5, 6)))
            .orElseThrow()
            .proposal(),
        Optional.of(new OnTimePerformance.TransitSuggestion(new DayRange(3, 8), 100)));
    assertEquals(
        OnTimePerformance.of(orders, CARRIER, Optional.of(new DayRange(1, 4)))
            .orElseThrow()
            .proposal(),
        Optional.of(new OnTimePerformance.TransitSuggestion(new DayRange(1, 8), 100)));
  }

  @Test
  public void whatIsKeptWantsNoOtherDays() {
    var orders = new ArrayList<OnTimePerformance.Arrived>();
    for (int i = 0; i < 40; i++) {
      orders.add(after(3));
    }
    OnTimePerformance kept = OnTimePerformance.of(orders, CARRIER, TODAY).orElseThrow();
    assertEquals(kept.percentOnTime(), 100);
    assertEquals(kept.medianDelayDays(), -1);
    assertEquals(kept.proposal(), Optional.empty());
  }
}
