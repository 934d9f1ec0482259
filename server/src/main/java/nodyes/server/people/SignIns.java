package nodyes.server.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import nodyes.server.ServerSettings;
import nodyes.server.web.Sha256;
import nodyes.server.web.Signer;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;

/**
 * Where people are signed in: a random token in a cookie, of which a hash is kept. It ends when it
 * was not used for as many days as the owner chose, and in any case after {@link #LONGEST}.
 */
@Component
public class SignIns {
  /** Nobody stays signed in for longer. */
  static final Duration LONGEST = Duration.ofDays(90);

  /** A cookie of that name comes from this very host by https alone (RFC 6265bis, 4.1.3.2). */
  private static final String HOST_ONLY = "__Host-";

  private static final String COOKIE = "nodyes";
  private static final String DEVICE = "nodyes-device";
  private static final Duration DEVICE_LIFE = Duration.ofDays(400);
  private static final Duration SEEN_STEP = Duration.ofMinutes(1);
  private static final String FOUND = SignIns.class.getName();
  private static final int TOKEN_BYTES = 32;
  private static final int MOST = 100;

  private final SignInStore store;
  private final AccountStore people;
  private final Signer signer;
  private final Clock clock;
  private final String demoPage;
  private final SecureRandom random = new SecureRandom();
  private final Map<Long, Instant> seen = new ConcurrentHashMap<>();

  SignIns(
      SignInStore store, AccountStore people, Signer signer, Clock clock, ServerSettings settings) {
    this.store = store;
    this.people = people;
    this.signer = signer;
    this.clock = clock;
    this.demoPage = settings.demo() ? newToken() : "";
  }

  /** Who signed in, as the request's cookie says. */
  public Optional<Authentication> caller(HttpServletRequest request) {
    return find(request).map(Found::caller);
  }

  private record Found(SignIn signIn, Account person, Authentication caller) {}

  @SuppressWarnings("unchecked")
  private Optional<Found> find(HttpServletRequest request) {
    // asked several times in a request
    if (request.getAttribute(FOUND) instanceof Optional<?> known) {
      return (Optional<Found>) known;
    }
    Optional<Found> found = token(request).flatMap(this::find);
    request.setAttribute(FOUND, found);
    return found;
  }

  private Optional<Found> find(String token) {
    Instant now = clock.instant();
    Optional<SignIn> signIn = store.find(hash(token));
    if (signIn.isEmpty()) {
      return Optional.empty();
    }
    SignInRule rule = people.rule();
    SignIn known = signIn.get();
    Instant last = seen.getOrDefault(known.id(), known.seenAt());
    if (last.plus(Duration.ofDays(rule.days())).isBefore(now)
        || known.since().plus(LONGEST).isBefore(now)) {
      return Optional.empty();
    }
    if (last.plus(SEEN_STEP).isBefore(now)) {
      seen.put(known.id(), now);
    }
    return people
        .person(known.person())
        .map(
            person ->
                new Found(known, person, CallerAuthentication.person(person, known.id(), rule)));
  }

  private static Optional<String> token(HttpServletRequest request) {
    return cookie(request, COOKIE);
  }

  /** By https only the cookie counts that no other host can have set. */
  private static Optional<String> cookie(HttpServletRequest request, String name) {
    Cookie[] all = request.getCookies();
    String wanted = name(request, name);
    return (all == null ? Stream.<Cookie>empty() : Arrays.stream(all))
        .filter(cookie -> cookie.getName().equals(wanted))
        .map(Cookie::getValue)
        .filter(value -> !value.isEmpty())
        .findFirst();
  }

  private static String name(HttpServletRequest request, String name) {
    return request.isSecure() ? HOST_ONLY + name : name;
  }

  /** Signs a person in on the device that asks. */
  Authentication begin(Account person, HttpServletRequest request, HttpServletResponse response) {
    String token = newToken();
    String device = Devices.name(request.getHeader(HttpHeaders.USER_AGENT));
    long id = store.add(person.id(), hash(token), device, clock.instant());
    set(request, response, COOKIE, token, LONGEST);
    set(request, response, DEVICE, deviceToken(person), DEVICE_LIFE);
    Authentication caller = CallerAuthentication.person(person, id, people.rule());
    request.setAttribute(
        FOUND,
        Optional.of(
            new Found(
                new SignIn(id, person.id(), device, clock.instant(), clock.instant()),
                person,
                caller)));
    request.setAttribute(FOUND + ".token", token);
    return caller;
  }

  /** Ends the sign-in that a request came by. */
  void end(HttpServletRequest request, HttpServletResponse response) {
    find(request).ifPresent(found -> store.end(found.person().id(), found.signIn().id()));
    request.setAttribute(FOUND, Optional.empty());
    set(request, response, COOKIE, "", Duration.ZERO);
  }

  boolean end(long person, long id) {
    return store.end(person, id);
  }

  /** Ends all of a person but one; 0 spares none. */
  void endOthers(long person, long spared) {
    store.endOthers(person, spared);
  }

  /** The latest used first; when each was used is exact to a minute. */
  List<SignIn> of(long person) {
    return store.of(person, MOST).stream()
        .map(
            one ->
                new SignIn(
                    one.id(),
                    one.person(),
                    one.device(),
                    one.since(),
                    seen.getOrDefault(one.id(), one.seenAt())))
        .toList();
  }

  Map<Long, Instant> lastSeen() {
    keepSeen();
    return store.lastSeen();
  }

  /**
   * What a page of the back office sends with each change: it follows from the sign-in, so another
   * page can neither know nor plant it.
   */
  public Optional<String> pageToken(HttpServletRequest request) {
    Object fresh = request.getAttribute(FOUND + ".token");
    Optional<String> token = fresh == null ? token(request) : Optional.of(String.valueOf(fresh));
    return find(request)
        .flatMap(_ -> token)
        .or(() -> Optional.of(demoPage).filter(page -> !page.isEmpty()))
        .map(from -> signer.sign("page", from));
  }

  /** Whether the person signed in on the device that asks before. */
  boolean isKnownDevice(Account person, HttpServletRequest request) {
    return cookie(request, DEVICE).filter(token -> isOf(person, token)).isPresent();
  }

  private String deviceToken(Account person) {
    String nonce = newToken();
    return nonce + "." + signer.sign("device", person.id() + "." + nonce);
  }

  private boolean isOf(Account person, String token) {
    int dot = token.indexOf('.');
    return dot > 0
        && signer.isSigned(
            "device", person.id() + "." + token.substring(0, dot), token.substring(dot + 1));
  }

  private static void set(
      HttpServletRequest request,
      HttpServletResponse response,
      String name,
      String value,
      Duration life) {
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(name(request, name), value)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Strict")
            .path("/")
            .maxAge(life)
            .build()
            .toString());
  }

  private String newToken() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  private static String hash(String token) {
    return Sha256.hex(Sha256.of(token), TOKEN_BYTES);
  }

  /** Keeps when sign-ins were used; forgets those that ended. */
  synchronized void keepSeen() {
    Map<Long, Instant> some = new HashMap<>(seen);
    if (!some.isEmpty()) {
      store.seen(some);
      some.forEach(seen::remove);
    }
  }

  long tidy() {
    keepSeen();
    Instant now = clock.instant();
    return store.forget(now.minus(LONGEST), now.minus(Duration.ofDays(people.rule().days())));
  }
}
