package nodyes.server.shop;

import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.HexFormat;
import java.util.Optional;
import nodyes.server.ServerSettings;
import nodyes.server.web.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.stereotype.Component;

/** Who may sign in, and the first of them. */
@Component
public class People {
  // without letters and digits that look alike
  private static final String CODE_LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";
  private static final int CODE_LENGTH = 12;
  // OWASP Password Storage Cheat Sheet for PBKDF2-HMAC-SHA256 (from memory)
  private static final int PBKDF2_ROUNDS = 600_000;
  private static final int SALT_BYTES = 16;
  private static final int HASH_BYTES = 32;

  private final ShopStore store;
  private final Clock clock;
  private final PasswordEncoder passwords =
      new Pbkdf2PasswordEncoder(
          "",
          SALT_BYTES,
          PBKDF2_ROUNDS,
          Pbkdf2PasswordEncoder.SecretKeyFactoryAlgorithm.PBKDF2WithHmacSHA256);
  // a salt and a hash by chance, that no password is known for and that are checked as any are
  private final String decoyHash = HexFormat.of().formatHex(chance(SALT_BYTES + HASH_BYTES));
  private volatile Optional<String> firstRunCode = Optional.empty();

  People(ShopStore store, Clock clock, ServerSettings settings) {
    this.store = store;
    this.clock = clock;
    if (!settings.demo() && !store.hasPeople()) {
      firstRunCode = Optional.of(newCode());
    }
  }

  /** What makes whoever gives it the owner, while there is none. It belongs in no log. */
  public Optional<String> firstRunCode() {
    return firstRunCode;
  }

  boolean awaitsOwner() {
    return firstRunCode.isPresent();
  }

  /** Makes the owner; the code works once. */
  synchronized Person makeOwner(String code, String name, String email, String password) {
    String expected =
        firstRunCode.orElseThrow(
            () -> new Refusal(HttpStatus.CONFLICT, "This shop has an owner already; sign in."));
    String given = code.toUpperCase(java.util.Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    String wanted = expected.replace("-", "");
    if (!MessageDigest.isEqual(bytes(given), bytes(wanted))) {
      throw new Refusal(HttpStatus.FORBIDDEN, "That is not the code printed at the start.");
    }
    var owner = new Person(plain(email), name.strip(), passwords.encode(password));
    store.add(owner, clock.instant());
    firstRunCode = Optional.empty();
    return owner;
  }

  /** The person with that address and password; takes as long where there is none. */
  Optional<Person> check(String email, String password) {
    Optional<Person> person = store.person(plain(email));
    boolean fits = passwords.matches(password, person.map(Person::passwordHash).orElse(decoyHash));
    return fits ? person : Optional.empty();
  }

  private static byte[] chance(int bytes) {
    byte[] all = new byte[bytes];
    new SecureRandom().nextBytes(all);
    return all;
  }

  private static String plain(String email) {
    return email.strip().toLowerCase(java.util.Locale.ROOT);
  }

  private static byte[] bytes(String text) {
    return text.getBytes(java.nio.charset.StandardCharsets.UTF_8);
  }

  private static String newCode() {
    var random = new SecureRandom();
    var code = new StringBuilder();
    for (int i = 0; i < CODE_LENGTH; i++) {
      if (i > 0 && i % 4 == 0) {
        code.append('-');
      }
      code.append(CODE_LETTERS.charAt(random.nextInt(CODE_LETTERS.length())));
    }
    return code.toString();
  }
}
