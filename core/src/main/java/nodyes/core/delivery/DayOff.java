package nodyes.core.delivery;

/** Why a day does not count. */
public sealed interface DayOff {
  /** It is not one of the weekdays. */
  record Weekday() implements DayOff {}

  /** It is a public holiday of that name. */
  record Holiday(String name) implements DayOff {}

  /** The shop is closed; why, where that is told. */
  record Closed(String name) implements DayOff {}
}
