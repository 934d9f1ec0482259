package nodyes.server.people;

import java.net.URLEncoder;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.OptionalLong;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/**
 * Codes that change with time: TOTP (RFC 6238) over HOTP (RFC 4226) with HMAC-SHA1, six digits and
 * steps of 30 seconds, which every app for such codes reads. Secrets are written in base32 (RFC
 * 4648, 6).
 */
final class Totp {
  private static final Duration STEP = Duration.ofSeconds(30);
  private static final int DIGITS = 6;
  private static final int SECRET_BYTES = 20;
  private static final Base32 BASE32 = new Base32();

  /** A code of the step before or after counts too: clocks differ (RFC 6238, 5.2). */
  private static final int DRIFT = 1;

  private Totp() {}

  static String newSecret() {
    byte[] bytes = new byte[SECRET_BYTES];
    new SecureRandom().nextBytes(bytes);
    return BASE32.encodeToString(bytes).replace("=", "");
  }

  /** The step whose code was given, if it is one of now. */
  static OptionalLong step(String secret, String code, Instant now) {
    String given = code.replaceAll("\\s", "");
    long step = now.getEpochSecond() / STEP.toSeconds();
    OptionalLong found = OptionalLong.empty();
    for (long each = step - DRIFT; each <= step + DRIFT; each++) {
      // all are compared, so that time tells nothing
      if (java.security.MessageDigest.isEqual(bytes(code(secret, each, DIGITS)), bytes(given))) {
        found = OptionalLong.of(each);
      }
    }
    return found;
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /** The code of an instant. */
  static String code(String secret, Instant at) {
    return code(secret, at.getEpochSecond() / STEP.toSeconds(), DIGITS);
  }

  /** RFC 4226, 5.3: dynamic truncation. */
  static String code(String secret, long step, int digits) {
    try {
      Mac mac = Mac.getInstance("HmacSHA1");
      mac.init(new SecretKeySpec(BASE32.decode(secret), "HmacSHA1"));
      byte[] hash = mac.doFinal(ByteBuffer.allocate(Long.BYTES).putLong(step).array());
      int offset = hash[hash.length - 1] & 0x0f;
      int number = ByteBuffer.wrap(hash).getInt(offset) & 0x7fffffff;
      return String.format(Locale.ROOT, "%0" + digits + "d", number % (long) Math.pow(10, digits));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("Every Java has HmacSHA1", e);
    }
  }

  /** The address that an app reads, as from a QR code (the key URI format; common practice). */
  static String address(String shop, String email, String secret) {
    return "otpauth://totp/"
        + encoded(shop + ":" + email)
        + "?secret="
        + secret
        + "&issuer="
        + encoded(shop);
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
  }
}
