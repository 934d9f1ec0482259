package nodyes.core.delivery;

import static java.util.Objects.requireNonNull;
import static nodyes.core.delivery.Orders.LISBON;
import static nodyes.core.delivery.Orders.POT;
import static nodyes.core.delivery.Orders.WORKDAYS;
import static nodyes.core.delivery.Orders.handling;
import static nodyes.core.delivery.Orders.holidays;
import static nodyes.core.delivery.Orders.order;
import static nodyes.core.delivery.Orders.settings;
import static nodyes.core.delivery.Orders.shop;
import static nodyes.core.delivery.Orders.soldOut;
import static nodyes.core.delivery.Orders.week;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import com.opengamma.strata.basics.ReferenceData;
import com.opengamma.strata.basics.date.HolidayCalendarId;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class EstimatorTest {
  private static final DayRange NEXT = new DayRange(0, 1);

  private static DeliveryEstimate.Estimated promised(Estimator estimator, EstimateRequest order) {
    return (DeliveryEstimate.Estimated) estimator.estimate(order);
  }

  private static DeliveryEstimate.Reason none(Estimator estimator, EstimateRequest order) {
    return ((DeliveryEstimate.Unavailable) estimator.estimate(order)).reason();
  }

  private static DeliveryEstimate.DateRange span(String first, String last) {
    return new DeliveryEstimate.DateRange(LocalDate.parse(first), LocalDate.parse(last));
  }

  private static Estimator usual(HolidayCalendar holidays, Destination... destinations) {
    return new Estimator(
        settings(List.of(shop(week("16:00", WORKDAYS), NEXT, "PT")), destinations), holidays);
  }

  @DataProvider
  public Object[][] banks() {
    return new Object[][] {
      {
        "GBLO",
        "2026-04-02T12:59:59Z",
        "Europe/London",
        "14:00",
        0,
        1,
        2,
        "2026-04-02",
        "2026-04-02",
        "2026-04-07",
        "2026-04-08"
      },
      {
        "GBLO",
        "2026-04-02T13:00:00Z",
        "Europe/London",
        "14:00",
        0,
        1,
        2,
        "2026-04-07",
        "2026-04-07",
        "2026-04-08",
        "2026-04-09"
      },
      {
        "USNY",
        "2026-11-25T18:59:00Z",
        "America/New_York",
        "14:00",
        0,
        1,
        3,
        "2026-11-25",
        "2026-11-25",
        "2026-11-27",
        "2026-12-01"
      },
      {
        "USNY",
        "2026-11-25T19:00:00Z",
        "America/New_York",
        "14:00",
        0,
        1,
        3,
        "2026-11-27",
        "2026-11-27",
        "2026-11-30",
        "2026-12-02"
      },
      {
        "Sat/Sun",
        "2026-04-17T16:59:00Z",
        "Asia/Tokyo",
        "12:00",
        1,
        2,
        3,
        "2026-04-20",
        "2026-04-21",
        "2026-04-23",
        "2026-04-24"
      },
      {
        "EUTA",
        "2027-03-25T16:00:00Z",
        "Europe/Lisbon",
        "17:00",
        1,
        2,
        5,
        "2027-03-25",
        "2027-03-30",
        "2027-04-01",
        "2027-04-06"
      },
    };
  }

  /**
   * Reckoned with the bank calendars of OpenGamma Strata, and a second time with another language.
   */
  @Test(dataProvider = "banks")
  public void promisesWithTheBankCalendars(
      String bank,
      String placed,
      String zone,
      String cutOff,
      int handling,
      int least,
      int most,
      String dayZero,
      String leaves,
      String first,
      String last) {
    com.opengamma.strata.basics.date.HolidayCalendar calendar =
        HolidayCalendarId.of(bank).resolve(ReferenceData.standard());
    var days = new HashMap<LocalDate, String>();
    for (LocalDate day = LocalDate.of(2026, 1, 1); day.getYear() < 2028; day = day.plusDays(1)) {
      if (calendar.isHoliday(day)) {
        days.put(day, "bank holiday");
      }
    }
    var region = new HolidayRegion("ZZ");
    var estimator =
        new Estimator(
            new DeliverySettings(
                Optional.empty(),
                List.of(
                    shop(
                        week(cutOff, EnumSet.allOf(DayOfWeek.class)),
                        new DayRange(handling, handling),
                        "ZZ")),
                List.of(Destination.of("there", "ZZ", new DayRange(least, most))),
                new CarrierDefaults(Optional.empty(), EnumSet.allOf(DayOfWeek.class)),
                List.of()),
            HolidayCalendar.of(Map.of(region, days)));
    DeliveryEstimate.Estimated promised =
        promised(estimator, new EstimateRequest(Instant.parse(placed), ZoneId.of(zone), POT, "ZZ"));
    assertEquals(promised.dayZero(), LocalDate.parse(dayZero));
    assertEquals(promised.leaves(), span(leaves, leaves));
    assertEquals(promised.arrives(), span(first, last));
  }

  /** The journey that the calendar of Delivery draws. */
  @Test
  public void countsOverAWeekendAndAHolidayOfTheShopAlone() {
    Estimator estimator =
        usual(
            holidays("PT", "2026-12-01", "2026-12-08"),
            Destination.of("de", "DE", new DayRange(2, 4)));
    DeliveryEstimate.Estimated promised = promised(estimator, order("2026-11-26T14:20:00Z", "DE"));
    assertEquals(promised.dayZero(), LocalDate.of(2026, 11, 26));
    assertEquals(promised.leaves(), span("2026-11-26", "2026-11-27"));
    assertEquals(promised.arrives(), span("2026-11-30", "2026-12-03"));
    assertEquals(promised.cutOff(), Instant.parse("2026-11-26T16:00:00Z"));
    assertEquals(promised.validUntil().end(), Optional.of(promised.cutOff()));
    // a second too late, and a holiday of the shop on the way
    DeliveryEstimate.Estimated later = promised(estimator, order("2026-11-27T16:00:00Z", "DE"));
    assertEquals(later.leaves(), span("2026-11-30", "2026-12-02"));
  }

  @Test
  public void doesNotMindTheEndOfTheYearOrALeapDay() {
    Estimator estimator =
        usual((_, _) -> Optional.empty(), Destination.of("de", "DE", new DayRange(1, 1)));
    assertEquals(
        promised(estimator, order("2026-12-31T10:00:00Z", "DE")).arrives(),
        span("2027-01-01", "2027-01-04"));
    assertEquals(
        promised(estimator, order("2028-02-28T17:00:00Z", "DE")).leaves(),
        span("2028-02-29", "2028-03-01"));
  }

  @Test
  public void takesTheShopsDayAndNotTheShoppers() {
    Estimator estimator =
        usual((_, _) -> Optional.empty(), Destination.of("nz", "NZ", new DayRange(3, 3)));
    // it is Friday the 27th in Auckland and in Kiritimati, and still Thursday in Lisbon
    assertEquals(
        promised(estimator, order("2026-11-26T12:00:00Z", "NZ")).dayZero(),
        LocalDate.of(2026, 11, 26));
    var kiritimati =
        new EstimateRequest(
            Instant.parse("2026-11-26T11:00:00Z"), ZoneId.of("Pacific/Kiritimati"), POT, "NZ");
    assertEquals(promised(estimator, kiritimati).dayZero(), LocalDate.of(2026, 11, 27));
  }

  /** On 2026-10-25 Lisbon's clocks go from 02:00 back to 01:00 (IANA tzdata 2026a). */
  @Test
  public void aCutOffThatIsThereTwiceIsTheFirst() {
    var estimator =
        new Estimator(
            settings(
                List.of(shop(week("01:30", EnumSet.allOf(DayOfWeek.class)), new DayRange(0, 0))),
                Destination.of("pt", "PT", new DayRange(1, 1))),
            (_, _) -> Optional.empty());
    assertEquals(
        promised(estimator, order("2026-10-25T00:29:59Z", "PT")).dayZero(),
        LocalDate.of(2026, 10, 25));
    // 01:10 on the clock for the second time
    assertEquals(
        promised(estimator, order("2026-10-25T01:10:00Z", "PT")).dayZero(),
        LocalDate.of(2026, 10, 26));
    // there is no 01:30 on 2026-03-29: it lies an hour later
    assertEquals(
        promised(estimator, order("2026-03-29T00:30:00Z", "PT")).cutOff(),
        Instant.parse("2026-03-29T01:30:00Z"));
  }

  @Test
  public void nothingOnTheWayIsTheSameDayOrTheNextDeliveryDay() {
    var estimator =
        new Estimator(
            settings(
                List.of(shop(week("16:00", EnumSet.allOf(DayOfWeek.class)), new DayRange(0, 0))),
                Destination.of("pt", "PT", new DayRange(0, 0))),
            (_, _) -> Optional.empty());
    assertEquals(
        promised(estimator, order("2026-11-26T10:00:00Z", "PT")).arrives(),
        span("2026-11-26", "2026-11-26"));
    assertEquals(
        promised(estimator, order("2026-11-28T10:00:00Z", "PT")).arrives(),
        span("2026-11-30", "2026-11-30"));
  }

  @Test
  public void whatIsSoldOutWaitsForItsDay() {
    Estimator estimator =
        usual((_, _) -> Optional.empty(), Destination.of("de", "DE", new DayRange(2, 2)));
    Instant now = Instant.parse("2026-11-26T14:20:00Z");
    DeliveryEstimate.Estimated back =
        promised(
            estimator, new EstimateRequest(now, LISBON, soldOut(LocalDate.of(2026, 12, 5)), "DE"));
    assertEquals(back.dayZero(), LocalDate.of(2026, 12, 7));
    assertEquals(back.availableFrom(), Optional.of(LocalDate.of(2026, 12, 5)));
    // what it waits for is the fifth, and after that it is over
    assertEquals(back.validUntil().end(), Optional.of(Instant.parse("2026-12-06T00:00:00Z")));
    assertEquals(
        none(estimator, new EstimateRequest(now, LISBON, soldOut(null), "DE")),
        DeliveryEstimate.Reason.SOLD_OUT);
    assertEquals(
        none(
            estimator, new EstimateRequest(now, LISBON, soldOut(LocalDate.of(2026, 11, 25)), "DE")),
        DeliveryEstimate.Reason.BACK_ON_OVER);
  }

  @Test
  public void productBeatsTagBeatsCategoryBeatsShop() {
    var layers =
        new java.util.ArrayList<>(
            List.of(
                shop(week("16:00", WORKDAYS), NEXT, "PT"),
                handling("stone", new RuleScope.Category("pots"), 2, 3),
                handling("second", new RuleScope.Category("stone"), 8, 9),
                handling("heavy", new RuleScope.Tag("heavy"), 4, 5),
                handling("pot", new RuleScope.Product("pot"), 6, 9)));
    for (String winner : List.of("pot", "heavy", "stone", "second", "shop")) {
      ResolvedTerms timings =
          ResolvedTerms.of(settings(layers).byPrecedence(), POT, LocalDate.of(2026, 11, 26));
      assertEquals(
          requireNonNull(timings.winners().get(DeliveryTerms.Field.HANDLING)).id(), winner);
      assertEquals(
          requireNonNull(timings.winners().get(DeliveryTerms.Field.DISPATCH)).id(), "shop");
      layers.removeIf(layer -> layer.id().equals(winner) && !winner.equals("shop"));
    }
  }

  @Test
  public void seasonsAndStockDecideWhetherALayerApplies() {
    var season = new Season(LocalDate.of(2026, 12, 1), LocalDate.of(2026, 12, 24));
    DeliveryRule december =
        new DeliveryRule(
            "december",
            new RuleScope.Shop(),
            true,
            Optional.of(season),
            Optional.empty(),
            handling("x", new RuleScope.Shop(), 2, 4).timing());
    DeliveryRule inStock =
        new DeliveryRule(
            "stocked",
            new RuleScope.Product("pot"),
            true,
            Optional.empty(),
            Optional.of(17L),
            handling("x", new RuleScope.Shop(), 0, 0).timing());
    var estimator =
        new Estimator(
            settings(
                List.of(shop(week("16:00", WORKDAYS), NEXT, "PT"), december, inStock),
                Destination.of("de", "DE", new DayRange(1, 1))),
            (_, _) -> Optional.empty());
    // the stock is 17, which is not above 17
    DeliveryEstimate.Estimated before = promised(estimator, order("2026-11-30T17:00:00Z", "DE"));
    assertEquals(before.leaves(), span("2026-12-01", "2026-12-02"));
    assertEquals(before.validUntil().end(), Optional.of(Instant.parse("2026-12-01T00:00:00Z")));
    assertEquals(
        promised(estimator, order("2026-12-01T09:00:00Z", "DE")).leaves(),
        span("2026-12-03", "2026-12-07"));
  }

  @Test
  public void heavyThingsTakeLongerOnTheWay() {
    DeliveryRule heavy =
        DeliveryRule.always(
            "heavy",
            new RuleScope.Tag("heavy"),
            new DeliveryTerms(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new DayRange(1, 3))));
    var estimator =
        new Estimator(
            settings(
                List.of(shop(week("16:00", WORKDAYS), new DayRange(0, 0), "PT"), heavy),
                Destination.of("de", "DE", new DayRange(2, 2))),
            (_, _) -> Optional.empty());
    assertEquals(
        promised(estimator, order("2026-11-23T09:00:00Z", "DE")).arrives(),
        span("2026-11-26", "2026-11-30"));
  }

  @Test
  public void saysWhyItPromisesNothing() {
    Estimator estimator =
        usual((_, _) -> Optional.empty(), Destination.of("de", "DE", new DayRange(2, 4)));
    assertEquals(
        none(estimator, order("2026-11-26T10:00:00Z", "JP")), DeliveryEstimate.Reason.NOT_SERVED);
    var noWeek =
        new Estimator(
            settings(
                List.of(shop(new DispatchSchedule(Map.of()), NEXT)),
                Destination.of("de", "DE", NEXT)),
            (_, _) -> Optional.empty());
    assertEquals(
        none(noWeek, order("2026-11-26T10:00:00Z", "DE")), DeliveryEstimate.Reason.NEVER_LEAVES);
    var noTiming =
        new Estimator(
            settings(List.of(), Destination.of("de", "DE", NEXT)), (_, _) -> Optional.empty());
    assertEquals(
        none(noTiming, order("2026-11-26T10:00:00Z", "DE")), DeliveryEstimate.Reason.NO_TIMING);
    var noDays =
        new Destination(
            "de",
            "DE",
            true,
            Optional.empty(),
            true,
            Optional.of(NEXT),
            Optional.of(Set.of()),
            Optional.empty());
    assertEquals(
        none(usual((_, _) -> Optional.empty(), noDays), order("2026-11-26T10:00:00Z", "DE")),
        DeliveryEstimate.Reason.NEVER_ARRIVES);
  }

  @Test
  public void aBasketIsAsLateAsItsSlowestLine() {
    Estimator estimator =
        usual((_, _) -> Optional.empty(), Destination.of("de", "DE", new DayRange(1, 2)));
    DeliveryEstimate.Estimated fast = promised(estimator, order("2026-11-23T09:00:00Z", "DE"));
    DeliveryEstimate.Estimated slow = promised(estimator, order("2026-11-26T17:00:00Z", "DE"));
    DeliveryEstimate.Estimated both = DeliveryEstimate.Estimated.together(List.of(fast, slow));
    assertEquals(both.arrives(), slow.arrives());
    assertEquals(both.cutOff(), fast.cutOff());
  }

  @Test
  public void refusesWhatCannotBeMeant() {
    assertThrows(IllegalArgumentException.class, () -> new DayRange(5, 3));
    assertThrows(IllegalArgumentException.class, () -> new DayRange(-1, 3));
    assertThrows(IllegalArgumentException.class, () -> new DayRange(0, 251));
    assertThrows(IllegalArgumentException.class, () -> new HolidayRegion("Portugal"));
    assertThrows(
        IllegalArgumentException.class,
        () -> new Season(LocalDate.of(2026, 12, 24), LocalDate.of(2026, 12, 1)));
    assertThrows(
        IllegalArgumentException.class,
        () -> new ShopClosure(LocalDate.of(2026, 12, 24), LocalDate.of(2026, 12, 1), ""));
    assertThrows(
        IllegalArgumentException.class,
        () ->
            settings(List.of(), Destination.of("a", "DE", NEXT), Destination.of("b", "DE", NEXT)));
  }

  @Test
  public void aWeekMayHaveAnotherCutOffOnFridays() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    times.putAll(week("16:00", WORKDAYS).cutOffs());
    times.put(DayOfWeek.FRIDAY, LocalTime.of(14, 0));
    var estimator =
        new Estimator(
            settings(
                List.of(shop(new DispatchSchedule(times), new DayRange(0, 0))),
                Destination.of("de", "DE", NEXT)),
            (_, _) -> Optional.empty());
    DeliveryEstimate.Estimated friday = promised(estimator, order("2026-11-27T14:00:00Z", "DE"));
    assertEquals(friday.dayZero(), LocalDate.of(2026, 11, 30));
    assertEquals(friday.validUntil().end(), Optional.of(Instant.parse("2026-11-30T16:00:00Z")));
  }
}
