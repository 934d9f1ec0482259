package nodyes.core.delivery;

import static nodyes.core.delivery.Orders.WORKDAYS;
import static nodyes.core.delivery.Orders.handling;
import static nodyes.core.delivery.Orders.holidays;
import static nodyes.core.delivery.Orders.order;
import static nodyes.core.delivery.Orders.settings;
import static nodyes.core.delivery.Orders.shop;
import static nodyes.core.delivery.Orders.week;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

public class WayDayTest {
  private static Estimator estimator(DayRange ready, DayRange way, DeliveryRule... more) {
    var layers = new java.util.ArrayList<DeliveryRule>();
    layers.add(shop(week("16:00", WORKDAYS), ready, "PT"));
    layers.addAll(List.of(more));
    var settings = settings(layers);
    return new Estimator(
        new DeliverySettings(
            settings.home(),
            settings.layers(),
            settings.destinations(),
            new CarrierDefaults(Optional.of(way), WORKDAYS),
            List.of()),
        // 1 December: the Restoration of Independence, a public holiday of Portugal
        holidays("PT", "2026-12-01"));
  }

  private static String said(List<WayDay> row) {
    return row.stream()
        .map(
            day ->
                (day.first().equals(day.last())
                        ? "" + day.first().getDayOfMonth()
                        : day.first().getDayOfMonth() + "-" + day.last().getDayOfMonth())
                    + (day.mayLeave() ? "l" : "")
                    + (day.mayArrive() ? "a" : "")
                    + (day.working() == 0
                        ? "x"
                        : day.working() > 1 ? "(" + day.working() + ")" : ""))
        .collect(Collectors.joining(" "));
  }

  private static String row(Estimator estimator, String placed) {
    return said(WayDay.row(List.of(estimator.explain(order(placed, "PT")))));
  }

  /** Worked out by hand on a calendar: Sunday 29 November 2026, a holiday on the Tuesday. */
  @Test
  public void eachDayIsWhatMayHappenOnIt() {
    Estimator estimator = estimator(new DayRange(0, 1), new DayRange(1, 2));
    assertEquals(row(estimator, "2026-11-29T10:00:00Z"), "30l 1x 2la 3a 4a");
    // on a day that may be the last to leave and the first to arrive it is both
    assertEquals(row(estimator, "2026-12-04T10:00:00Z"), "4l 5x 6x 7la 8a 9a");
  }

  @Test
  public void oneSureDayLeavesOnceAndArrivesOnce() {
    Estimator estimator = estimator(new DayRange(0, 0), new DayRange(1, 1));
    assertEquals(row(estimator, "2026-11-30T10:00:00Z"), "30l 1x 2a");
  }

  @Test
  public void weeksOnWhichNothingHappensAreFoldedAndSayTheirWorkingDays() {
    Estimator estimator = estimator(new DayRange(10, 11), new DayRange(1, 2));
    assertEquals(row(estimator, "2026-11-30T10:00:00Z"), "30 1-6(3) 7-13(5) 14 15l 16la 17a 18a");
  }

  @Test
  public void aRowThatNobodyWouldReadIsNone() {
    assertEquals(
        row(estimator(new DayRange(1, 15), new DayRange(1, 15)), "2026-11-30T10:00:00Z"), "");
  }

  /** A promise holds for days: its row may not depend on the day on which it is looked at. */
  @Test
  public void theRowIsTheSameAsLongAsThePromise() {
    Estimator estimator = estimator(new DayRange(8, 9), new DayRange(1, 2));
    String row = row(estimator, "2026-12-04T16:00:01Z");
    assertTrue(!row.isEmpty());
    for (String later :
        List.of("2026-12-05T12:00:00Z", "2026-12-06T23:59:59Z", "2026-12-07T15:59:59Z")) {
      assertEquals(row(estimator, later), row, later);
    }
  }

  @Test
  public void severalThingsLeaveAndArriveEachOnItsDays() {
    Estimator estimator =
        estimator(
            new DayRange(0, 0),
            new DayRange(1, 1),
            handling("slow", new RuleScope.Tag("slow"), 2, 2));
    var slow =
        new ShippableItem(
            "box", Set.of(), Set.of("slow"), Optional.of(3L), false, Optional.empty());
    Instant placed = Instant.parse("2026-12-02T10:00:00Z");
    assertEquals(
        said(
            WayDay.row(
                List.of(
                    estimator.explain(new EstimateRequest(placed, Orders.LISBON, Orders.POT, "PT")),
                    estimator.explain(new EstimateRequest(placed, Orders.LISBON, slow, "PT"))))),
        "2l 3a 4l 5x 6x 7a");
  }

  @Test
  public void withoutAPromiseThereIsNoRow() {
    Estimator estimator = estimator(new DayRange(0, 0), new DayRange(1, 1));
    EstimateRequest soldOut =
        new EstimateRequest(
            Instant.parse("2026-12-02T10:00:00Z"), Orders.LISBON, Orders.soldOut(null), "PT");
    assertEquals(WayDay.row(List.of(estimator.explain(soldOut))), List.of());
  }
}
