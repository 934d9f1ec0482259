package nodyes.server.feeds;

/** What a feed brings. */
enum FeedKind {
  /** Products with their variants. */
  PRODUCTS,
  /** Orders, cancellations and returns. */
  ORDERS
}
