package nodyes.simulators.shop;

import static org.testng.Assert.assertEquals;

import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BasketTest {
  @DataProvider
  Object[][] cookies() {
    return new Object[][] {
      {null, Map.of()},
      {"", Map.of()},
      {"A*2", Map.of("A", 2)},
      {"A*2.B*1", Map.of("A", 2, "B", 1)},
      {"A", Map.of()},
      {"A*x", Map.of()},
      {"A*2*3", Map.of()},
      {"A*999", Map.of()},
      {"..*.A*1", Map.of("A", 1)},
    };
  }

  @Test(dataProvider = "cookies")
  public void aCookieIsReadAndWhatIsMalformedIsPassedOver(
      String cookie, Map<String, Integer> quantities) {
    assertEquals(Basket.parse(cookie).quantities(), quantities);
  }

  @Test
  public void itGrowsToABoundAndShrinks() {
    Basket basket = Basket.parse("A*2").plus("A", 3).plus("B", 1);
    assertEquals(basket.text(), "A*5.B*1");
    assertEquals(basket.count(), 6);
    assertEquals(basket.without("A").text(), "B*1");
    assertEquals(basket.plus("A", 98).quantities().get("A"), Integer.valueOf(99));
    assertEquals(Basket.parse(basket.text()), basket);
  }
}
