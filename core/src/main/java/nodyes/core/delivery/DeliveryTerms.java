package nodyes.core.delivery;

import java.util.Optional;
import java.util.Set;

/**
 * What a layer sets; what it leaves empty is as a wider one has it.
 *
 * @param handling working days from the day that counts to the day on which it leaves
 * @param dispatch weekdays and cut-offs
 * @param holidays the regions on whose public holidays nothing leaves
 * @param longer working days that it takes longer on the way than the destination says
 */
public record DeliveryTerms(
    Optional<DayRange> handling,
    Optional<DispatchSchedule> dispatch,
    Optional<Set<HolidayRegion>> holidays,
    Optional<DayRange> longer) {
  /** Sets nothing. */
  public static final DeliveryTerms NONE =
      new DeliveryTerms(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

  /** What a layer can set. */
  public enum Field {
    /** Working days until it leaves. */
    HANDLING,
    /** Weekdays and cut-offs. */
    DISPATCH,
    /** Public holidays that are kept. */
    HOLIDAYS,
    /** Working days longer on the way. */
    LONGER
  }

  /** Keeps the regions unchangeable. */
  public DeliveryTerms {
    holidays = holidays.map(Set::copyOf);
  }

  /** Whether it sets a field. */
  public boolean sets(Field field) {
    return switch (field) {
      case HANDLING -> handling.isPresent();
      case DISPATCH -> dispatch.isPresent();
      case HOLIDAYS -> holidays.isPresent();
      case LONGER -> longer.isPresent();
    };
  }
}
