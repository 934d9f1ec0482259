package nodyes.core.nod;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.delivery.WayDay;

/**
 * When what is ordered now arrives.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options what it shows
 * @param dress what it says and how it looks
 */
public record DeliveryPromise(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  /** What is shown of the way. */
  public enum Shows {
    /** A sentence. */
    WORDS,
    /** The row of days until it arrives. */
    PATH,
    /** Both. */
    WORDS_AND_PATH
  }

  /** How the cut-off is told. */
  public enum CutOff {
    /** As the time that is left, which runs down. */
    TIME_LEFT,
    /** As a time of day. */
    CLOCK,
    /** Not at all. */
    NONE
  }

  /** Whose clock a time of day is of. */
  public enum Clock {
    /** The shop's. */
    SHOP,
    /** The shopper's. */
    SHOPPER
  }

  /** How a basket is told. */
  public enum Basket {
    /** All of it in one parcel. */
    TOGETHER,
    /** Each line when it is ready. */
    EACH
  }

  /** What is shown of something that is sold out, and of which no day is told. */
  public enum SoldOut {
    /** Nothing. */
    NOTHING,
    /** A text. */
    TEXT
  }

  static final NodOption SHOWS = NodOption.oneOf("shows", Shows.values());
  static final NodOption CUT_OFF = NodOption.oneOf("cut-off", CutOff.values());
  static final NodOption CLOCK = NodOption.oneOf("clock", Clock.values());
  static final NodOption BASKET = NodOption.oneOf("basket", Basket.values());
  static final NodOption SOLD_OUT = NodOption.oneOf("sold-out", SoldOut.values());
  static final NodOption FLAG = NodOption.yesNo("flag", true);
  static final NodOption PICKER = NodOption.yesNo("country-picker", true);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS =
      List.of(SHOWS, CUT_OFF, CLOCK, BASKET, SOLD_OUT, FLAG, PICKER);

  /** As usual, in our words and the brand kit's look. */
  public DeliveryPromise(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.DELIVERY_PROMISE;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public DeliveryPromise placed(Placement other) {
    return new DeliveryPromise(id, other, options, dress);
  }

  @Override
  public DeliveryPromise dressed(Appearance other) {
    return new DeliveryPromise(id, placement, options, other);
  }

  @Override
  public DeliveryPromise opted(NodOptions other) {
    return new DeliveryPromise(id, placement, other, dress);
  }

  @Override
  public DeliveryPromise copied(NodId other) {
    return new DeliveryPromise(other, placement, options, dress);
  }

  /** Whether all of a basket is told in one. */
  public boolean isTogether() {
    return options.value(BASKET, Basket.class) == Basket.TOGETHER;
  }

  /** Whether something that is sold out has a text. */
  public boolean saysSoldOut() {
    return options.value(SOLD_OUT, SoldOut.class) == SoldOut.TEXT;
  }

  /** How it is shown, for a page of a kind. */
  public Form form(PageKind page) {
    boolean isOrdered = page == PageKind.CONFIRMATION;
    boolean isSmall = page == PageKind.LISTING || page == PageKind.HOME;
    return new Form(
        isSmall ? Shows.WORDS : options.value(SHOWS, Shows.class),
        isOrdered || isSmall ? CutOff.NONE : options.value(CUT_OFF, CutOff.class),
        options.value(CLOCK, Clock.class),
        options.isYes(FLAG) && !isSmall,
        options.isYes(PICKER) && page == PageKind.PRODUCT,
        isSmall,
        isOrdered);
  }

  /**
   * How it is shown.
   *
   * @param shows words, the row of days, or both
   * @param cutOff how the cut-off is told
   * @param clock whose clock it is told by
   * @param hasFlag whether the country's flag stands there
   * @param hasPicker whether the shopper can choose another country
   * @param isSmall whether it stands on a card among others
   * @param isOrdered whether it is of what has been ordered
   */
  public record Form(
      Shows shows,
      CutOff cutOff,
      Clock clock,
      boolean hasFlag,
      boolean hasPicker,
      boolean isSmall,
      boolean isOrdered) {}

  /**
   * Days, the first and the last included.
   *
   * @param first at the soonest
   * @param last at the latest
   */
  public record Days(LocalDate first, LocalDate last) {}

  /**
   * The days that are promised.
   *
   * @param placedAt the shop's day of the order, where one has been placed; else it is today
   * @param leaves when it leaves
   * @param arrives when it arrives
   * @param cutOff until when an order counts for that
   * @param availableFrom the day from which it can be had again, where it waits for that
   * @param way the row of days until it arrives; empty where it is not shown or too long to read
   */
  public record Promised(
      Optional<LocalDate> placedAt,
      Days leaves,
      Days arrives,
      Instant cutOff,
      Optional<LocalDate> availableFrom,
      List<WayDay> way) {
    /** Keeps the row unchangeable. */
    public Promised {
      way = List.copyOf(way);
    }
  }

  /**
   * A line of a basket or an order.
   *
   * @param title what the shop calls the product
   * @param arrives when it arrives; empty where nothing is promised of it
   */
  public record Line(String title, Optional<Days> arrives) {}

  /**
   * What is shown.
   *
   * @param promised the days; empty where it is sold out
   * @param zone the shop's, in which a cut-off is told
   * @param country where it goes
   * @param isAssumed whether the shopper's country is not known, and this is the shop's own
   * @param countries those that a shopper can choose, where that is wanted
   * @param lines of a basket or an order that is told line by line
   * @param form how it is shown
   */
  public record DeliveryPromiseContent(
      Optional<Promised> promised,
      ZoneId zone,
      String country,
      boolean isAssumed,
      List<String> countries,
      List<Line> lines,
      Form form)
      implements Content {
    /** Keeps the lists unchangeable. */
    public DeliveryPromiseContent {
      countries = List.copyOf(countries);
      lines = List.copyOf(lines);
    }

    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of();
    }
  }
}
