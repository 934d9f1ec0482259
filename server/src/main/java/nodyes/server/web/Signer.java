package nodyes.server.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import nodyes.server.ServerSettings;
import org.springframework.stereotype.Component;

/**
 * Signs what is handed out and comes back: HMAC-SHA256 (RFC 2104) under a secret of this
 * installation. What is signed for one purpose is worth nothing for another.
 */
@Component
public class Signer {
  private static final int SECRET_BYTES = 32;
  private static final Base64.Encoder TEXT = Base64.getUrlEncoder().withoutPadding();

  private final SecretKeySpec secret;

  /** With the secret of a data folder; made where there is none. */
  public Signer(ServerSettings settings) {
    this.secret =
        new SecretKeySpec(secret(settings.data().resolve("signing.secret")), "HmacSHA256");
  }

  /** The signature of a text for a purpose, in letters that an address can carry. */
  public String sign(String purpose, String text) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(secret);
      return TEXT.encodeToString(
          mac.doFinal((purpose + "\n" + text).getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("Every Java has HmacSHA256", e);
    }
  }

  /** Whether a signature is ours; takes as long for a wrong one as for a right one. */
  public boolean isSigned(String purpose, String text, String signature) {
    return MessageDigest.isEqual(
        sign(purpose, text).getBytes(StandardCharsets.UTF_8),
        signature.getBytes(StandardCharsets.UTF_8));
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
      throw new UncheckedIOException("The secret to sign with cannot be kept: " + file, e);
    }
  }
}
