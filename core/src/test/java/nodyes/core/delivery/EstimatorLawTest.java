package nodyes.core.delivery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import nodyes.core.common.ValidUntil;
import org.testng.annotations.Test;

/** Over random calendars: an answer holds until its end, and is what walking day by day gives. */
public class EstimatorLawTest {
  private static final List<ZoneId> ZONES =
      List.of(ZoneId.of("Europe/Lisbon"), ZoneId.of("America/New_York"), ZoneId.of("Asia/Tokyo"));
  // around the end of summer time
  private static final Instant START = Instant.parse("2026-10-16T00:00:00Z");
  private static final HolidayRegion HERE = new HolidayRegion("PT");
  private static final HolidayRegion THERE = new HolidayRegion("DE");
  private static final HolidayRegion ELSEWHERE = new HolidayRegion("AT");

  private final SplittableRandom random = new SplittableRandom(40_711);

  @Test
  public void theAnswerIsTheSameUntilItsEnd() {
    int ended = 0;
    for (int i = 0; i < 4000; i++) {
      Estimator estimator = estimator();
      ZoneId zone = ZONES.get(random.nextInt(ZONES.size()));
      ShippableItem ware = ware();
      String country = country();
      Instant then = START.plusSeconds(random.nextLong(20 * 86_400L));
      DeliveryEstimate delivery =
          estimator.estimate(new EstimateRequest(then, zone, ware, country));
      Instant end = delivery.validUntil().end().orElse(then.plus(Duration.ofDays(30)));
      assertTrue(end.isAfter(then), delivery + " at " + then);
      long millis = Duration.between(then, end).toMillis();
      for (int k = 0; k < 10; k++) {
        Instant later = then.plusMillis(k == 0 ? millis - 1 : random.nextLong(millis));
        DeliveryEstimate same = estimator.estimate(new EstimateRequest(later, zone, ware, country));
        assertEquals(timeless(same), timeless(delivery), then + " and " + later + " in " + zone);
        assertEquals(same.validUntil(), delivery.validUntil(), then + " and " + later);
      }
      if (delivery instanceof DeliveryEstimate.Estimated promised
          && promised.validUntil().end().equals(Optional.of(promised.cutOff()))
          && promised.availableFrom().isEmpty()) {
        ended++;
        DeliveryEstimate next = estimator.estimate(new EstimateRequest(end, zone, ware, country));
        assertTrue(
            !(next instanceof DeliveryEstimate.Estimated after)
                || after.dayZero().isAfter(promised.dayZero()),
            "after its cut-off it still counts on " + promised.dayZero());
      }
    }
    assertTrue(ended > 1000, "too few promises ended at their cut-off: " + ended);
  }

  /** What differs in anything that an answer depends on is never given the answer of another. */
  @Test
  public void keepingWhatIsAlikeComesToTheSame() {
    int asked = 0;
    for (int i = 0; i < 300; i++) {
      Estimator estimator = estimator();
      Estimator keeping = estimator.keeping();
      Instant then = START.plusSeconds(random.nextLong(20 * 86_400L));
      for (int k = 0; k < 40; k++) {
        var order =
            new EstimateRequest(
                k % 2 == 0 ? then : then.plusSeconds(random.nextLong(3 * 86_400L)),
                ZONES.get(random.nextInt(ZONES.size())),
                ware(),
                country());
        assertEquals(keeping.explain(order), estimator.explain(order), order.toString());
        assertEquals(keeping.returns(List.of(order)), estimator.returns(List.of(order)));
        asked++;
      }
    }
    assertEquals(asked, 12_000);
  }

  /** The day on which it is looked at is no part of what is said. */
  private static Object timeless(DeliveryEstimate delivery) {
    return switch (delivery) {
      case DeliveryEstimate.Estimated one ->
          List.of(one.dayZero(), one.leaves(), one.arrives(), one.cutOff(), one.availableFrom());
      case DeliveryEstimate.Unavailable none -> none.reason();
    };
  }

  @Test
  public void walkingDayByDayComesToTheSame() {
    int walked = 0;
    for (int i = 0; i < 3000; i++) {
      Estimator estimator = estimator();
      ZoneId zone = ZONES.get(random.nextInt(ZONES.size()));
      EstimateRequest order =
          new EstimateRequest(
              START.plusSeconds(random.nextLong(20 * 86_400L)), zone, ware(), country());
      EstimateExplanation explained = estimator.explain(order);
      if (explained.delivery() instanceof DeliveryEstimate.Estimated promised) {
        walked++;
        DayRange handling = explained.handling().orElseThrow();
        DayRange transit = explained.transit().orElseThrow();
        assertEquals(
            promised.leaves(),
            new DeliveryEstimate.DateRange(
                walk(explained.shop().orElseThrow(), promised.dayZero(), handling.least()),
                walk(explained.shop().orElseThrow(), promised.dayZero(), handling.most())));
        assertEquals(
            promised.arrives(),
            new DeliveryEstimate.DateRange(
                walk(explained.carrier(), promised.leaves().first(), transit.least()),
                walk(explained.carrier(), promised.leaves().last(), transit.most())));
        assertTrue(explained.shop().orElseThrow().counts(promised.dayZero()));
        assertTrue(explained.carrier().counts(promised.arrives().first()));
        assertEquals(
            explained.carrier().regions(),
            Set.of(new HolidayRegion(order.country())),
            "the holidays of the country it goes to");
        assertJourney(DeliveryTimeline.of(explained).orElseThrow(), promised, handling, transit);
      }
    }
    assertTrue(walked > 1500, "too few promises: " + walked);
  }

  /** The days that are drawn are the days that were counted. */
  private static void assertJourney(
      DeliveryTimeline journey,
      DeliveryEstimate.Estimated promised,
      DayRange handling,
      DayRange transit) {
    assertLane(
        journey.soonest(), promised.leaves().first(), handling.least(), transit.least(), promised);
    assertLane(
        journey.latest(), promised.leaves().last(), handling.most(), transit.most(), promised);
  }

  private static void assertLane(
      List<DeliveryTimeline.Day> lane,
      LocalDate leaves,
      int handling,
      int transit,
      DeliveryEstimate.Estimated all) {
    assertEquals(lane.getFirst().day(), all.placedOn());
    assertEquals(lane.getLast().activity(), DeliveryTimeline.Activity.ARRIVES);
    long readied =
        lane.stream().filter(s -> s.activity() == DeliveryTimeline.Activity.IS_READIED).count();
    long travelled =
        lane.stream().filter(s -> s.activity() == DeliveryTimeline.Activity.TRAVELS).count();
    boolean sameDay = lane.getLast().day().equals(leaves);
    assertEquals(readied, Math.max(0, handling - 1), lane.toString());
    assertEquals(travelled, sameDay ? 0 : Math.max(0, transit - 1), lane.toString());
  }

  private static LocalDate walk(BusinessCalendar calendar, LocalDate day, int n) {
    LocalDate one = day;
    int left = n;
    while (left > 0 || (n == 0 && calendar.offOn(one).isPresent())) {
      one = one.plusDays(1);
      if (calendar.offOn(one).isEmpty()) {
        left--;
      }
      if (n == 0 && calendar.offOn(one).isEmpty()) {
        return one;
      }
    }
    return one;
  }

  private ShippableItem ware() {
    boolean isSoldOut = random.nextInt(5) == 0;
    return new ShippableItem(
        "pot",
        random.nextBoolean() ? Set.of("pots") : Set.of(),
        random.nextBoolean() ? Set.of("heavy") : Set.of(),
        Optional.of((long) random.nextInt(8)),
        isSoldOut,
        random.nextBoolean() ? Optional.of(day()) : Optional.empty());
  }

  private LocalDate day() {
    return LocalDate.of(2026, 10, 12).plusDays(random.nextInt(40));
  }

  private DayRange range(int most) {
    int least = random.nextInt(most);
    return new DayRange(least, least + random.nextInt(4));
  }

  private DeliveryTerms timing() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      if (random.nextInt(4) > 0) {
        times.put(day, LocalTime.of(random.nextInt(24), 15 * random.nextInt(4)));
      }
    }
    return new DeliveryTerms(
        random.nextInt(4) > 0 ? Optional.of(range(6)) : Optional.empty(),
        random.nextInt(3) > 0 ? Optional.of(new DispatchSchedule(times)) : Optional.empty(),
        random.nextBoolean() ? Optional.of(Set.of(HERE)) : Optional.empty(),
        random.nextInt(4) == 0 ? Optional.of(range(3)) : Optional.empty());
  }

  private Optional<Season> season() {
    LocalDate first = day();
    return random.nextInt(3) == 0
        ? Optional.of(new Season(first, first.plusDays(random.nextInt(15))))
        : Optional.empty();
  }

  private Estimator estimator() {
    var layers = new ArrayList<DeliveryRule>();
    layers.add(Orders.shop(Orders.week("16:00", Orders.WORKDAYS), range(5), "PT"));
    List<RuleScope> scopes =
        List.of(
            new RuleScope.Shop(),
            new RuleScope.Category("pots"),
            new RuleScope.Tag("heavy"),
            new RuleScope.Product("pot"));
    for (int i = random.nextInt(5); i > 0; i--) {
      layers.add(
          new DeliveryRule(
              "layer-" + i,
              scopes.get(random.nextInt(scopes.size())),
              random.nextInt(5) > 0,
              season(),
              random.nextInt(4) == 0 ? Optional.of(3L) : Optional.empty(),
              timing()));
    }
    var closed = day();
    var holidays = new HashMap<HolidayRegion, Map<LocalDate, String>>();
    for (HolidayRegion region : List.of(HERE, THERE, ELSEWHERE)) {
      var days = new HashMap<LocalDate, String>();
      for (int i = random.nextInt(6); i > 0; i--) {
        days.put(day(), "holiday");
      }
      holidays.put(region, days);
    }
    return new Estimator(
        new DeliverySettings(
            Optional.of("PT"),
            layers,
            destinations(),
            new CarrierDefaults(Optional.of(range(6)), Orders.WORKDAYS),
            List.of(new ShopClosure(closed, closed.plusDays(random.nextInt(5)), ""))),
        HolidayCalendar.of(holidays));
  }

  /** The line of a country, or none, or one that is off or has a season. */
  private List<Destination> destinations() {
    Destination usual = Destination.of("de", "DE", range(6));
    var line =
        new Destination(
            "de",
            "DE",
            random.nextInt(4) > 0,
            season(),
            true,
            usual.transit(),
            Optional.empty(),
            Optional.empty());
    return random.nextInt(3) == 0 ? List.of() : List.of(line);
  }

  private String country() {
    return random.nextInt(3) == 0 ? "AT" : "DE";
  }

  @Test
  public void aBasketHoldsWhileEachOfItsLinesDoes() {
    Estimator estimator = estimator();
    var order = new EstimateRequest(START, ZONES.getFirst(), Orders.POT, "DE");
    if (estimator.estimate(order) instanceof DeliveryEstimate.Estimated one) {
      ValidUntil until = DeliveryEstimate.Estimated.together(List.of(one, one)).validUntil();
      assertEquals(until, one.validUntil());
    }
  }
}
