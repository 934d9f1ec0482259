package nodyes.core.nod;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.common.Unfit;
import nodyes.core.countdown.ActivePeriod;
import nodyes.core.countdown.CountdownSchedule;
import org.joda.money.Money;

/**
 * How long something still holds.
 *
 * @param id its id
 * @param name what the owner calls it; may be empty
 * @param placement where, for whom, on or off
 * @param ending when it ends
 * @param options what it speaks of and what it shows
 * @param dress what it says and how it looks
 */
public record Countdown(
    NodId id,
    String name,
    Placement placement,
    CountdownSchedule ending,
    NodOptions options,
    Appearance dress)
    implements Nod {
  private static final int LONGEST_NAME = 80;

  /** What ends. */
  public enum About {
    /** An offer, a way to order, anything the owner says. */
    OFFER,
    /** The reduced price of the product: it shows only where one is in force. */
    PRICE
  }

  /** What follows its end. */
  public enum After {
    /** Nothing. */
    GONE,
    /** A text, for some hours. */
    TEXT
  }

  static final NodOption ABOUT = NodOption.oneOf("about", About.values());
  static final NodOption AFTER = NodOption.oneOf("after", After.values());
  static final NodOption AFTER_HOURS = NodOption.whole("after-hours", 1, 168, 24);
  static final NodOption DAYS = NodOption.yesNo("show-days", true);
  static final NodOption HOURS = NodOption.yesNo("show-hours", true);
  static final NodOption MINUTES = NodOption.yesNo("show-minutes", true);
  static final NodOption SECONDS = NodOption.yesNo("show-seconds", false);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS =
      List.of(ABOUT, AFTER, AFTER_HOURS, DAYS, HOURS, MINUTES, SECONDS);

  /** Throws {@link IllegalArgumentException} where its name is too long. */
  public Countdown {
    name = name.strip();
    if (name.length() > LONGEST_NAME) {
      throw new Unfit("nods.nameTooLong", "most", LONGEST_NAME);
    }
  }

  /** As usual, without a name. */
  public Countdown(NodId id, Placement placement, CountdownSchedule ending) {
    this(id, "", placement, ending, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.COUNTDOWN;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public Optional<String> ownName() {
    return Optional.of(name).filter(given -> !given.isEmpty());
  }

  @Override
  public Countdown placed(Placement other) {
    return new Countdown(id, name, other, ending, options, dress);
  }

  @Override
  public Countdown dressed(Appearance other) {
    return new Countdown(id, name, placement, ending, options, other);
  }

  @Override
  public Countdown opted(NodOptions other) {
    return new Countdown(id, name, placement, ending, other, dress);
  }

  @Override
  public Countdown copied(NodId other) {
    return new Countdown(other, name, placement, ending, options, dress);
  }

  /** Whether it speaks of the price. */
  public boolean isAboutPrice() {
    return ending instanceof CountdownSchedule.UntilPriceChange
        || options.value(ABOUT, About.class) == About.PRICE;
  }

  /** For how many hours a text follows its end; 0 for none. */
  public int hoursAfter() {
    return options.value(AFTER, After.class) == After.TEXT ? options.whole(AFTER_HOURS) : 0;
  }

  /**
   * What is shown of a window.
   *
   * @param then the price that is planned for its end
   */
  public CountdownContent content(
      ActivePeriod window, ZoneId zone, Optional<Money> then, boolean hasEnded, boolean isSmall) {
    return new CountdownContent(
        window.start(),
        window.end(),
        zone,
        then,
        hasEnded,
        isSmall,
        new Units(
            options.isYes(DAYS),
            options.isYes(HOURS),
            options.isYes(MINUTES),
            options.isYes(SECONDS)));
  }

  /**
   * Which units are shown; what a hidden one holds goes to the next smaller one, and what is
   * smaller than the smallest is left out. Where none is chosen, all are shown.
   *
   * @param days whole days
   * @param hours hours
   * @param minutes minutes
   * @param seconds seconds
   */
  public record Units(boolean days, boolean hours, boolean minutes, boolean seconds) {
    private static final Units ALL = new Units(true, true, true, true);

    /** All of them where none is chosen. */
    Units orAll() {
      return days || hours || minutes || seconds ? this : ALL;
    }
  }

  /**
   * What is shown.
   *
   * @param start when it began, if it did
   * @param end when it ends or ended
   * @param zone the shop's, in which its end is told
   * @param then the price that is planned for its end, if it speaks of the price
   * @param hasEnded whether the text after the end is shown
   * @param isSmall whether it stands on a card among others
   * @param units which units are shown
   */
  public record CountdownContent(
      Optional<Instant> start,
      Instant end,
      ZoneId zone,
      Optional<Money> then,
      boolean hasEnded,
      boolean isSmall,
      Units units)
      implements Content {
    /** Shows a unit in any case. */
    public CountdownContent {
      units = units.orAll();
    }

    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of();
    }
  }
}
