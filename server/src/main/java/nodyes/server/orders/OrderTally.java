package nodyes.server.orders;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.server.orders.OrderImport.NewOrder;
import org.jspecify.annotations.Nullable;

/** What orders of a file come to. */
public final class OrderTally {
  private static final Duration LATELY = Duration.ofDays(30);
  private static final Duration WEEK = Duration.ofDays(7);

  private final Instant now;
  private final Set<String> numbers = new HashSet<>();
  private final Map<String, Long> sold = new HashMap<>();
  private long lines;
  private long pieces;
  private long returned;
  private long cancelled;
  private long ofTheWeek;
  private long withTown;
  private long arrived;
  private @Nullable Instant first;
  private @Nullable Instant last;

  OrderTally(Instant now) {
    this.now = now;
  }

  void add(NewOrder order) {
    numbers.add(order.number());
    lines += order.lines().size();
    if (order.cancelled()) {
      cancelled++;
      return;
    }
    if (first == null || order.placedAt().isBefore(first)) {
      first = order.placedAt();
    }
    if (last == null || order.placedAt().isAfter(last)) {
      last = order.placedAt();
    }
    ofTheWeek += order.placedAt().isAfter(now.minus(WEEK)) ? 1 : 0;
    withTown += order.town().isPresent() ? 1 : 0;
    arrived += order.arrivedOn().isPresent() ? 1 : 0;
    for (OrderImport.Line line : order.lines()) {
      pieces += line.quantity() - line.returned();
      returned += line.returned();
      if (order.placedAt().isAfter(now.minus(LATELY))) {
        sold.merge(line.sku(), line.quantity() - line.returned(), Long::sum);
      }
    }
  }

  /** How many orders there are. */
  public long orders() {
    return numbers.size();
  }

  /** How many lines they have. */
  public long lines() {
    return lines;
  }

  /** Pieces that count as sold. */
  public long pieces() {
    return pieces;
  }

  /** Pieces that came back. */
  public long returned() {
    return returned;
  }

  /** Orders that are cancelled. */
  public long cancelled() {
    return cancelled;
  }

  /** Orders of the last seven days. */
  public long ofTheWeek() {
    return ofTheWeek;
  }

  /** Orders that name a town. */
  public long withTown() {
    return withTown;
  }

  /** Orders that say when they arrived. */
  public long arrived() {
    return arrived;
  }

  /** When the first was placed; empty where all are cancelled. */
  public Optional<Instant> first() {
    return Optional.ofNullable(first);
  }

  /** When the last was placed; empty where all are cancelled. */
  public Optional<Instant> last() {
    return Optional.ofNullable(last);
  }

  /** Pieces sold in the last 30 days, by SKU; none where nothing was sold. */
  public Map<String, Long> soldLately() {
    var some = new HashMap<>(sold);
    some.values().removeIf(count -> count <= 0);
    return some;
  }
}
