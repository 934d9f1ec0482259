package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.text.Normalizer;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.server.web.InTurn;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Judges and hashes passwords as NIST SP 800-63B has it (5.1.1.2 of revision 3; the length is that
 * of revision 4 where a password stands alone; both from memory): long, of any signs, none that is
 * known to be common or follows from who uses it, and no rule of what must be in it.
 */
@Component
class Passwords {
  static final int LEAST = 15;
  static final int MOST = 200;

  private static final String COMMON = "/common-passwords.txt";
  // OWASP Password Storage Cheat Sheet for PBKDF2-HMAC-SHA256 (from memory)
  private static final int ROUNDS = 600_000;
  private static final int SALT_BYTES = 16;
  private static final int HASH_BYTES = 32;

  /** Hashing takes a processor for long: strangers may not take all of them. */
  private static final int AT_ONCE = 2;

  private static final int PENDING = 20;

  private static final Duration PATIENCE = Duration.ofSeconds(10);
  private static final int LEAST_SIGNS = 5;
  private static final int LEAST_CONTEXT = 4;

  private final Pbkdf2PasswordEncoder encoder =
      new Pbkdf2PasswordEncoder(
          "",
          SALT_BYTES,
          ROUNDS,
          Pbkdf2PasswordEncoder.SecretKeyFactoryAlgorithm.PBKDF2WithHmacSHA256);
  private final InTurn hashing =
      new InTurn("passwords", AT_ONCE, PENDING, PATIENCE, "people.manySignIn");
  private final String decoy = unusable();
  private final Set<String> common;

  Passwords() {
    try (var lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(Passwords.class.getResourceAsStream(COMMON)),
                StandardCharsets.US_ASCII))) {
      common =
          lines
              .lines()
              .map(line -> line.toLowerCase(Locale.ROOT))
              .collect(Collectors.toUnmodifiableSet());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] chance(int bytes) {
    byte[] all = new byte[bytes];
    new SecureRandom().nextBytes(all);
    return all;
  }

  /**
   * What is wrong with a new password, if anything.
   *
   * @param about names that it may not be made of: the person's, the address, the shop's
   */
  Optional<String> fault(String password, List<String> about) {
    String plain = plain(password);
    int length = plain.codePointCount(0, plain.length());
    if (length < LEAST) {
      return Optional.of(text("people.passwordShort", "least", LEAST));
    }
    if (length > MOST) {
      return Optional.of(text("people.passwordLong", "most", MOST));
    }
    String lower = plain.toLowerCase(Locale.ROOT);
    if (lower.codePoints().distinct().count() < LEAST_SIGNS || isRow(lower)) {
      return Optional.of(text("people.passwordRow"));
    }
    if (isCommon(lower)) {
      return Optional.of(text("people.passwordCommon"));
    }
    String letters = lower.replaceAll("[\\d\\p{Punct}\\s]+", "");
    boolean isAbout =
        about.stream()
            .map(word -> word.toLowerCase(Locale.ROOT))
            .map(word -> word.replaceAll("[\\d\\p{Punct}\\s]+", ""))
            .filter(word -> word.length() >= LEAST_CONTEXT)
            .anyMatch(word -> letters.replace(word, "").length() < LEAST_CONTEXT);
    return isAbout ? Optional.of(text("people.passwordName")) : Optional.empty();
  }

  /** Whether each sign follows the one before it in the alphabet or by number, up or down. */
  private static boolean isRow(String text) {
    int[] signs = text.codePoints().toArray();
    int steps = 0;
    for (int i = 1; i < signs.length; i++) {
      steps += Math.abs(signs[i] - signs[i - 1]) <= 1 ? 1 : 0;
    }
    return steps >= signs.length - 3;
  }

  /** Whether it is common itself, with figures or marks at its ends, or one repeated. */
  private boolean isCommon(String lower) {
    String core = lower.replaceAll("^[\\d\\p{Punct}\\s]+|[\\d\\p{Punct}\\s]+$", "");
    if (common.contains(lower) || common.contains(core)) {
      return true;
    }
    String joined = lower.replaceAll("[\\p{Punct}\\s]+", "");
    for (int length = 1; length <= joined.length() / 2; length++) {
      String part = joined.substring(0, length);
      if (joined.length() % length == 0 && part.repeat(joined.length() / length).equals(joined)) {
        return true;
      }
    }
    return false;
  }

  /** A hash that no password is known for. */
  String unusable() {
    return HexFormat.of().formatHex(chance(SALT_BYTES + HASH_BYTES));
  }

  String hash(String password) {
    return hashing.run(() -> Objects.requireNonNull(encoder.encode(plain(password))));
  }

  /** Whether a password is the one hashed; takes as long where there is none. */
  boolean fits(String password, Optional<String> hash) {
    if (password.length() > MOST * 2) {
      return false;
    }
    return hashing.run(() -> encoder.matches(plain(password), hash.orElse(decoy)));
  }

  /** The same words typed on another keyboard are the same password (NIST: NFKC). */
  private static String plain(String password) {
    return Normalizer.normalize(password, Normalizer.Form.NFKC);
  }
}
