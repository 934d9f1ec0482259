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
import nodyes.server.database.Topic;
import nodyes.server.web.Sha256;

/**
 * An answer as ready bytes.
 *
 * @param plain its bytes
 * @param gzip the same, compressed
 * @param etag strong validator of the plain bytes
 * @param validUntil until when it holds
 * @param keptBy who may keep it
 * @param madeOf what it is as new as
 */
@SuppressWarnings("ArrayRecordComponent") // ready bytes that nobody changes
record CachedResponse(
    byte[] plain,
    byte[] gzip,
    String etag,
    Optional<Instant> validUntil,
    KeptBy keptBy,
    MadeOf madeOf) {
  private static final Duration LONGEST_LIFE = Duration.ofMinutes(5);
  private static final int ETAG_BYTES = 12;

  /** Who may keep an answer. */
  enum KeptBy {
    /** Caches on the way too. */
    ALL("public", "Accept-Encoding"),
    /** The browser that asked. */
    BROWSER("private", "Accept-Encoding, Accept-Language");

    private final String directive;
    private final String vary;

    KeptBy(String directive, String vary) {
      this.directive = directive;
      this.vary = vary;
    }

    /** The headers of a request on which the answer depends (RFC 9110 section 12.5.5). */
    String vary() {
      return vary;
    }
  }

  /**
   * What an answer was made of.
   *
   * @param topics stored state of the whole shop
   * @param reviewed ids of the products whose reviews are in it
   */
  record MadeOf(Set<Topic> topics, Set<Long> reviewed) {}

  static CachedResponse of(
      byte[] plain, Optional<Instant> validUntil, KeptBy keptBy, MadeOf madeOf) {
    return new CachedResponse(plain, compressed(plain), etag(plain), validUntil, keptBy, madeOf);
  }

  boolean holdsAt(Instant now) {
    return validUntil.map(now::isBefore).orElse(true);
  }

  /** Fresh until it may differ, five minutes at most. */
  String cacheControl(Instant now) {
    Duration left = validUntil.map(end -> Duration.between(now, end)).orElse(LONGEST_LIFE);
    long seconds = Math.clamp(left.toSeconds(), 0, LONGEST_LIFE.toSeconds());
    return keptBy.directive + ", max-age=" + seconds;
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
