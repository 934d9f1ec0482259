package nodyes.bench;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.HolidayCalendar;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.ShippableItem;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/**
 * Reckoning when orders arrive, over a weekend and holidays, with delivery rules in four layers.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class Estimating {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final int COUNTRIES = 60;
  private static final int HOLIDAYS_A_YEAR = 12;
  private static final int YEARS = 4;
  private static final int LINES = 20;

  private final Estimator estimator = estimator();
  private final EstimateRequest order = order("pot-1");
  private final List<EstimateRequest> basket = basket();

  private static EstimateRequest order(String slug) {
    return new EstimateRequest(
        Instant.parse("2026-11-26T14:20:00Z"),
        LISBON,
        new ShippableItem(
            slug, Set.of("planters"), Set.of("heavy"), Optional.of(17L), false, Optional.empty()),
        "DE");
  }

  private static List<EstimateRequest> basket() {
    var lines = new ArrayList<EstimateRequest>();
    for (int i = 0; i < LINES; i++) {
      lines.add(order("pot-" + i));
    }
    return lines;
  }

  private static DeliveryTerms leaves(int least, int most) {
    return new DeliveryTerms(
        Optional.of(new DayRange(least, most)),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private static Estimator estimator() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)) {
      times.put(day, LocalTime.of(16, 0));
    }
    var layers =
        List.of(
            DeliveryRule.always(
                "pot", new nodyes.core.delivery.RuleScope.Product("pot-7"), leaves(6, 9)),
            DeliveryRule.always(
                "heavy", new nodyes.core.delivery.RuleScope.Tag("heavy"), leaves(2, 3)),
            DeliveryRule.always(
                "group", new nodyes.core.delivery.RuleScope.Category("planters"), leaves(1, 4)),
            DeliveryRule.always(
                "shop",
                new nodyes.core.delivery.RuleScope.Shop(),
                new DeliveryTerms(
                    Optional.of(new DayRange(1, 2)),
                    Optional.of(new DispatchSchedule(times)),
                    Optional.of(Set.of(new HolidayRegion("PT"))),
                    Optional.empty())));
    var destinations = new ArrayList<Destination>();
    for (String country : Locale.getISOCountries()) {
      if (destinations.size() < COUNTRIES || country.equals("DE") || country.equals("PT")) {
        destinations.add(
            Destination.of(country.toLowerCase(Locale.ROOT), country, new DayRange(3, 4)));
      }
    }
    var settings =
        new DeliverySettings(
            Optional.of("PT"), layers, destinations, CarrierDefaults.USUAL, List.of());
    return new Estimator(settings, holidays(settings.regions()));
  }

  private static HolidayCalendar holidays(Set<HolidayRegion> regions) {
    var byRegion = new HashMap<HolidayRegion, Map<LocalDate, String>>();
    for (HolidayRegion region : regions) {
      var days = new HashMap<LocalDate, String>();
      for (int i = 0; i < HOLIDAYS_A_YEAR * YEARS; i++) {
        days.put(LocalDate.of(2025, 1, 1).plusDays(i * 30L), "A holiday of " + region.code());
      }
      byRegion.put(region, days);
    }
    return HolidayCalendar.of(byRegion);
  }

  /** One order. */
  @Benchmark
  public DeliveryEstimate estimate() {
    return estimator.estimate(order);
  }

  /** A basket, all of it in one parcel. */
  @Benchmark
  public DeliveryEstimate basket20() {
    var promised = new ArrayList<DeliveryEstimate.Estimated>(LINES);
    for (EstimateRequest line : basket) {
      promised.add((DeliveryEstimate.Estimated) estimator.estimate(line));
    }
    return DeliveryEstimate.Estimated.together(promised);
  }

  static List<String> measure() {
    var report = new ArrayList<>(List.of("", "## When orders arrive", ""));
    report.addAll(
        JmhRunner.times(
            Estimating.class,
            Map.of(
                "estimate", "One estimate, four layers, 60 countries (aim under 5 µs)",
                "basket20", "A basket of 20 lines")));
    long before = used();
    Estimator kept = estimator();
    long after = used();
    report.add(
        "Timings and four years of holidays of %d countries hold %.0f kB in memory."
            .formatted(kept.settings().countries().size(), (after - before) / 1024.0));
    return report;
  }

  private static long used() {
    for (int i = 0; i < 4; i++) {
      System.gc();
    }
    Runtime runtime = Runtime.getRuntime();
    return runtime.totalMemory() - runtime.freeMemory();
  }
}
