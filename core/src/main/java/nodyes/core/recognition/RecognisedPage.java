package nodyes.core.recognition;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;

/**
 * What a page was recognised as.
 *
 * @param kind empty for a page that is none of a shop's kinds, and for one that is in doubt
 * @param product the product that the page is of; on product pages alone
 * @param by the sign that told it
 * @param named what that sign names the product by
 * @param variant the SKU that the signs name, if any
 * @param doubt why a product could not be told although the page speaks of one
 * @param cards the known products that cards lead to, in page order
 */
public record RecognisedPage(
    Optional<PageKind> kind,
    Optional<Slug> product,
    Optional<Sign> by,
    Optional<Identifier> named,
    Optional<String> variant,
    Optional<Doubt> doubt,
    Map<Identifier, Slug> cards) {
  /** The signs, the strongest first. */
  public enum Sign {
    /** Attributes of ours, by which a page says itself what it is. */
    MARKS,
    /** The page's address. */
    ADDRESS,
    /** The address that it gives as its own. */
    CANONICAL,
    /** Its data for search engines. */
    PRODUCT_DATA,
    /** Its data for sharing. */
    SHARING,
    /** Its meta tag. */
    META,
    /** Links on its cards. */
    CARDS
  }

  /** Why nothing is shown although the page speaks of a product. */
  public enum Doubt {
    /** One sign names several products of the catalogue. */
    SEVERAL_PRODUCTS,
    /** What it names is not in the catalogue. */
    UNKNOWN_PRODUCT
  }

  /** Copies the map, in its order. */
  public RecognisedPage {
    cards = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(cards));
  }
}
