package nodyes.server.tabular;

import static nodyes.server.messages.Texts.text;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import nodyes.server.web.ApiProblem;

/** Tells the encoding of a text file from its bytes. */
final class EncodingDetector {
  private static final int HEAD = 8192;
  private static final int MOST_ZEROS = 8;
  static final Charset WINDOWS_1252 = Charset.forName("windows-1252");

  private EncodingDetector() {}

  /**
   * The encoding: by its byte order mark; UTF-16 by where its zero bytes lie; UTF-8 if all of it is
   * well formed; else windows-1252, which holds Latin-1. Refuses what is not text.
   */
  static Charset of(Path file) throws IOException {
    byte[] head;
    try (InputStream in = Files.newInputStream(file)) {
      head = in.readNBytes(HEAD);
    }
    if (startsWith(head, 0xFF, 0xFE)) {
      return StandardCharsets.UTF_16LE;
    }
    if (startsWith(head, 0xFE, 0xFF)) {
      return StandardCharsets.UTF_16BE;
    }
    int evenZeros = zeros(head, 0);
    int oddZeros = zeros(head, 1);
    if (evenZeros + oddZeros > 0) {
      if (oddZeros > head.length / 8 && evenZeros == 0) {
        return StandardCharsets.UTF_16LE;
      }
      if (evenZeros > head.length / 8 && oddZeros == 0) {
        return StandardCharsets.UTF_16BE;
      }
      // a few of them are slips of whatever wrote a text, and cost their rows alone
      if (evenZeros + oddZeros > MOST_ZEROS || !isElseText(head)) {
        throw ApiProblem.unusable(text("imports.notText"));
      }
    }
    return isUtf8(file) ? StandardCharsets.UTF_8 : WINDOWS_1252;
  }

  static boolean startsWith(byte[] bytes, int... start) {
    return bytes.length >= start.length
        && Arrays.equals(Arrays.copyOf(bytes, start.length), toBytes(start));
  }

  private static byte[] toBytes(int[] values) {
    var bytes = new byte[values.length];
    for (int i = 0; i < values.length; i++) {
      bytes[i] = (byte) values[i];
    }
    return bytes;
  }

  /** Whether no other sign stands in it that no text has. */
  private static boolean isElseText(byte[] head) {
    for (byte one : head) {
      boolean isControl = one > 0 && one < ' ' && one != '\t' && one != '\n' && one != '\r';
      if (isControl) {
        return false;
      }
    }
    return true;
  }

  private static int zeros(byte[] bytes, int offset) {
    int zeros = 0;
    for (int i = offset; i < bytes.length; i += 2) {
      zeros += bytes[i] == 0 ? 1 : 0;
    }
    return zeros;
  }

  private static boolean isUtf8(Path file) throws IOException {
    var decoder =
        StandardCharsets.UTF_8
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .onUnmappableCharacter(CodingErrorAction.REPORT);
    var bytes = ByteBuffer.allocate(1 << 16);
    var chars = CharBuffer.allocate(1 << 16);
    try (var in = new BufferedInputStream(Files.newInputStream(file))) {
      boolean end = false;
      while (!end) {
        int read = in.read(bytes.array(), bytes.position(), bytes.remaining());
        end = read < 0;
        bytes.position(bytes.position() + Math.max(0, read)).flip();
        if (decoder.decode(bytes, chars.clear(), end).isError()) {
          return false;
        }
        bytes.compact();
      }
    }
    return true;
  }
}
