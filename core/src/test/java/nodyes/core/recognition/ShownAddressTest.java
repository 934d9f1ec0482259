package nodyes.core.recognition;

import static org.testng.Assert.assertEquals;

import nodyes.core.nod.PageKind;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What of an address is kept. */
public class ShownAddressTest {
  @DataProvider
  Object[][] addresses() {
    return new Object[][] {
      {"/products/celadon-planter", "/products/celadon-planter"},
      {"/p/4410-slate?size=PL-SLA-30", "/p/4410-slate?size=PL-SLA-30"},
      {"/a-rather-long-name-of-a-product-in-20-words-and-more", null},
      {"/password/9fK2mPq8Zx4LtR7vWc1Bn5", "/password/…"},
      {"/invite/6f1d3c5e-7a2b-4c8d-9e0f-1a2b3c4d5e6f", "/invite/…"},
      {"/leave/someone@shop.example", "/leave/…"},
      {"/leave?mail=someone%40shop.example", "/leave?mail=…"},
      {"/item?id=12345#reviews", "/item?id=12345"},
      {"/", "/"},
    };
  }

  @Test(dataProvider = "addresses")
  public void leavesOutWhatCouldBeASecretOrNameAPerson(String address, String shown) {
    assertEquals(ShownAddress.of(address), shown == null ? address : shown);
  }

  @Test
  public void ofAConfirmationEveryNumberIsLeftOut() {
    assertEquals(
        ShownAddress.of("/thank-you/Q-22157?order=22157", PageKind.CONFIRMATION),
        "/thank-you/…?order=…");
    assertEquals(
        ShownAddress.of("/products/oat-trough-30", PageKind.PRODUCT), "/products/oat-trough-30");
  }

  @Test
  public void isNoLongerThanAnyoneReads() {
    assertEquals(ShownAddress.of("/" + "long-".repeat(200)).length(), 300);
  }
}
