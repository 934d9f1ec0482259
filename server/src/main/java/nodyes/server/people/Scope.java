package nodyes.server.people;

/** What a program may do with its key. */
public enum Scope {
  /** All that an editor may. */
  ALL,
  /** Sends products and orders, and reads the catalogue. */
  PRODUCTS_IN,
  /** Reads reviews. */
  REVIEWS_OUT,
  /** Looks at pages as they are and will be. */
  PREVIEW,
  /** Publishes the draft. */
  PUBLISH
}
