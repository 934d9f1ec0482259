package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Network;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What people do with their own account. */
@RestController
@Tag(name = "account")
@RequestMapping("/api/v1/account")
class AccountApi {
  private final AccountStore store;
  private final Accounts people;
  private final SecondSteps secondSteps;
  private final SignIns signIns;
  private final Guesses guesses;
  private final SignInNotice notice;

  AccountApi(
      AccountStore store,
      Accounts people,
      SecondSteps secondSteps,
      SignIns signIns,
      Guesses guesses,
      SignInNotice notice) {
    this.store = store;
    this.people = people;
    this.secondSteps = secondSteps;
    this.signIns = signIns;
    this.guesses = guesses;
    this.notice = notice;
  }

  /** A device on which a person is signed in. */
  record DeviceLine(long id, String device, Instant since, Instant seenAt, boolean isThis) {}

  /**
   * An account.
   *
   * @param codesLeft recovery codes that were not used
   */
  record OwnAccount(
      String name, String email, boolean hasSecondStep, int codesLeft, List<DeviceLine> signIns) {}

  record NewPassword(
      @NotBlank(message = "{people.enterPassword}") @Size(max = 400, message = "{problems.tooLong}")
          String current,
      @NotBlank(message = "{people.enterNewPassword}")
          @Size(max = 400, message = "{problems.tooLong}")
          String password) {}

  /** The password again, before something that whoever sits at an open page may not do. */
  record Confirmed(
      @NotBlank(message = "{people.enterPassword}") @Size(max = 400, message = "{problems.tooLong}")
          String password) {}

  record GivenCode(
      @NotBlank(message = "{people.startAgain}") @Size(max = 400, message = "{people.startAgain}")
          String offer,
      @NotBlank(message = "{people.enterCode}") @Size(max = 20, message = "{people.sixDigits}")
          String code) {}

  record Codes(List<String> codes) {}

  @GetMapping
  @Operation(summary = "The own account, and where it is signed in")
  OwnAccount account(Authentication who) {
    Account person = self(who);
    return new OwnAccount(
        person.name(),
        person.email(),
        person.secondStep().isPresent(),
        secondSteps.codesLeft(person),
        lines(signIns.of(person.id()), here(who)));
  }

  static List<DeviceLine> lines(List<SignIn> all, long here) {
    return all.stream()
        .map(
            one ->
                new DeviceLine(one.id(), one.device(), one.since(), one.seenAt(), one.id() == here))
        .toList();
  }

  record Chosen(@NotBlank(message = "{people.chooseLanguage}") String language) {}

  @PutMapping("/language")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "In which language the person reads and gets e-mails")
  void setLanguage(@Valid @RequestBody Chosen chosen, Authentication who) {
    if (!Texts.languages().contains(chosen.language())) {
      throw ApiProblem.value("language", text("people.chooseLanguage"));
    }
    store.setLanguage(self(who).id(), chosen.language());
  }

  @PutMapping("/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Another password; all other devices are signed out")
  void setPassword(
      @Valid @RequestBody NewPassword given, Authentication who, HttpServletRequest request) {
    Account person = confirmed(who, given.current(), "current", request);
    people.setPassword(person, given.password());
    signIns.endOthers(person.id(), here(who));
    notice.passwordChanged(person);
  }

  @PostMapping("/second-step")
  @Operation(summary = "Offers a second step; nothing changes until a code of it is given")
  SecondSteps.Offer offer(
      @Valid @RequestBody Confirmed given, Authentication who, HttpServletRequest request) {
    return secondSteps.offer(confirmed(who, given.password(), "password", request));
  }

  @PutMapping("/second-step")
  @Operation(summary = "Sets an offered second step up; tells the recovery codes once")
  Codes setUp(@Valid @RequestBody GivenCode given, Authentication who) {
    return new Codes(secondSteps.setUp(self(who), given.offer(), given.code()));
  }

  @PostMapping("/second-step/off")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeAway(
      @Valid @RequestBody Confirmed given, Authentication who, HttpServletRequest request) {
    Account person = confirmed(who, given.password(), "password", request);
    if (store.rule().asks(person.role())) {
      throw ApiProblem.unusable(text("people.stepRequired"));
    }
    secondSteps.takeAway(person.id());
  }

  @PostMapping("/recovery-codes")
  Codes newCodes(
      @Valid @RequestBody Confirmed given, Authentication who, HttpServletRequest request) {
    Account person = confirmed(who, given.password(), "password", request);
    if (person.secondStep().isEmpty()) {
      throw ApiProblem.unusable(text("people.codesNeedStep"));
    }
    return new Codes(secondSteps.newCodes(person));
  }

  @DeleteMapping("/sign-ins/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable long id, Authentication who) {
    if (!signIns.end(self(who).id(), id)) {
      throw ApiProblem.notFound(text("people.deviceSignedOut"));
    }
  }

  @PostMapping("/sign-ins/end-others")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endOthers(Authentication who) {
    signIns.endOthers(self(who).id(), here(who));
  }

  private Account self(Authentication who) {
    return caller(who)
        .person()
        .flatMap(store::person)
        .orElseThrow(() -> ApiProblem.unusable(text("people.demoOwner")));
  }

  private static CallerAuthentication caller(Authentication who) {
    return who.getPrincipal() instanceof CallerAuthentication caller
        ? caller
        : new CallerAuthentication(
            who.getName(), java.util.Optional.empty(), java.util.Optional.empty());
  }

  private static long here(Authentication who) {
    return caller(who).signIn().orElse(0L);
  }

  private Account confirmed(
      Authentication who, String password, String field, HttpServletRequest request) {
    Account person = self(who);
    String network = Network.of(request);
    guesses.check(person.email(), network, true);
    if (people.check(person.email(), password).isEmpty()) {
      guesses.failed(person.email(), network, true);
      throw ApiProblem.value(field, text("people.notYourPassword"));
    }
    guesses.succeeded(person.email(), network);
    return person;
  }
}
