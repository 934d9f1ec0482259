package nodyes.core.nod;

import java.util.Arrays;
import java.util.Optional;

/** The kinds of page of a shop that nods can stand on. */
public enum PageKind {
  /** The page of one product. */
  PRODUCT("product", "product pages", "a product page"),
  /** A category, a search, or any other page with several product cards. */
  LISTING("listing", "listings", "a listing"),
  /** The basket. */
  BASKET("basket", "the basket", "the basket"),
  /** The shop's first page. */
  HOME("home", "the home page", "the home page"),
  /** What a shopper reads who has just ordered. */
  CONFIRMATION("confirmation", "order confirmations", "an order confirmation");

  private final String wireName;
  private final String words;
  private final String one;

  PageKind(String wireName, String words, String one) {
    this.wireName = wireName;
    this.words = words;
    this.one = one;
  }

  /** The name in addresses and attributes. */
  public String wireName() {
    return wireName;
  }

  /** All pages of the kind, in a sentence to the owner. */
  public String words() {
    return words;
  }

  /** One page of the kind, in a sentence to the owner. */
  public String one() {
    return one;
  }

  /** The kind with that wire name, if any. */
  public static Optional<PageKind> parse(String wireName) {
    return Arrays.stream(values()).filter(kind -> kind.wireName.equals(wireName)).findFirst();
  }
}
