package nodyes.core.delivery;

/** Why a day does not count. */
public sealed interface NonWorkingDay {
  /** It is not one of the weekdays. */
  record Weekday() implements NonWorkingDay {}

  /** It is a public holiday of that name. */
  record Holiday(String name) implements NonWorkingDay {}

  /** The shop is closed; why, where that is told. */
  record Closed(String name) implements NonWorkingDay {}
}
