package nodyes.core.visitors;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.apache.datasketches.hll.HllSketch;
import org.apache.datasketches.hll.HllUnion;
import org.apache.datasketches.hll.TgtHllType;

/**
 * Visitors in sketches by time: by the minute for an hour, by the hour for a day, by six hours for
 * a week. A window is the union of those that lie in it whole, so that it never holds too many;
 * what it may miss is the part of the oldest one.
 *
 * <p>The sketches are HyperLogLog (Flajolet, Fusy, Gandouet, Meunier, 2007) with 2^12 registers, as
 * Apache DataSketches has it.
 */
final class SketchBuckets {
  private static final int LG_K = 12;

  /** Standard error of a union, which has no history: 1.03896 / sqrt(4096). */
  static final double RELATIVE_ERROR = HllSketch.getRelErr(true, true, LG_K, 1);

  private static final int MINUTE = 60;
  private static final int HOUR = 3_600;
  private static final int QUARTER = 21_600;

  /** By the second at which they begin. */
  private final TreeMap<Long, HllSketch> minutes = new TreeMap<>();

  private final TreeMap<Long, HllSketch> hours = new TreeMap<>();
  private final TreeMap<Long, HllSketch> quarters = new TreeMap<>();

  void saw(long visitor, long second) {
    roll(second);
    minutes
        .computeIfAbsent(start(second, MINUTE), _ -> new HllSketch(LG_K, TgtHllType.HLL_4))
        .update(visitor);
  }

  private static long start(long second, int length) {
    return Math.floorDiv(second, (long) length) * length;
  }

  /** Old minutes become hours, old hours six hours, and what is older than a week goes. */
  private void roll(long second) {
    move(minutes, second - HOUR, hours, HOUR);
    move(hours, second - TimeWindow.DAY.seconds(), quarters, QUARTER);
    quarters.headMap(second - TimeWindow.WEEK.seconds() - QUARTER).clear();
  }

  private static void move(
      NavigableMap<Long, HllSketch> from, long before, Map<Long, HllSketch> to, int length) {
    Map<Long, HllSketch> old = from.headMap(start(before, length), false);
    old.forEach((start, sketch) -> to.merge(start(start, length), sketch, SketchBuckets::both));
    old.clear();
  }

  private static HllSketch both(HllSketch a, HllSketch b) {
    var union = new HllUnion(LG_K);
    union.update(a);
    union.update(b);
    return union.getResult(TgtHllType.HLL_4);
  }

  long count(TimeWindow window, long second) {
    roll(second);
    long after = second - window.seconds();
    var union = new HllUnion(LG_K);
    minutes.tailMap(after, false).values().forEach(union::update);
    hours.tailMap(after, false).values().forEach(union::update);
    quarters.tailMap(after, false).values().forEach(union::update);
    return Math.round(union.getEstimate());
  }

  byte[] toBytes() {
    var parts = new ArrayList<ByteBuffer>();
    int length = 0;
    for (var tier : List.of(minutes, hours, quarters)) {
      ByteBuffer count = ByteBuffer.allocate(Integer.BYTES).putInt(tier.size()).flip();
      parts.add(count);
      length += Integer.BYTES;
      for (var entry : tier.entrySet()) {
        byte[] sketch = entry.getValue().toCompactByteArray();
        ByteBuffer part =
            ByteBuffer.allocate(Long.BYTES + Integer.BYTES + sketch.length)
                .putLong(entry.getKey())
                .putInt(sketch.length)
                .put(sketch)
                .flip();
        parts.add(part);
        length += part.remaining();
      }
    }
    ByteBuffer all = ByteBuffer.allocate(length);
    parts.forEach(all::put);
    return all.array();
  }

  static SketchBuckets of(byte[] bytes) {
    ByteBuffer in = ByteBuffer.wrap(bytes);
    var buckets = new SketchBuckets();
    for (var tier : List.of(buckets.minutes, buckets.hours, buckets.quarters)) {
      int count = in.getInt();
      for (int i = 0; i < count; i++) {
        long start = in.getLong();
        byte[] sketch = new byte[in.getInt()];
        in.get(sketch);
        tier.put(start, HllSketch.heapify(sketch));
      }
    }
    return buckets;
  }
}
