package nodyes.server.web;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Hashes (FIPS 180-4) without the exception that no Java has a reason for. */
public final class Sha256 {
  private Sha256() {}

  /** The 32 bytes. */
  public static byte[] of(byte[] content) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(content);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }

  /** The 32 bytes of a text in UTF-8. */
  public static byte[] of(String text) {
    return of(text.getBytes(StandardCharsets.UTF_8));
  }

  /** The first bytes of a hash as hexadecimal digits, two to a byte. */
  public static String hex(byte[] hash, int bytes) {
    return HexFormat.of().formatHex(hash, 0, bytes);
  }
}
