package nodyes.core.nod;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;

/**
 * How many were ordered lately, and where the last one goes.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options how far it looks back and what it tells
 * @param dress what it says and how it looks
 */
public record RecentOrders(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  /** What it tells. */
  public enum Detail {
    /** How many were ordered. */
    COUNT,
    /** The last order. */
    LATEST,
    /** Both. */
    BOTH
  }

  /** How exactly a place is told. */
  public enum Place {
    /** The town where many live whose orders came, else the country. */
    TOWN,
    /** The country. */
    COUNTRY,
    /** No place. */
    NONE
  }

  /** Where it lies. */
  public enum Presentation {
    /** A line where its spot is. */
    LINE,
    /** A caption that opens, and that a shopper can hide for good. */
    NOTICE
  }

  static final NodOption TELLS = NodOption.oneOf("tells", Detail.values());
  static final NodOption DAYS = NodOption.whole("days", 1, 30, 7);
  static final NodOption LEAST = NodOption.whole("least-sold", 1, 999, 3);
  static final NodOption PLACE = NodOption.oneOf("place", Place.values());
  static final NodOption FIRST_NAMES = NodOption.yesNo("first-names", false);
  static final NodOption LIES = NodOption.oneOf("lies", Presentation.values());

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(TELLS, DAYS, LEAST, PLACE, FIRST_NAMES, LIES);

  /** As usual, in our words and the brand kit's look. */
  public RecentOrders(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.RECENT_ORDERS;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.ofSales(tells() != Detail.COUNT);
  }

  @Override
  public RecentOrders placed(Placement other) {
    return new RecentOrders(id, other, options, dress);
  }

  @Override
  public RecentOrders dressed(Appearance other) {
    return new RecentOrders(id, placement, options, other);
  }

  @Override
  public RecentOrders opted(NodOptions other) {
    return new RecentOrders(id, placement, other, dress);
  }

  @Override
  public RecentOrders copied(NodId other) {
    return new RecentOrders(other, placement, options, dress);
  }

  /** What it tells. */
  public Detail tells() {
    return options.value(TELLS, Detail.class);
  }

  /** How many days it looks back, today included. */
  public int days() {
    return options.whole(DAYS);
  }

  /** Under so many units it says nothing. */
  public int leastSold() {
    return options.whole(LEAST);
  }

  /** How exactly a place is told. */
  public Place place() {
    return options.value(PLACE, Place.class);
  }

  /** Whether a first name is told that its customer lets the shop tell. */
  public boolean tellsFirstNames() {
    return options.isYes(FIRST_NAMES);
  }

  /** What is shown of what was counted and the last order, in a shop of that zone. */
  public RecentOrdersContent content(Counted counted, Optional<Latest> latest, ZoneId zone) {
    boolean counts = tells() != Detail.LATEST;
    return new RecentOrdersContent(
        counts ? Optional.of(counted.units()) : Optional.empty(),
        days(),
        counts ? counted.perDay() : List.of(),
        counts ? counted.until() : Optional.empty(),
        tells() == Detail.COUNT ? Optional.empty() : latest,
        zone,
        options.value(LIES, Presentation.class) == Presentation.NOTICE);
  }

  /**
   * What was ordered on a day.
   *
   * @param on the shop's day
   * @param units so many, not none
   */
  public record OnDay(LocalDate on, long units) {}

  /**
   * What was counted.
   *
   * @param units in all of the days
   * @param perDay on each day on which any were; empty where they are too many to draw
   * @param until when, should nothing more be ordered, the number changes; empty where never
   */
  public record Counted(long units, List<OnDay> perDay, Optional<Instant> until) {
    /** Keeps the list unchangeable. */
    public Counted {
      perDay = List.copyOf(perDay);
    }
  }

  /**
   * The last order.
   *
   * @param on the shop's day
   * @param at its minute, where it was within a day
   * @param town where it goes, where it may be told
   * @param country where it goes (ISO 3166), where it may be told
   * @param firstName of whoever ordered, where it may be told
   */
  public record Latest(
      LocalDate on,
      Optional<Instant> at,
      Optional<String> town,
      Optional<String> country,
      Optional<String> firstName) {}

  /**
   * What is shown.
   *
   * @param units sold in the days, where they are told
   * @param days that were looked back on
   * @param perDay units of each day on which any were ordered, where they can be drawn
   * @param until when the number changes, should nothing more be ordered
   * @param latest the last order, where it is told
   * @param zone whose days they are
   * @param isNotice whether it is a caption that opens, and that a shopper can hide for good
   */
  public record RecentOrdersContent(
      Optional<Long> units,
      int days,
      List<OnDay> perDay,
      Optional<Instant> until,
      Optional<Latest> latest,
      ZoneId zone,
      boolean isNotice)
      implements Content {
    /** Keeps the list unchangeable. */
    public RecentOrdersContent {
      perDay = List.copyOf(perDay);
    }

    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of();
    }
  }
}
