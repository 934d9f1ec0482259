package nodyes.core.today;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * Something worth doing.
 *
 * @param worth what doing it is good for
 * @param size of two with the same worth the larger one comes first; a number of things
 * @param title what is so, in a few words
 * @param words the figures of it: what it costs to leave it, or what doing it gains
 * @param doing the act, as its button says it
 * @param place where it is done, as an address of the back office
 * @param minutes about how long it takes
 */
public record Act(
    Worth worth, long size, String title, String words, String doing, String place, int minutes) {
  private static final int SECONDS_A_MINUTE = 60;

  /** What doing something is good for, the most worth first. */
  public enum Worth {
    /** Shoppers are told something that is untrue, or that may be. */
    UNTRUE,
    /** Something is there, and shoppers miss it. */
    MISSED,
    /** Something can grow. */
    GROWS
  }

  /** The acts that are worth most, at most {@code most}: what is untrue first. */
  public static List<Act> next(Collection<Act> all, int most) {
    return all.stream()
        .sorted(
            Comparator.comparing(Act::worth)
                .thenComparing(Comparator.comparingLong(Act::size).reversed()))
        .limit(most)
        .toList();
  }

  /** Whole minutes that so many things take, each {@code seconds} long; at least one. */
  public static int minutes(long things, int seconds) {
    return Math.toIntExact(
        Math.max(1, Math.ceilDiv(Math.multiplyExact(things, seconds), (long) SECONDS_A_MINUTE)));
  }
}
