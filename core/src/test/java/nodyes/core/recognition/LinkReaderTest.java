package nodyes.core.recognition;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Links of shops as they are commonly built (common practice). */
public class LinkReaderTest {
  private static final Set<String> CATEGORIES = Set.of("planters", "seeds", "tools");

  private static Optional<String> listing(String... paths) {
    return LinkReader.listing(List.of(paths), CATEGORIES::contains).map(AddressPattern::template);
  }

  @Test
  public void listingsAreAddressedAsMostLinksToCategoriesAre() {
    assertEquals(
        listing("/blog/seeds", "/c/planters?sort=new", "/c/seeds", "/p/jar", "/"),
        Optional.of("/c/{category}"));
    assertEquals(listing("/planters.html"), Optional.of("/{category}.html"));
    assertEquals(listing("/en/shop/tools/"), Optional.of("/en/shop/{category}/"));
    assertEquals(listing("/about", "/planters-of-the-year"), Optional.empty());
  }

  @DataProvider
  Object[][] baskets() {
    return new Object[][] {
      {"/basket"},
      {"/cart/"},
      {"/de/warenkorb"},
      {"/checkout-cart.html"},
      {"/mi-carrito"},
      {"/view_bag.php?from=menu"},
    };
  }

  @Test(dataProvider = "baskets")
  public void aBasketIsCalledOne(String path) {
    assertEquals(
        LinkReader.basket(List.of("/", "/products/shopping-bag", path))
            .map(AddressPattern::template),
        Optional.of(path.split("\\?")[0]));
  }

  @Test
  public void aProductThatIsABagIsNoBasket() {
    assertEquals(
        LinkReader.basket(List.of("/products/shopping-bag", "/bags/canvas", "/cart/add/12")),
        Optional.empty());
  }
}
