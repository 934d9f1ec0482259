package nodyes.core.evaluation;

import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ProductId;
import nodyes.core.visitors.TimeWindow;
import nodyes.core.visitors.VisitorEstimate;

/**
 * How many looked at products, for the owner who asks why a number shows. A shopper's page is
 * answered without it.
 *
 * @param counts by product and time looked back on
 */
public record VisitorFacts(Map<ProductId, Map<TimeWindow, VisitorEstimate>> counts) {
  /** Not looked up. */
  public static final VisitorFacts UNKNOWN = new VisitorFacts(Map.of());

  /** Keeps the counts unchangeable. */
  public VisitorFacts {
    counts = Map.copyOf(counts);
  }

  /** How many looked at a product, where that was looked up. */
  public Optional<VisitorEstimate> of(ProductId product, TimeWindow window) {
    return Optional.ofNullable(counts.getOrDefault(product, Map.of()).get(window));
  }

  /** Whether anyone at all was counted at a product, over any of the times looked back on. */
  boolean isAny(ProductId product) {
    return counts.getOrDefault(product, Map.of()).values().stream()
        .anyMatch(counted -> counted.number() > 0);
  }
}
