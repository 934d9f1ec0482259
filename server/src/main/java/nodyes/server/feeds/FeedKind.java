package nodyes.server.feeds;

import java.util.Optional;
import nodyes.core.imports.TableKind;

/** What a feed brings. */
public enum FeedKind {
  /** Products with their variants. */
  PRODUCTS,
  /** Orders, cancellations and returns. */
  ORDERS;

  /** What a table of that kind brings here; nothing of reviews, which come in elsewhere. */
  static Optional<FeedKind> of(TableKind kind) {
    return switch (kind) {
      case PRODUCTS -> Optional.of(PRODUCTS);
      case ORDERS -> Optional.of(ORDERS);
      case REVIEWS -> Optional.empty();
    };
  }
}
