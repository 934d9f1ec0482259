package nodyes.server.reviews;

import java.nio.ByteBuffer;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Fingerprint;
import nodyes.server.web.Sha256;

/** What tells reviews apart that came twice. */
public final class Fingerprints {
  private Fingerprints() {}

  /** Of 64 bits: among a million reviews the odds of two alike by chance are one in 20 million. */
  public static long of(long productId, Candidate review) {
    String told = productId + "|" + Fingerprint.of(review);
    return ByteBuffer.wrap(Sha256.of(told)).getLong();
  }
}
