package nodyes.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** When the demo shop's parcels left and came: nearly as promised, and to Germany often later. */
final class DemoParcels {
  private static final double[] USUAL = {1, 20, 50, 26, 3};

  /** Working days on the way: the least of them, and how likely each more is. */
  private static final Map<String, Way> WAYS =
      Map.of(
          "PT", new Way(1, 45, 52, 3),
          "ES", new Way(1, 6, 40, 51, 3),
          "DE", new Way(3, 22, 42, 21, 11, 4),
          "FR", new Way(3, 30, 40, 27, 3),
          "GB", new Way(4, 28, 40, 29, 3),
          "US", new Way(6, 6, 24, 30, 24, 13, 3),
          "JP", new Way(7, 5, 25, 30, 25, 12, 3));

  private record Way(int least, List<Double> weights) {
    Way(int least, double... weights) {
      this(least, java.util.Arrays.stream(weights).boxed().toList());
    }

    double[] likely() {
      return weights.stream().mapToDouble(Double::doubleValue).toArray();
    }
  }

  /** The days of a parcel, as far as they have come. */
  record Parcel(Optional<LocalDate> shipped, Optional<LocalDate> arrived) {}

  private final SeededRandom chance;
  private final LocalDate today;

  DemoParcels(SeededRandom chance, LocalDate today) {
    this.chance = chance;
    this.today = today;
  }

  Parcel of(LocalDate placed, String country) {
    LocalDate shipped = after(placed, 1 + chance.weighted(55, 42, 3));
    Way way = WAYS.getOrDefault(country, new Way(3, USUAL));
    LocalDate arrived = after(shipped, way.least() + chance.weighted(way.likely()));
    return new Parcel(
        Optional.of(shipped).filter(today::isAfter), Optional.of(arrived).filter(today::isAfter));
  }

  private static LocalDate after(LocalDate day, int workdays) {
    LocalDate one = day;
    for (int left = workdays; left > 0; ) {
      one = one.plusDays(1);
      if (one.getDayOfWeek().compareTo(DayOfWeek.SATURDAY) < 0) {
        left--;
      }
    }
    return one;
  }
}
