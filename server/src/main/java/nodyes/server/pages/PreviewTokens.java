package nodyes.server.pages;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import nodyes.server.ServerSettings;
import org.springframework.stereotype.Component;

/**
 * Signed tokens that let their bearer see drafts and other moments: an end and its HMAC-SHA256 (RFC
 * 2104) under a secret of this installation. Nothing is stored of them.
 */
@Component
public class PreviewTokens {
  private static final Duration LIFE = Duration.ofHours(12);
  private static final Duration A_DAY = Duration.ofHours(24);
  private static final int SECRET_BYTES = 32;
  private static final Base64.Encoder TEXT = Base64.getUrlEncoder().withoutPadding();

  private final Clock clock;
  private final SecretKeySpec secret;

  /** A token and the instant at which it ends. */
  public record PreviewToken(String token, Instant endsAt) {}

  PreviewTokens(Clock clock, ServerSettings settings) {
    this.clock = clock;
    this.secret =
        new SecretKeySpec(secret(settings.data().resolve("preview.secret")), "HmacSHA256");
  }

  /** A new token for the back office's own frames. */
  public PreviewToken issue() {
    return issue(LIFE);
  }

  /** A new token for a link that is handed on; it ends after a day. */
  PreviewToken share() {
    return issue(A_DAY);
  }

  private PreviewToken issue(Duration life) {
    Instant end = clock.instant().plus(life);
    String ends = Long.toString(end.getEpochSecond(), Character.MAX_RADIX);
    return new PreviewToken(
        ends + "." + signature(ends), Instant.ofEpochSecond(end.getEpochSecond()));
  }

  /** Whether the token was issued here and has not ended. */
  public boolean isValid(String token) {
    int dot = token.indexOf('.');
    if (dot <= 0) {
      return false;
    }
    String ends = token.substring(0, dot);
    boolean ours =
        MessageDigest.isEqual(
            signature(ends).getBytes(StandardCharsets.UTF_8),
            token.substring(dot + 1).getBytes(StandardCharsets.UTF_8));
    return ours && clock.instant().getEpochSecond() < Long.parseLong(ends, Character.MAX_RADIX);
  }

  private String signature(String text) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(secret);
      return TEXT.encodeToString(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("Every Java has HmacSHA256", e);
    }
  }

  private static byte[] secret(Path file) {
    try {
      if (!Files.exists(file)) {
        var bytes = new byte[SECRET_BYTES];
        new SecureRandom().nextBytes(bytes);
        Files.createFile(
            file,
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.write(file, bytes);
      }
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw new UncheckedIOException("The preview secret cannot be kept: " + file, e);
    }
  }
}
