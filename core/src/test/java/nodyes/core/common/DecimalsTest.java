package nodyes.core.common;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.math.BigDecimal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DecimalsTest {
  @DataProvider
  Object[][] numbers() {
    return new Object[][] {{"0"}, {"-3"}, {"12.50"}, {"1e3"}, {"4.75E+1"}, {"1e-20"}};
  }

  @Test(dataProvider = "numbers")
  public void numbersAreRead(String text) {
    assertEquals(Decimals.of(text), new BigDecimal(text));
  }

  @DataProvider
  Object[][] none() {
    return new Object[][] {
      {""}, {"five"}, {"1e999999999"}, {"-1e999999999"}, {"1e-999999999"}, {"9".repeat(101)}
    };
  }

  @Test(dataProvider = "none", timeOut = 5_000)
  public void whatWouldFillTheMemoryIsNoNumber(String text) {
    assertThrows(NumberFormatException.class, () -> Decimals.of(text));
  }
}
