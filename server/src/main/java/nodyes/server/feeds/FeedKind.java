package nodyes.server.feeds;

/** What a feed brings. */
public enum FeedKind {
  /** Products with their variants. */
  PRODUCTS,
  /** Orders, cancellations and returns. */
  ORDERS
}
