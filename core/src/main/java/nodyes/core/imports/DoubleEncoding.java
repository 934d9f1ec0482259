package nodyes.core.imports;

import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/**
 * Text that was written in UTF-8 and read as Windows-1252, such as {@code doesnâ€™t} and {@code
 * RenÃ©e}, and how it was meant.
 */
public final class DoubleEncoding {
  private static final int LAST_OF_LATIN = 0xFF;
  private static final int FIRST_LEAD = 0xC2;
  private static final int LAST_LEAD = 0xF4;
  private static final int TOP_BITS = 0xC0;
  private static final int CONTINUES = 0x80;

  /** The bytes 80 to 9F by the signs that Windows-1252 has there. */
  private static final Map<Character, Integer> HIGH = high();

  private DoubleEncoding() {}

  private static Map<Character, Integer> high() {
    var bytes = new HashMap<Character, Integer>();
    Charset windows = Charset.forName("windows-1252");
    for (int value = 0x80; value <= 0x9F; value++) {
      char sign = windows.decode(ByteBuffer.wrap(new byte[] {(byte) value})).charAt(0);
      if (sign != '\uFFFD') {
        bytes.put(sign, value);
      }
    }
    return Map.copyOf(bytes);
  }

  /**
   * The text as it was meant: each run of signs that is a sign of UTF-8, byte by byte, is that
   * sign. The same text where there is none.
   */
  public static String mended(String text) {
    if (text.chars().noneMatch(sign -> sign >= FIRST_LEAD && sign <= LAST_LEAD)) {
      return text;
    }
    var mended = new StringBuilder(text.length());
    int from = 0;
    while (from < text.length()) {
      int length = signLength(text, from);
      mended.append(length > 0 ? sign(text, from, length) : text.substring(from, from + 1));
      from += Math.max(1, length);
    }
    return mended.toString();
  }

  /** How many signs from here are the bytes of one sign; 0 where they are none. */
  private static int signLength(String text, int from) {
    int lead = value(text.charAt(from));
    if (lead < FIRST_LEAD || lead > LAST_LEAD) {
      return 0;
    }
    int length = lead < 0xE0 ? 2 : lead < 0xF0 ? 3 : 4;
    if (from + length > text.length()) {
      return 0;
    }
    for (int i = 1; i < length; i++) {
      if ((value(text.charAt(from + i)) & TOP_BITS) != CONTINUES) {
        return 0;
      }
    }
    return sign(text, from, length).isEmpty() ? 0 : length;
  }

  /** The sign that bytes are; empty where they are none, as of a surrogate or of too many bytes. */
  private static String sign(String text, int from, int length) {
    var bytes = new byte[length];
    for (int i = 0; i < length; i++) {
      bytes[i] = (byte) value(text.charAt(from + i));
    }
    try {
      CharBuffer sign = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
      return Character.isISOControl(sign.charAt(0)) ? "" : sign.toString();
    } catch (CharacterCodingException e) {
      return "";
    }
  }

  /** The byte that a sign was read from; 0 where it is from none. */
  private static int value(char sign) {
    return sign <= LAST_OF_LATIN ? sign : HIGH.getOrDefault(sign, 0);
  }
}
