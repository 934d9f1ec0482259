package nodyes.server.pages;

import static org.testng.Assert.assertEquals;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** CSP Level 3, frame-ancestors, and RFC 7034, X-Frame-Options, which gives way to it. */
public class FramePolicyTest {
  private static final String SHOP = "https://shop.example";
  private static final String OFFICE = "https://office.example:8080";

  @DataProvider
  Object[][] headers() {
    return new Object[][] {
      {null, null, true},
      {null, "DENY", false},
      {null, "deny", false},
      {null, "SAMEORIGIN", false},
      {"default-src 'self'", null, true},
      {"frame-ancestors 'none'", null, false},
      {"frame-ancestors 'self'", null, false},
      {"default-src 'self'; frame-ancestors 'self' https://office.example:8080", "DENY", true},
      {"frame-ancestors *", "DENY", true},
      {"frame-ancestors https:", null, true},
      {"frame-ancestors http:", null, false},
      {"frame-ancestors office.example:*", null, true},
      {"frame-ancestors *.example", null, false},
      {"frame-ancestors https://another.example", null, false},
    };
  }

  @Test(dataProvider = "headers")
  public void aPageSaysWhoMayFrameIt(String policy, String options, boolean allowed) {
    FramePolicy framing =
        FramePolicy.of(Optional.ofNullable(policy), Optional.ofNullable(options), SHOP, OFFICE);
    assertEquals(framing.isAllowed(), allowed, framing.because());
    assertEquals(framing.because().isEmpty(), allowed);
  }

  @Test
  public void theSameOriginMayFrameItself() {
    assertEquals(
        FramePolicy.of(Optional.empty(), Optional.of("SAMEORIGIN"), SHOP, SHOP).isAllowed(), true);
    assertEquals(
        FramePolicy.of(Optional.of("frame-ancestors 'self'"), Optional.empty(), SHOP, SHOP)
            .isAllowed(),
        true);
  }
}
