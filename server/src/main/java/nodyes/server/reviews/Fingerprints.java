package nodyes.server.reviews;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Fingerprint;

/** What tells reviews apart that came twice. */
public final class Fingerprints {
  private Fingerprints() {}

  /** Of 64 bits: among a million reviews the odds of two alike by chance are one in 20 million. */
  public static long of(long productId, Candidate review) {
    String told = productId + "|" + Fingerprint.of(review);
    return ByteBuffer.wrap(digest().digest(told.getBytes(StandardCharsets.UTF_8))).getLong();
  }

  private static MessageDigest digest() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}
