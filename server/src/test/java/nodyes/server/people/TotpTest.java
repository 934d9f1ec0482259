package nodyes.server.people;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TotpTest {
  /** RFC 6238, Appendix B: the rows of SHA1, eight digits, secret "12345678901234567890". */
  @DataProvider
  Object[][] rfc6238() {
    return new Object[][] {
      {59L, "94287082"},
      {1111111109L, "07081804"},
      {1111111111L, "14050471"},
      {1234567890L, "89005924"},
      {2000000000L, "69279037"},
      {20000000000L, "65353130"},
    };
  }

  private static String secret() {
    // "12345678901234567890" in base32, as in many examples of the standard
    return "GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ";
  }

  @Test(dataProvider = "rfc6238")
  public void codesAreThoseOfTheStandard(long second, String code) {
    assertEquals(Totp.code(secret(), second / 30, 8), code);
    assertEquals(Totp.code(secret(), Instant.ofEpochSecond(second)), code.substring(2));
  }

  /** RFC 4226, Appendix D. */
  @Test
  public void countedCodesAreThoseOfTheStandard() {
    String[] codes = {"755224", "287082", "359152", "969429", "338314", "254676", "287922"};
    for (int i = 0; i < codes.length; i++) {
      assertEquals(Totp.code(secret(), i, 6), codes[i]);
    }
  }

  @Test
  public void aCodeHoldsForAStepBeforeAndAfterAndNoLonger() {
    Instant now = Instant.ofEpochSecond(1111111109L);
    String code = Totp.code(secret(), now);
    assertTrue(Totp.step(secret(), code, now).isPresent());
    assertTrue(
        Totp.step(secret(), " " + code.substring(0, 3) + " " + code.substring(3), now).isPresent());
    assertTrue(Totp.step(secret(), code, now.plusSeconds(30)).isPresent());
    assertTrue(Totp.step(secret(), code, now.minusSeconds(30)).isPresent());
    assertFalse(Totp.step(secret(), code, now.plusSeconds(61)).isPresent());
    assertFalse(Totp.step(secret(), code, now.minusSeconds(61)).isPresent());
    assertFalse(Totp.step(secret(), "", now).isPresent());
    assertFalse(Totp.step(secret(), "٠١٢٣٤٥", now).isPresent());
  }
}
