package nodyes.server.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import nodyes.core.common.Said;
import nodyes.server.ServerSettings;
import nodyes.server.shop.Shop;
import nodyes.server.trail.Trail;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "session")
@RequestMapping("/api/v1")
class SessionApi {
  private static final long ENOUGH_MEGABYTES = 200;

  private final Accounts people;
  private final SigningIn signingIn;
  private final SignIns signIns;
  private final Shop shop;
  private final Trail trail;
  private final boolean demo;
  private final Path data;
  private final RateLimit firstRuns = new RateLimit(10, Duration.ofMinutes(5));

  SessionApi(
      Accounts people,
      SigningIn signingIn,
      SignIns signIns,
      Shop shop,
      Trail trail,
      ServerSettings settings) {
    this.trail = trail;
    this.people = people;
    this.signingIn = signingIn;
    this.signIns = signIns;
    this.shop = shop;
    this.demo = settings.demo();
    this.data = settings.data();
  }

  enum SessionState {
    SIGNED_IN,
    SIGNED_OUT,
    /** The password is right; a code is asked for too. */
    SECOND_STEP,
    /** Signed in, and nothing is open until a second step is set up. */
    SECOND_STEP_DUE,
    FIRST_RUN
  }

  /**
   * Who is there.
   *
   * @param role what the person may do
   * @param page what this page sends with each change
   * @param language the language that the person chose, if any
   * @param megabytesLeft room on the disk of what is stored, where that is little
   */
  record SessionView(
      SessionState state,
      @Nullable String name,
      @Nullable Role role,
      @Nullable String page,
      @Nullable String language,
      boolean demo,
      @Nullable Long megabytesLeft) {}

  /** An address and a password; a code of the second step where one is asked for. */
  record SignInGiven(
      @NotBlank(message = "{people.enterEmail}") @Size(max = 254, message = "{problems.notAnEmail}")
          String email,
      @NotBlank(message = "{people.enterPassword}") @Size(max = 400, message = "{problems.tooLong}")
          String password,
      @Nullable @Size(max = 40, message = "{problems.tooLong}") String code) {}

  record FirstRun(
      @NotBlank(message = "{people.enterCode}") @Size(max = 40, message = "{problems.tooLong}")
          String code,
      @NotBlank(message = "{people.enterName}") @Size(max = 80, message = "{people.upTo80}")
          String name,
      @NotBlank(message = "{people.enterEmail}")
          @Email(message = "{problems.notAnEmail}")
          @Size(max = 254, message = "{problems.notAnEmail}")
          String email,
      @NotBlank(message = "{people.enterAPassword}") String password,
      @Nullable @Size(max = 60, message = "{people.upTo60}") String zone) {}

  @GetMapping("/session")
  SessionView session(@Nullable Authentication who, HttpServletRequest request) {
    if (who == null) {
      return left(people.awaitsOwner() ? SessionState.FIRST_RUN : SessionState.SIGNED_OUT);
    }
    var authorities = who.getAuthorities().stream().map(GrantedAuthority::getAuthority).toList();
    return new SessionView(
        authorities.contains(CallerAuthentication.HELD)
            ? SessionState.SECOND_STEP_DUE
            : SessionState.SIGNED_IN,
        who.getName(),
        authorities.stream()
            .filter(one -> one != null && one.startsWith(CallerAuthentication.ROLE))
            .map(one -> Role.valueOf(one.substring(CallerAuthentication.ROLE.length())))
            .findFirst()
            .orElse(null),
        signIns.pageToken(request).orElse(null),
        language(who),
        demo,
        littleRoom());
  }

  private @Nullable String language(Authentication who) {
    return who.getPrincipal() instanceof CallerAuthentication caller
        ? caller.person().flatMap(people::language).orElse(null)
        : null;
  }

  private SessionView left(SessionState state) {
    return new SessionView(state, null, null, null, null, demo, null);
  }

  @PostMapping("/session")
  @Operation(summary = "Signs in; asks for a code where there is a second step")
  SessionView signIn(
      @Valid @RequestBody SignInGiven given,
      HttpServletRequest request,
      HttpServletResponse response) {
    Optional<Authentication> caller =
        signingIn.signIn(
            given.email(), given.password(), Optional.ofNullable(given.code()), request, response);
    return caller.map(who -> session(who, request)).orElseGet(() -> left(SessionState.SECOND_STEP));
  }

  @PostMapping("/first-run")
  SessionView firstRun(
      @Valid @RequestBody FirstRun given,
      HttpServletRequest request,
      HttpServletResponse response) {
    firstRuns.count(Network.of(request));
    Account owner = people.makeOwner(given.code(), given.name(), given.email(), given.password());
    shop.begin(given.zone());
    trail.add(owner.name(), "People", Said.of("trail.becameOwner"), null);
    return session(signIns.begin(owner, request, response), request);
  }

  @DeleteMapping("/session")
  @Operation(summary = "Signs out on this device")
  SessionView signOut(HttpServletRequest request, HttpServletResponse response) {
    signIns.end(request, response);
    SecurityContextHolder.clearContext();
    return session(null, request);
  }

  private @Nullable Long littleRoom() {
    long left = data.toFile().getUsableSpace() / 1_000_000;
    return left < ENOUGH_MEGABYTES ? left : null;
  }
}
