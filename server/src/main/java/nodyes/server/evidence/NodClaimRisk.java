package nodyes.server.evidence;

import java.util.List;

/**
 * One thing that may be held against a nod.
 *
 * @param rule the name of what is doubted
 * @param text what is doubted, as a sentence
 * @param nod its id; 'delivery' where it is the promise itself
 * @param name what the owner calls it
 * @param page the first kind of page that it is for; empty where it is for none in particular
 * @param products for how many products; 0 where it is of none in particular
 * @param named the first of them
 */
public record NodClaimRisk(
    String rule,
    String text,
    String nod,
    String name,
    String page,
    int products,
    List<DoubtedProduct> named) {
  /** A product that something is held against. */
  public record DoubtedProduct(String slug, String title) {}
}
