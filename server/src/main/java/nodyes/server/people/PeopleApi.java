package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import nodyes.core.common.Said;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** People, what they may do and how they sign in; for owners. */
@RestController
@Tag(name = "people")
@RequestMapping("/api/v1/people")
class PeopleApi {
  private static final int MOST = 100;
  private static final int MOST_DAYS = 30;

  private final AccountStore store;
  private final Invitations invitations;
  private final SecondSteps secondSteps;
  private final SignIns signIns;
  private final SignInNotice notice;
  private final Clock clock;

  PeopleApi(
      AccountStore store,
      Invitations invitations,
      SecondSteps secondSteps,
      SignIns signIns,
      SignInNotice notice,
      Clock clock) {
    this.store = store;
    this.invitations = invitations;
    this.secondSteps = secondSteps;
    this.signIns = signIns;
    this.notice = notice;
    this.clock = clock;
  }

  /** A person; {@code lastHere} to a minute, nothing where never or long ago. */
  record PersonLine(
      long id,
      String name,
      String email,
      Role role,
      boolean hasSecondStep,
      boolean isYou,
      @Nullable Instant lastHere) {}

  record InvitedLine(
      long id, String email, Role role, Instant madeAt, Instant endsAt, boolean isOver) {}

  /**
   * Everyone.
   *
   * @param canSend whether invitations go out by e-mail
   */
  record PeopleView(
      List<PersonLine> people, List<InvitedLine> invited, SignInRule rule, boolean canSend) {}

  record NewRole(Role role) {}

  record NewRule(
      SignInRule.Who secondStep,
      @Min(value = 1, message = "{problems.atLeastADay}")
          @Max(value = SignInRule.MOST_DAYS, message = "{people.upTo60Days}")
          int days,
      boolean isTold) {}

  record Invite(
      @NotBlank(message = "{people.enterTheirEmail}")
          @Email(message = "{problems.notAnEmail}")
          @Size(max = 254, message = "{problems.notAnEmail}")
          String email,
      Role role,
      @Min(value = 1, message = "{problems.atLeastADay}")
          @Max(value = MOST_DAYS, message = "{people.upTo30Days}")
          int days) {}

  /**
   * An invitation that was made.
   *
   * @param fragment put behind the back office's address, it is the link; told this once
   * @param isSent whether it went out by e-mail
   */
  record Invited(String fragment, boolean isSent) {}

  record Devices(List<AccountApi.DeviceLine> items) {}

  @GetMapping
  PeopleView people(Authentication who) {
    Instant now = clock.instant();
    Map<Long, Instant> seen = signIns.lastSeen();
    return new PeopleView(
        store.people(MOST).stream()
            .map(
                one ->
                    new PersonLine(
                        one.id(),
                        one.name(),
                        one.email(),
                        one.role(),
                        one.secondStep().isPresent(),
                        isSelf(who, one.id()),
                        seen.get(one.id())))
            .toList(),
        store.invitations(MOST).stream()
            .map(
                one ->
                    new InvitedLine(
                        one.id(),
                        one.email(),
                        one.role(),
                        one.madeAt(),
                        one.endsAt(),
                        !now.isBefore(one.endsAt())))
            .toList(),
        store.rule(),
        notice.canSend());
  }

  private static boolean isSelf(Authentication who, long id) {
    return who.getPrincipal() instanceof CallerAuthentication caller
        && caller.person().filter(own -> own == id).isPresent();
  }

  @PutMapping("/{id}/role")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void setRole(@PathVariable long id, @RequestBody NewRole given) {
    Account person = person(id);
    if (!store.setRole(id, given.role())) {
      throw lastOwner();
    }
    Trail.say(
        Said.of("trail.gaveRole", "person", person.name(), "role", given.role().name()), null);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Removes a person and signs them out everywhere; what they did stays")
  void remove(@PathVariable long id) {
    Account person = person(id);
    if (!store.remove(id)) {
      throw lastOwner();
    }
    Trail.say(Said.of("trail.removedPerson", "person", person.name()), null);
  }

  private static ApiProblem lastOwner() {
    return ApiProblem.unusable(text("people.needsAnOwner"));
  }

  @GetMapping("/{id}/sign-ins")
  Devices signIns(@PathVariable long id, Authentication who) {
    long here =
        who.getPrincipal() instanceof CallerAuthentication caller ? caller.signIn().orElse(0L) : 0;
    return new Devices(AccountApi.lines(signIns.of(person(id).id()), here));
  }

  @DeleteMapping("/{id}/sign-ins")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(@PathVariable long id) {
    Account person = person(id);
    signIns.endOthers(id, 0);
    Trail.say(Said.of("trail.signedOutPerson", "person", person.name()), null);
  }

  @DeleteMapping("/{id}/sign-ins/{signIn}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(@PathVariable long id, @PathVariable long signIn) {
    Account person = person(id);
    if (!signIns.end(id, signIn)) {
      throw ApiProblem.notFound(text("people.deviceSignedOut"));
    }
    Trail.say(Said.of("trail.signedOutPersonDevice", "person", person.name()), null);
  }

  @DeleteMapping("/{id}/second-step")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "For someone who lost app and codes; they set up a new one")
  void takeSecondStepAway(@PathVariable long id) {
    Account person = person(id);
    secondSteps.takeAway(id);
    Trail.say(Said.of("trail.secondStepOffPerson", "person", person.name()), null);
  }

  @PutMapping("/rule")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void setRule(@Valid @RequestBody NewRule given, Authentication who) {
    var rule = new SignInRule(given.secondStep(), given.days(), given.isTold());
    boolean wouldHold =
        who.getPrincipal() instanceof CallerAuthentication caller
            && caller
                .person()
                .flatMap(store::person)
                .filter(self -> rule.asks(self.role()) && self.secondStep().isEmpty())
                .isPresent();
    if (wouldHold) {
      throw ApiProblem.unusable(text("people.ownStepFirst"));
    }
    store.setRule(rule);
  }

  @PostMapping("/invitations")
  Invited invite(@Valid @RequestBody Invite given, Authentication who, HttpServletRequest request) {
    if (store.people(MOST).size() + store.invitations(MOST).size() >= MOST) {
      throw ApiProblem.unusable(text("people.tooMany"));
    }
    String token = invitations.invite(given.email(), given.role(), Duration.ofDays(given.days()));
    Trail.say(
        Said.of(
            "trail.invitedAs", "email", Accounts.plain(given.email()), "role", given.role().name()),
        null);
    String fragment = "#invitation=" + token;
    if (notice.canSend()) {
      // an owner asks, by the address that the back office really has
      String here =
          ServletUriComponentsBuilder.fromRequestUri(request)
              .replacePath("/today")
              .build()
              .toUriString();
      notice.invite(given.email().strip(), who.getName(), given.role(), here + fragment);
    }
    return new Invited(fragment, notice.canSend());
  }

  @DeleteMapping("/invitations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void withdraw(@PathVariable long id) {
    if (!store.withdraw(id)) {
      throw ApiProblem.notFound(text("people.noSuchInvitation"));
    }
  }

  private Account person(long id) {
    return store.person(id).orElseThrow(() -> ApiProblem.notFound(text("people.noSuchPerson")));
  }
}
