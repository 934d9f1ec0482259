package nodyes.server.storefront;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import nodyes.server.web.Sha256;

/**
 * An answer as ready bytes.
 *
 * @param plain its bytes
 * @param gzip the same, compressed
 * @param etag strong validator of the plain bytes
 * @param validUntil until when it holds
 * @param isPublic whether caches on the way may keep it
 * @param reviewed ids of the products whose reviews it was made of
 * @param speaksOfSales whether it was made of what was sold too
 */
@SuppressWarnings("ArrayRecordComponent") // ready bytes that nobody changes
record CachedResponse(
    byte[] plain,
    byte[] gzip,
    String etag,
    Optional<Instant> validUntil,
    boolean isPublic,
    Set<Long> reviewed,
    boolean speaksOfSales) {
  private static final Duration LONGEST_LIFE = Duration.ofMinutes(5);
  private static final int ETAG_BYTES = 12;

  static CachedResponse of(
      byte[] plain,
      Optional<Instant> validUntil,
      boolean isPublic,
      Set<Long> reviewed,
      boolean speaksOfSales) {
    return new CachedResponse(
        plain, compressed(plain), etag(plain), validUntil, isPublic, reviewed, speaksOfSales);
  }

  boolean holdsAt(Instant now) {
    return validUntil.map(now::isBefore).orElse(true);
  }

  /** Fresh until it may differ, five minutes at most. */
  String cacheControl(Instant now) {
    Duration left = validUntil.map(end -> Duration.between(now, end)).orElse(LONGEST_LIFE);
    long seconds = Math.clamp(left.toSeconds(), 0, LONGEST_LIFE.toSeconds());
    return (isPublic ? "public" : "private") + ", max-age=" + seconds;
  }

  private static byte[] compressed(byte[] plain) {
    var bytes = new ByteArrayOutputStream();
    try (var gzip = new GZIPOutputStream(bytes)) {
      gzip.write(plain);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  static String etag(byte[] bytes) {
    return '"'
        + Base64.getUrlEncoder()
            .withoutPadding()
            .encodeToString(java.util.Arrays.copyOf(Sha256.of(bytes), ETAG_BYTES))
        + '"';
  }
}
