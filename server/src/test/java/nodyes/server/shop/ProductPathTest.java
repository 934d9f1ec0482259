package nodyes.server.shop;

import static org.testng.Assert.assertEquals;

import java.time.ZoneOffset;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ProductPathTest {
  @DataProvider
  Object[][] paths() {
    return new Object[][] {
      {"/products/{product}", "/products/pot"},
      {"/products/{product}?variant={variant}", "/products/pot"},
      {"/p?id={product}&sku={variant}", "/p?id=pot"},
    };
  }

  @Test(dataProvider = "paths")
  public void withoutAChoiceNoVariantIsNamed(String path, String page) {
    var settings =
        new ShopSettings("Shop", "key", "EUR", ZoneOffset.UTC, "", path, "/c/{category}", "/b");
    assertEquals(settings.productPage("pot"), page);
  }
}
