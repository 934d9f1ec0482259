package nodyes.server.assets;

import static nodyes.server.messages.Texts.text;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.web.ApiProblem;

/**
 * What the uncompressed front of a font file tells (W3C WOFF File Format 2.0, sections 4.1 and
 * 4.2), so that what is no font or is cut off is refused; browsers check all else themselves before
 * use.
 *
 * @param tables the tags of its tables; those that are known by number are empty but for {@code
 *     fvar}
 */
record Woff2Header(List<String> tables) {
  private static final int SIGNATURE = 0x774F4632;
  private static final int HEADER = 48;
  private static final int LARGEST_UNPACKED = 30_000_000;

  /** A tag that is written out follows, in place of a number. */
  private static final int ARBITRARY = 63;

  private static final int GLYF = 10;
  private static final int LOCA = 11;
  private static final int FVAR = 47;
  private static final String VARIATIONS = "fvar";

  /**
   * Reads it.
   *
   * @throws Refusal where it is no font that can be used
   */
  static Woff2Header read(byte[] content) {
    ByteBuffer file = ByteBuffer.wrap(content);
    if (content.length < HEADER || file.getInt(0) != SIGNATURE) {
      throw ApiProblem.unusable(text("assets.notWoff2"));
    }
    long length = Integer.toUnsignedLong(file.getInt(8));
    int tables = Short.toUnsignedInt(file.getShort(12));
    long unpacked = Integer.toUnsignedLong(file.getInt(16));
    long packed = Integer.toUnsignedLong(file.getInt(20));
    if (length != content.length || packed > length) {
      throw ApiProblem.unusable(
          text("assets.fontCut", "expected", length, "bytes", content.length));
    }
    if (tables == 0 || file.getShort(14) != 0) {
      throw unreadable();
    }
    if (unpacked > LARGEST_UNPACKED) {
      throw ApiProblem.unusable(text("assets.fontUnpacked"));
    }
    return directory(file.position(HEADER), tables);
  }

  /** Whether one file holds all weights: it has a table of variations (OpenType, 'fvar'). */
  boolean isVariable() {
    return tables.contains(VARIATIONS);
  }

  private static Woff2Header directory(ByteBuffer file, int tables) {
    var tags = new ArrayList<String>();
    try {
      for (int i = 0; i < tables; i++) {
        int flags = Byte.toUnsignedInt(file.get());
        int known = flags & ARBITRARY;
        tags.add(known == ARBITRARY ? tag(file) : known == FVAR ? VARIATIONS : "");
        number(file);
        // these two are changed unless they say otherwise; all others only if they say so
        boolean isOutline = known == GLYF || known == LOCA;
        if (isOutline ? flags >> 6 != 3 : flags >> 6 != 0) {
          number(file);
        }
      }
    } catch (BufferUnderflowException e) {
      throw unreadable();
    }
    return new Woff2Header(List.copyOf(tags));
  }

  private static String tag(ByteBuffer file) {
    byte[] tag = new byte[4];
    file.get(tag);
    return new String(tag, StandardCharsets.US_ASCII);
  }

  /** Seven bits to a byte, the highest bit set on all but the last (UIntBase128). */
  private static void number(ByteBuffer file) {
    for (int i = 0; i < 5; i++) {
      if (file.get() >= 0) {
        return;
      }
    }
    throw unreadable();
  }

  private static ApiProblem unreadable() {
    return ApiProblem.unusable(text("assets.fontHeader"));
  }
}
