package nodyes.core.visitors;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Comparator;

/**
 * Visitors with the second of their last view, one number each: 43 bits of the visitor, 21 bits of
 * the second. Two of 4,096 visitors share their bits by chance once in a million times. Seconds
 * come round after 24 days, long after what is older than 7 days was dropped.
 */
final class ExactVisitors {
  private static final int SECOND_BITS = 21;
  private static final long SECONDS = (1L << SECOND_BITS) - 1;
  private static final int DAY = 86_400;
  private static final int FIRST = 8;

  private long[] slots = new long[FIRST];
  private int size;
  private long dropped;

  int size() {
    return size;
  }

  /** A visitor's bits, by which sketches know one too; never nothing, which is a free slot. */
  static long key(long visitor) {
    // the finaliser of SplitMix64 (Steele, Lea, Flood, 2014) spreads what is alike
    long mixed = (visitor ^ (visitor >>> 30)) * 0xbf58476d1ce4e5b9L;
    mixed = (mixed ^ (mixed >>> 27)) * 0x94d049bb133111ebL;
    mixed ^= mixed >>> 31;
    long key = mixed & ~SECONDS;
    return key == 0 ? SECONDS + 1 : key;
  }

  void saw(long visitor, long second) {
    if (dropped == 0) {
      dropped = second;
    }
    if (second - dropped >= DAY) {
      dropBefore(second - TimeWindow.WEEK.seconds(), second);
    }
    put(key(visitor), second);
  }

  private void put(long key, long second) {
    if ((size + 1) * 4 > slots.length * 3) {
      grow();
    }
    int at = find(key);
    if (slots[at] == 0) {
      size++;
    }
    slots[at] = key | (second & SECONDS);
  }

  private int find(long key) {
    int at = (int) (key >>> 40) & (slots.length - 1);
    while (slots[at] != 0 && (slots[at] & ~SECONDS) != key) {
      at = (at + 1) & (slots.length - 1);
    }
    return at;
  }

  private void grow() {
    rebuild(slots.length * 2, slots);
  }

  private void rebuild(int length, long[] from) {
    slots = new long[length];
    for (long slot : from) {
      if (slot != 0) {
        slots[find(slot & ~SECONDS)] = slot;
      }
    }
  }

  private static long age(long slot, long second) {
    return (second - slot) & SECONDS;
  }

  /** Drops those not seen after a second. */
  void dropBefore(long least, long second) {
    dropped = second;
    long[] kept =
        Arrays.stream(slots)
            .filter(slot -> slot != 0 && age(slot, second) < second - least)
            .toArray();
    size = kept.length;
    int length = FIRST;
    while ((size + 1) * 4 > length * 3) {
      length *= 2;
    }
    rebuild(length, kept);
  }

  /** How many were seen less than so many seconds ago. */
  long count(int seconds, long second) {
    long count = 0;
    for (long slot : slots) {
      if (slot != 0 && age(slot, second) < seconds) {
        count++;
      }
    }
    return count;
  }

  /** Takes a visitor and the second of a view. */
  interface Taking {
    void take(long visitor, long second);
  }

  /** Each with the second of the last view, the earliest first. */
  void inOrder(long second, Taking taking) {
    Arrays.stream(slots)
        .filter(slot -> slot != 0)
        .boxed()
        .sorted(Comparator.comparingLong(slot -> -age(slot, second)))
        .forEach(slot -> taking.take(slot & ~SECONDS, second - age(slot, second)));
  }

  byte[] toBytes() {
    ByteBuffer out = ByteBuffer.allocate(Long.BYTES * (size + 1)).putLong(dropped);
    for (long slot : slots) {
      if (slot != 0) {
        out.putLong(slot);
      }
    }
    return out.array();
  }

  static ExactVisitors of(byte[] bytes) {
    if (bytes.length % Long.BYTES != 0 || bytes.length == 0) {
      throw new IllegalArgumentException("these bytes are no list of visitors");
    }
    ByteBuffer in = ByteBuffer.wrap(bytes);
    var visitors = new ExactVisitors();
    visitors.dropped = in.getLong();
    while (in.hasRemaining()) {
      long slot = in.getLong();
      visitors.put(slot & ~SECONDS, slot & SECONDS);
    }
    return visitors;
  }
}
