package nodyes.server.database;

/**
 * Stored things that others are made of. Which rows belong to one is said by the database's own
 * triggers, so that nothing can be written past them.
 */
public enum Topic {
  /** The shop's settings. */
  SHOP,
  /** Products, their variants, prices, tags and categories. */
  CATALOGUE,
  /** What was sold, by product. */
  ORDERS,
  /** What shoppers can see of reviews, by product. */
  REVIEWS,
  /** How many found reviews helpful, by product. */
  VOTES,
  /** What reviewers are asked about. */
  REVIEW_ASPECTS,
  /** Products that share their reviews. */
  REVIEW_GROUPS,
  /** Languages and countries of reviews, whatever became of them. */
  REVIEW_ORIGINS,
  /** Which reviews search engines are told of. */
  STRUCTURED_DATA_POLICY,
  /** What a business directory says of the shop. */
  BUSINESS_PROFILE,
  /** The nods, spots, brand and delivery rules that shoppers get. */
  PUBLISHED_LAYOUT
}
