package nodyes.core.visitors;

import java.nio.ByteBuffer;
import java.time.Instant;
import java.util.Optional;

/**
 * Who looked at one product in the last 7 days: each visitor counts once in each window. Visitors
 * are random numbers that say nothing of a person. Times are whole seconds; a time before the
 * latest that was seen is taken for the latest.
 *
 * <p>While there are few, each visitor is kept with the second of the last view, and every window
 * is exact. Above {@link #EXACT} visitors it goes over to sketches by time ({@link SketchBuckets}).
 *
 * <p>It is not safe for several threads at once.
 */
public final class VisitorCounter {
  /** So many visitors in 7 days are counted one by one. */
  public static final int EXACT = 4096;

  /** Standard error of an estimate, relative to it. */
  public static final double RELATIVE_ERROR = SketchBuckets.RELATIVE_ERROR;

  private static final byte LIST = 1;

  /**
   * Sketches that visitors entered by another number than the list's; what they say is too high.
   */
  private static final byte SKETCHES_OF_TWO_KEYS = 2;

  private static final byte SKETCHES = 3;

  private ExactVisitors visitors;
  private Optional<SketchBuckets> buckets = Optional.empty();
  private long latest;

  /** Nobody yet. */
  public VisitorCounter() {
    this(new ExactVisitors());
  }

  private VisitorCounter(ExactVisitors visitors) {
    this.visitors = visitors;
  }

  /** Someone looked. */
  public void saw(long visitor, Instant moment) {
    long second = at(moment);
    if (buckets.isPresent()) {
      buckets.get().saw(ExactVisitors.key(visitor), second);
      return;
    }
    visitors.saw(visitor, second);
    if (visitors.size() > EXACT) {
      visitors.dropBefore(second - TimeWindow.WEEK.seconds(), second);
      if (visitors.size() > EXACT) {
        var sketches = new SketchBuckets();
        visitors.inOrder(second, sketches::saw);
        buckets = Optional.of(sketches);
        visitors = new ExactVisitors();
      }
    }
  }

  /** How many looked in a window that ends at a moment. */
  public VisitorEstimate count(TimeWindow window, Instant moment) {
    long second = at(moment);
    return buckets
        .map(sketches -> new VisitorEstimate(sketches.count(window, second), false))
        .orElseGet(() -> new VisitorEstimate(visitors.count(window.seconds(), second), true));
  }

  /** Whether nobody looked in the last 7 days. */
  public boolean isEmpty(Instant moment) {
    return count(TimeWindow.WEEK, moment).number() == 0;
  }

  /** The second, with what is too old gone. */
  private long at(Instant moment) {
    long second = Math.max(latest, moment.getEpochSecond());
    if (second - latest >= TimeWindow.WEEK.seconds()) {
      visitors = new ExactVisitors();
      buckets = Optional.empty();
    }
    latest = second;
    return second;
  }

  /** All of it, to be kept. */
  public byte[] toBytes() {
    byte[] content = buckets.map(SketchBuckets::toBytes).orElseGet(visitors::toBytes);
    return ByteBuffer.allocate(1 + Long.BYTES + content.length)
        .put(buckets.isPresent() ? SKETCHES : LIST)
        .putLong(latest)
        .put(content)
        .array();
  }

  /**
   * What was kept. Of the sketches of an earlier form, in which those who came again could count
   * twice, nothing is taken over: a count may be too low, never too high.
   *
   * @throws IllegalArgumentException where the bytes are none of a tally
   */
  public static VisitorCounter of(byte[] bytes) {
    if (bytes.length <= Long.BYTES || bytes[0] < LIST || bytes[0] > SKETCHES) {
      throw new IllegalArgumentException("these bytes are no tally");
    }
    if (bytes[0] == SKETCHES_OF_TWO_KEYS) {
      return new VisitorCounter();
    }
    ByteBuffer in = ByteBuffer.wrap(bytes);
    boolean isList = in.get() == LIST;
    long latest = in.getLong();
    byte[] content = new byte[in.remaining()];
    in.get(content);
    var tally = new VisitorCounter(isList ? ExactVisitors.of(content) : new ExactVisitors());
    tally.latest = latest;
    if (!isList) {
      tally.buckets = Optional.of(SketchBuckets.of(content));
    }
    return tally;
  }
}
