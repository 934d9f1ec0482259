package nodyes.server.visitors;

import java.time.Instant;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nodyes.core.common.ProductId;
import nodyes.core.evaluation.VisitorFacts;
import nodyes.core.visitors.TimeWindow;
import nodyes.core.visitors.VisitorCounter;
import nodyes.core.visitors.VisitorEstimate;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** Who looked at which product: counted in memory, saved by {@link VisitorCountSaver}. */
@Component
public class VisitorCounts {
  private static final long MANY = 100;

  private final VisitorCountStore store;
  private final Map<Long, VisitorCounter> tallies = new ConcurrentHashMap<>();
  private final Set<Long> unsaved = ConcurrentHashMap.newKeySet();
  private final Map<Shown, Times> shown = new ConcurrentHashMap<>();
  private final Map<Looked, Lately> lately = new ConcurrentHashMap<>();

  VisitorCounts(VisitorCountStore store) {
    this.store = store;
  }

  /** A number that was shown for a product in an hour. */
  record Shown(long hour, long product, TimeWindow window, long number) {}

  /** What was looked at, over which time. */
  private record Looked(long product, TimeWindow window) {}

  /** What was counted in a second. */
  private record Lately(long second, VisitorEstimate counted) {}

  /** How often it was shown, and the least that was counted when it was. */
  record Times(long times, long counted) {
    Times and(Times other) {
      return new Times(times + other.times, Math.min(counted, other.counted));
    }
  }

  private VisitorCounter tally(long product) {
    return tallies.computeIfAbsent(
        product, id -> store.find(id).map(VisitorCounter::of).orElseGet(VisitorCounter::new));
  }

  /** A visitor looked at a product. */
  void saw(long product, long visitor, Instant now) {
    VisitorCounter tally = tally(product);
    synchronized (tally) {
      tally.saw(visitor, now);
    }
    unsaved.add(product);
  }

  /** How many looked at a product. */
  public VisitorEstimate count(long product, TimeWindow window, Instant now) {
    VisitorCounter tally = tally(product);
    synchronized (tally) {
      return tally.count(window, now);
    }
  }

  /**
   * Many are counted once a second: within it they can only become more, so what is kept is never
   * too many. Few are counted each time, so that a visitor sees himself.
   */
  private VisitorEstimate countLately(long product, TimeWindow window, Instant now) {
    Lately last = lately.get(new Looked(product, window));
    if (last != null && last.second() == now.getEpochSecond()) {
      return last.counted();
    }
    VisitorEstimate counted = count(product, window, now);
    if (counted.number() > MANY) {
      lately.put(new Looked(product, window), new Lately(now.getEpochSecond(), counted));
    }
    return counted;
  }

  /** The number that the owner's look at a page shows; 0 for silence. */
  long look(long product, TimeWindow window, int quietUnder, Instant now) {
    long number = countLately(product, window, now).shown();
    return number < quietUnder ? 0 : number;
  }

  /** The number that a page shows to a shopper, which is noted; 0 for silence. */
  long show(long product, TimeWindow window, int quietUnder, Instant now) {
    VisitorEstimate counted = countLately(product, window, now);
    long number = counted.shown();
    if (number < quietUnder) {
      return 0;
    }
    long hour = Math.floorDiv(now.getEpochSecond(), 3600L) * 3600;
    shown.merge(
        new Shown(hour, product, window, number), new Times(1, counted.number()), Times::and);
    return number;
  }

  /** How many looked at some products, over each time. */
  public VisitorFacts seen(Collection<ProductId> products, Instant now) {
    var counts = new HashMap<ProductId, Map<TimeWindow, VisitorEstimate>>();
    for (ProductId product : products) {
      var byWindow = new EnumMap<TimeWindow, VisitorEstimate>(TimeWindow.class);
      for (TimeWindow window : TimeWindow.values()) {
        byWindow.put(window, count(product.value(), window, now));
      }
      counts.put(product, byWindow);
    }
    return new VisitorFacts(counts);
  }

  /** Numbers that shoppers were shown from an instant to another, the latest first. */
  public PagedResult<ShownVisitorCount> shown(Instant from, Instant to, int page, int size) {
    return store.shown(from, to, page, size);
  }

  /** Saves what changed since the last time; what comes in meanwhile is saved the next time. */
  long save(Instant now) {
    lately.clear();
    var changed = new HashSet<>(unsaved);
    var contents = new HashMap<Long, byte[]>();
    for (Long product : changed) {
      unsaved.remove(product);
      VisitorCounter tally = tally(product);
      synchronized (tally) {
        contents.put(product, tally.toBytes());
      }
    }
    var numbers = new HashMap<Shown, Times>();
    for (Shown one : Set.copyOf(shown.keySet())) {
      Optional.ofNullable(shown.remove(one)).ifPresent(times -> numbers.put(one, times));
    }
    try {
      store.save(contents, numbers, now);
      return contents.size();
    } catch (RuntimeException e) {
      unsaved.addAll(changed);
      numbers.forEach((one, times) -> shown.merge(one, times, Times::and));
      throw e;
    }
  }
}
