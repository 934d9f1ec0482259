package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Sha256;
import nodyes.server.web.Signer;
import org.springframework.stereotype.Component;

/** The second step at sign-in: a code from an app, or a recovery code that works once. */
@Component
class SecondSteps {
  static final int CODES = 10;

  private static final int HASH_BYTES = 32;

  private final AccountStore store;
  private final Shop shop;
  private final Signer signer;
  private final Clock clock;

  SecondSteps(AccountStore store, Shop shop, Signer signer, Clock clock) {
    this.store = store;
    this.shop = shop;
    this.signer = signer;
    this.clock = clock;
  }

  /**
   * A second step that is offered; it counts once a code of it was given.
   *
   * @param secret as it is typed into an app
   * @param address as a QR code tells it
   * @param offer to give back with the code
   */
  record Offer(String secret, String address, String offer) {}

  /** Nothing is stored until a code shows that the app has it. */
  Offer offer(Account person) {
    String secret = Totp.newSecret();
    return new Offer(
        secret,
        Totp.address(shop.settings().name(), person.email(), secret),
        secret + "." + signer.sign("second-step", person.id() + "." + secret));
  }

  /** Sets an offered step up: the recovery codes, told this once. */
  List<String> setUp(Account person, String offer, String code) {
    int dot = offer.indexOf('.');
    String secret = offer.substring(0, Math.max(0, dot));
    if (!signer.isSigned("second-step", person.id() + "." + secret, offer.substring(dot + 1))) {
      throw ApiProblem.unusable(text("people.stepStartAgain"));
    }
    long step =
        Totp.step(secret, code, clock.instant())
            .orElseThrow(() -> ApiProblem.value("code", text("people.notTheCodeNow")));
    List<String> codes = newCodes();
    store.setSecondStep(person.id(), secret, hashes(codes));
    store.useStep(person.id(), step);
    return codes;
  }

  List<String> newCodes(Account person) {
    List<String> codes = newCodes();
    store.replaceCodes(person.id(), hashes(codes));
    return codes;
  }

  private static List<String> newCodes() {
    return Stream.generate(Accounts::newCode).limit(CODES).toList();
  }

  private static List<String> hashes(List<String> codes) {
    return codes.stream().map(SecondSteps::hash).toList();
  }

  /** Each has 59 bits of chance, so a plain hash keeps it. */
  private static String hash(String code) {
    String plain = code.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    return Sha256.hex(Sha256.of(plain), HASH_BYTES);
  }

  /** Whether a code is right; it is used up by that. */
  boolean fits(Account person, String code) {
    String secret = person.secondStep().orElseThrow();
    var step = Totp.step(secret, code, clock.instant());
    return step.isPresent()
        ? store.useStep(person.id(), step.getAsLong())
        : store.useCode(person.id(), hash(code));
  }

  void takeAway(long person) {
    store.setSecondStep(person, null, List.of());
  }

  int codesLeft(Account person) {
    return store.codesLeft(person.id());
  }
}
