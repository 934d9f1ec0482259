package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.server.ServerSettings;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;

/** Who may sign in, and the first of them. */
@Component
public class Accounts {
  // without letters and digits that look alike
  private static final String CODE_LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";
  private static final int CODE_LENGTH = 12;

  private final AccountStore store;
  private final Passwords passwords;
  private final Shop shop;
  private final Clock clock;
  private volatile Optional<String> firstRunCode = Optional.empty();

  Accounts(
      AccountStore store, Passwords passwords, Shop shop, Clock clock, ServerSettings settings) {
    this.store = store;
    this.passwords = passwords;
    this.shop = shop;
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
  synchronized Account makeOwner(String code, String name, String email, String password) {
    String expected =
        firstRunCode.orElseThrow(
            () -> new ApiProblem(HttpStatus.CONFLICT, text("people.ownerExists")));
    String given = code.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    String wanted = expected.replace("-", "");
    if (!MessageDigest.isEqual(bytes(given), bytes(wanted))) {
      throw new ApiProblem(HttpStatus.FORBIDDEN, text("people.wrongFirstCode"));
    }
    checkNew(password, name, email);
    Account owner =
        store.add(
            plain(email), name.strip(), passwords.hash(password), Role.OWNER, clock.instant());
    firstRunCode = Optional.empty();
    return owner;
  }

  /** Adds someone whose password nobody knows: a new one is set by a link or at the machine. */
  public void add(String email, String name, Role role) {
    store.add(plain(email), name, passwords.unusable(), role, clock.instant());
  }

  /** Invites someone whose link nobody gets. */
  public void invite(String email, Role role, Duration life) {
    Instant now = clock.instant();
    store.invite(plain(email), role, newCode(), now, now.plus(life));
  }

  /** The first owner as a caller, if there is one. */
  public Optional<Authentication> owner() {
    return store.people(1).stream().findFirst().map(CallerAuthentication::owner);
  }

  /** The language that someone chose, if anyone has that address. */
  public Optional<String> languageOf(String email) {
    return find(email).flatMap(Account::language);
  }

  Optional<String> language(long person) {
    return store.person(person).flatMap(Account::language);
  }

  /** The person of an address, if there is one. */
  Optional<Account> find(String email) {
    return store.person(plain(email));
  }

  /** The person with that address and password; takes as long where there is none. */
  Optional<Account> check(String email, String password) {
    Optional<Account> person = find(email);
    return passwords.fits(password, person.map(Account::passwordHash)) ? person : Optional.empty();
  }

  /** Refuses a new password that is easily guessed, with what is wrong with it. */
  void checkNew(String password, String name, String email) {
    String mailbox = email.substring(0, Math.max(0, email.indexOf('@')));
    passwords
        .fault(password, List.of(name, mailbox, email, shop.settings().name(), "nod yes"))
        .ifPresent(
            fault -> {
              throw ApiProblem.value("password", fault);
            });
  }

  void setPassword(Account person, String password) {
    checkNew(password, person.name(), person.email());
    store.setPassword(person.id(), passwords.hash(password));
  }

  static String plain(String email) {
    return email.strip().toLowerCase(Locale.ROOT);
  }

  private static byte[] bytes(String text) {
    return text.getBytes(java.nio.charset.StandardCharsets.UTF_8);
  }

  /** A code that a person types: letters and digits in groups of four. */
  static String newCode() {
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
