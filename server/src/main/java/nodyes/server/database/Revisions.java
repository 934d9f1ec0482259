package nodyes.server.database;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * When each topic changed last, counted in changes. Whoever makes something of stored things asks
 * for {@link #now} first and reads then; what was made is as good as new while none of its topics
 * changed since. Changes are counted after they are committed, and before whoever wrote hears so.
 */
public final class Revisions {
  private final Map<Topic, Long> last = new ConcurrentHashMap<>();
  private final Map<Topic, Map<Long, Long>> lastOfItems = new EnumMap<>(Topic.class);
  private volatile long now;

  /** At first nothing has changed. */
  public Revisions() {
    for (Topic topic : Topic.values()) {
      lastOfItems.put(topic, new ConcurrentHashMap<>());
    }
  }

  /**
   * Something that changed.
   *
   * @param item the product's id, or 0 where the topic is not told by product
   */
  public record Change(Topic topic, long item) {}

  /** The number of the last change. */
  public long now() {
    return now;
  }

  /** Whether none of the topics changed after a change. */
  public boolean isUnchanged(long since, Collection<Topic> topics) {
    for (Topic topic : topics) {
      if (last.getOrDefault(topic, 0L) > since) {
        return false;
      }
    }
    return true;
  }

  /** Whether a topic did not change for any of these products after a change. */
  public boolean isUnchanged(long since, Topic topic, Collection<Long> items) {
    if (last.getOrDefault(topic, 0L) <= since) {
      return true;
    }
    Map<Long, Long> known = itemsOf(topic);
    for (Long item : items) {
      if (known.getOrDefault(item, 0L) > since) {
        return false;
      }
    }
    return true;
  }

  /** The products for which a topic changed after a change. */
  public Set<Long> changedSince(long since, Topic topic) {
    return itemsOf(topic).entrySet().stream()
        .filter(item -> item.getValue() > since)
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }

  /** Counts what was changed together; for the database alone, after it was committed. */
  public synchronized void raise(List<Change> changes) {
    if (changes.isEmpty()) {
      return;
    }
    long next = now + 1;
    for (Change change : changes) {
      itemsOf(change.topic()).put(change.item(), next);
      last.put(change.topic(), next);
    }
    // last, so that whoever reads this number finds all that it counts
    now = next;
  }

  private Map<Long, Long> itemsOf(Topic topic) {
    return lastOfItems.getOrDefault(topic, Map.of());
  }
}
