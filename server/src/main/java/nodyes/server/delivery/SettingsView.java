package nodyes.server.delivery;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The owner's timings as they go over the wire.
 *
 * @param home the shop's own country, ISO 3166-1 alpha-2
 * @param layers timings in the owner's order
 * @param destinations ways to countries
 * @param carrier what is usual on the way
 * @param closed days on which the shop does not work
 */
record SettingsView(
    @Nullable String home,
    List<LayerView> layers,
    List<DestinationView> destinations,
    CarrierView carrier,
    List<ClosedView> closed) {
  /** From so many to so many working days. */
  record DaysView(int least, int most) {}

  /** Days of the year, both included. */
  record SeasonView(LocalDate first, LocalDate last) {}

  /** What a layer is for. */
  enum Of {
    SHOP,
    CATEGORY,
    TAG,
    PRODUCT
  }

  /**
   * A layer of timings; what is missing is as a wider one has it.
   *
   * @param name the category's or product's slug, or the tag; missing for the shop
   * @param cutOffs by weekday, as 16:00
   * @param holidays ISO 3166 codes of countries and parts of them
   * @param longer working days longer on the way
   */
  record LayerView(
      String id,
      Of of,
      @Nullable String name,
      boolean on,
      @Nullable SeasonView season,
      @Nullable Long whileStockAbove,
      @Nullable DaysView handling,
      @Nullable Map<DayOfWeek, String> cutOffs,
      @Nullable List<String> holidays,
      @Nullable DaysView longer) {}

  /** A way to a country; what is missing is as the carrier usually has it. */
  record DestinationView(
      String id,
      String country,
      boolean on,
      @Nullable SeasonView season,
      boolean promised,
      @Nullable DaysView transit,
      @Nullable List<DayOfWeek> days,
      @Nullable List<String> holidays) {}

  /** What is usual on the way; without days on the way no promise is made elsewhere. */
  record CarrierView(@Nullable DaysView transit, List<DayOfWeek> days) {}

  /** Days on which the shop does not work. */
  record ClosedView(LocalDate first, LocalDate last, String name) {}
}
