package nodyes.core.nod;

import java.util.Arrays;
import java.util.Optional;

/** The kinds of page of a shop that nods can stand on. */
public enum PageKind {
  /** The page of one product. */
  PRODUCT("product"),
  /** A category, a search, or any other page with several product cards. */
  LISTING("listing"),
  /** The basket. */
  BASKET("basket"),
  /** The shop's first page. */
  HOME("home"),
  /** What a shopper reads who has just ordered. */
  CONFIRMATION("confirmation");

  private final String wireName;

  PageKind(String wireName) {
    this.wireName = wireName;
  }

  /** The name in addresses and attributes. */
  public String wireName() {
    return wireName;
  }

  /** The kind with that wire name, if any. */
  public static Optional<PageKind> parse(String wireName) {
    return Arrays.stream(values()).filter(kind -> kind.wireName.equals(wireName)).findFirst();
  }
}
