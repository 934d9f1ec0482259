package nodyes.core.suggestions;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * Something worth doing.
 *
 * @param priority what doing it is good for
 * @param size of two with the same worth the larger one comes first; a number of things
 * @param matter what it is about, with the figures that its sentences give
 * @param minutes about how long it takes
 */
public record Suggestion(Priority priority, long size, Matter matter, int minutes) {
  private static final int SECONDS_A_MINUTE = 60;

  /** What doing something is good for, the most worth first. */
  public enum Priority {
    /** Shoppers are told something that is untrue, or that may be. */
    INCORRECT,
    /** Something is there, and shoppers miss it. */
    MISSING,
    /** Something can grow. */
    GROWTH
  }

  /** The acts that are worth most, at most {@code most}: what is untrue first. */
  public static List<Suggestion> next(Collection<Suggestion> all, int most) {
    return all.stream()
        .sorted(
            Comparator.comparing(Suggestion::priority)
                .thenComparing(Comparator.comparingLong(Suggestion::size).reversed()))
        .limit(most)
        .toList();
  }

  /** Whole minutes that so many things take, each {@code seconds} long; at least one. */
  public static int minutes(long things, int seconds) {
    return Math.toIntExact(
        Math.max(1, Math.ceilDiv(Math.multiplyExact(things, seconds), (long) SECONDS_A_MINUTE)));
  }
}
