package nodyes.server.shop;

/** The prices that are kept. */
public interface StoredPrices {
  /** How many products that are sold have prices in this money (ISO 4217). */
  long productsPricedIn(String currency);
}
