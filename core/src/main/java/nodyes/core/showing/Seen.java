package nodyes.core.showing;

import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ProductId;
import nodyes.core.presence.Counted;
import nodyes.core.presence.ViewWindow;

/**
 * How many looked at products, for the owner who asks why a number shows. A shopper's page is
 * answered without it.
 *
 * @param counts by product and time looked back on
 */
public record Seen(Map<ProductId, Map<ViewWindow, Counted>> counts) {
  /** Not looked up. */
  public static final Seen UNKNOWN = new Seen(Map.of());

  /** Keeps the counts unchangeable. */
  public Seen {
    counts = Map.copyOf(counts);
  }

  /** How many looked at a product, where that was looked up. */
  public Optional<Counted> of(ProductId product, ViewWindow window) {
    return Optional.ofNullable(counts.getOrDefault(product, Map.of()).get(window));
  }

  /** Whether anyone at all was counted at a product, over any of the times looked back on. */
  boolean isAny(ProductId product) {
    return counts.getOrDefault(product, Map.of()).values().stream()
        .anyMatch(counted -> counted.number() > 0);
  }
}
