package nodyes.server.catalogue;

/** A product that is worth a look, and why. */
record ProductSample(Why why, String product, String title) {
  /** What sets it apart. */
  enum Why {
    /** It costs less than it did, since the latest change of a price. */
    REDUCED_PRICE,
    /** None of its variants is in stock. */
    SOLD_OUT,
    /** No review of it is published. */
    NO_REVIEWS,
    /** No title is longer. */
    LONGEST_TITLE,
    /** No product has more published reviews. */
    MOST_REVIEWS,
    /** It came last. */
    NEWEST
  }
}
