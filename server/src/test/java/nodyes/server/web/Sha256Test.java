package nodyes.server.web;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Examples of NIST for SHA-256 (FIPS 180-4); the values are from memory. */
public class Sha256Test {
  @DataProvider
  public Object[][] examples() {
    return new Object[][] {
      {"", "e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855"},
      {"abc", "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad"},
      {
        "abcdbcdecdefdefgefghfghighijhijkijkljklmklmnlmnomnopnopq",
        "248d6a61d20638b8e5c026930c3e6039a33ce45964ff2167f6ecedd419db06c1"
      },
    };
  }

  @Test(dataProvider = "examples")
  public void hashesAreThoseOfTheStandard(String text, String hash) {
    assertEquals(Sha256.hex(Sha256.of(text), 32), hash);
    assertEquals(Sha256.hex(Sha256.of(text), 4), hash.substring(0, 8));
  }
}
