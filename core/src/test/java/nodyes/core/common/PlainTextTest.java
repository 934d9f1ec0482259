package nodyes.core.common;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlainTextTest {
  @DataProvider
  Object[][] texts() {
    return new Object[][] {
      {"Good pot", "Good pot"},
      {"one\ntwo\tthree", "one\ntwo\tthree"},
      {"one\r\ntwo\rthree", "one\ntwo\nthree"},
      {"a\u0000b\u0007c\u001bd\u007fe\u0085f", "abcdef"},
      // the trick of UAX #9: what stands behind is read from right to left
      {"fine \u202esdrawkcab\u202c end", "fine sdrawkcab end"},
      {"\u2066isolated\u2069 \u2067and\u2068", "isolated and"},
      // joiners and marks that languages and emoji need stay
      {"\u200fשלום\u200e 👩\u200d🌾 ಕ್\u200cಷ", "\u200fשלום\u200e 👩\u200d🌾 ಕ್\u200cಷ"},
    };
  }

  @Test(dataProvider = "texts")
  public void signsThatAreNoTextGo(String text, String plain) {
    assertEquals(PlainText.of(text), plain);
  }

  /** Beside Java's own categories: of Cc only tab and line feed are left, nothing else is lost. */
  @Test
  public void whateverIsWrittenNoControlIsLeft() {
    var random = new Random(5);
    for (int i = 0; i < 20_000; i++) {
      String text =
          random
              .ints(20, 0, 0x3000)
              .filter(sign -> !Character.isSurrogate((char) sign))
              .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
              .toString();
      String plain = PlainText.of(text);
      assertFalse(
          plain
              .chars()
              .anyMatch(
                  sign ->
                      Character.getType(sign) == Character.CONTROL && "\t\n".indexOf(sign) < 0));
      assertEquals(PlainText.of(plain), plain);
    }
  }
}
