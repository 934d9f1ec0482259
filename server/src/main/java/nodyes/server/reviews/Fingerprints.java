package nodyes.server.reviews;

import java.nio.ByteBuffer;
import nodyes.core.imports.Fingerprint;
import nodyes.core.imports.ImportedReview;
import nodyes.server.web.Sha256;

/** What tells reviews apart that came twice. */
public final class Fingerprints {
  private Fingerprints() {}

  /** Of 64 bits: among a million reviews the odds of two alike by chance are one in 20 million. */
  public static long of(long productId, ImportedReview review) {
    String told = productId + "|" + Fingerprint.of(review);
    return ByteBuffer.wrap(Sha256.of(told)).getLong();
  }
}
