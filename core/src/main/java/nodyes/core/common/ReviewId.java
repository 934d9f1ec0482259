package nodyes.core.common;

/**
 * A stored review. A later review has a greater id.
 *
 * @param value positive
 */
public record ReviewId(long value) implements Comparable<ReviewId> {
  @Override
  public int compareTo(ReviewId other) {
    return Long.compare(value, other.value);
  }
}
