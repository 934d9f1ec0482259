package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import nodyes.core.common.Said;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Given;
import nodyes.server.web.Network;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;

/** Signs people in, slowly for those who guess. */
@Component
class SigningIn {
  private final Accounts people;
  private final SecondSteps secondSteps;
  private final SignIns signIns;
  private final Guesses guesses;
  private final AccountStore store;
  private final SignInNotice notice;
  private final Trail trail;

  SigningIn(
      Accounts people,
      SecondSteps secondSteps,
      SignIns signIns,
      Guesses guesses,
      AccountStore store,
      SignInNotice notice,
      Trail trail) {
    this.people = people;
    this.secondSteps = secondSteps;
    this.signIns = signIns;
    this.guesses = guesses;
    this.store = store;
    this.notice = notice;
    this.trail = trail;
  }

  /** Signs in; nobody where a code is asked for that was not given. */
  Optional<Authentication> signIn(
      String email,
      String password,
      Optional<String> code,
      HttpServletRequest request,
      HttpServletResponse response) {
    String account = Accounts.plain(email);
    String network = Network.of(request);
    boolean isKnown =
        people.find(account).filter(one -> signIns.isKnownDevice(one, request)).isPresent();
    guesses.check(account, network, isKnown);
    Optional<Account> found = people.check(account, password);
    if (found.isEmpty()) {
      guesses.failed(account, network, isKnown);
      throw new ApiProblem(HttpStatus.UNAUTHORIZED, text("people.wrongPassword"));
    }
    Account person = found.get();
    if (person.secondStep().isPresent()) {
      Optional<String> given = code.flatMap(Given::text);
      if (given.isEmpty()) {
        return Optional.empty();
      }
      if (!secondSteps.fits(person, given.get())) {
        guesses.failed(account, network, isKnown);
        throw new ApiProblem(HttpStatus.UNAUTHORIZED, text("people.wrongCode"));
      }
    }
    guesses.succeeded(account, network);
    String device = Devices.name(request.getHeader(HttpHeaders.USER_AGENT));
    if (!isKnown && store.rule().isTold()) {
      notice.newDevice(person, device);
    }
    trail.add(person.name(), "People", Said.of("trail.signedIn", "device", device), null);
    return Optional.of(signIns.begin(person, request, response));
  }
}
