package nodyes.server.delivery;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The owner's delivery rules as they go over the wire.
 *
 * @param home the shop's own country, ISO 3166-1 alpha-2
 * @param layers delivery rules in the owner's order
 * @param destinations ways to countries
 * @param carrier what is usual on the way
 * @param closed days on which the shop does not work
 * @param returns how long what is sold can be sent back; missing to leave that as it is
 */
record SettingsView(
    @Nullable String home,
    List<LayerView> layers,
    List<DestinationView> destinations,
    CarrierView carrier,
    List<ClosedView> closed,
    @Nullable List<ReturnView> returns) {
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
   * A delivery rule; what is missing is as a wider one has it.
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

  /**
   * How long something can be sent back.
   *
   * @param name the category's or product's slug, or the tag; missing for the shop
   * @param country missing for everywhere
   * @param days from the last day on which it may arrive; 0 where it cannot be sent back
   * @param notBefore a day until which it can be sent back in any case
   */
  record ReturnView(
      String id,
      Of of,
      @Nullable String name,
      @Nullable String country,
      boolean on,
      @Nullable SeasonView season,
      int days,
      @Nullable LocalDate notBefore) {}

  /** Days on which the shop does not work. */
  record ClosedView(LocalDate first, LocalDate last, String name) {}
}
