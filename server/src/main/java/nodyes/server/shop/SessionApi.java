package nodyes.server.shop;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.nio.file.Path;
import java.time.Duration;
import nodyes.server.ServerSettings;
import nodyes.server.web.RateLimit;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
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

  private final People people;
  private final Shop shop;
  private final SecurityContextRepository contexts;
  private final boolean demo;
  private final Path data;
  private final RateLimit tries = new RateLimit(10, Duration.ofMinutes(5));

  SessionApi(
      People people, Shop shop, SecurityContextRepository contexts, ServerSettings settings) {
    this.people = people;
    this.shop = shop;
    this.contexts = contexts;
    this.demo = settings.demo();
    this.data = settings.data();
  }

  enum SessionState {
    SIGNED_IN,
    SIGNED_OUT,
    FIRST_RUN
  }

  /**
   * Who is there.
   *
   * @param megabytesLeft room on the disk of what is stored, where that is little
   */
  record SessionView(
      SessionState state, @Nullable String name, boolean demo, @Nullable Long megabytesLeft) {}

  record SignIn(
      @NotBlank(message = "give your address") String email,
      @NotBlank(message = "give your password") String password) {}

  record FirstRun(
      @NotBlank(message = "give the code") String code,
      @NotBlank(message = "give your name") @Size(max = 80, message = "at most 80 characters")
          String name,
      @NotBlank(message = "give your address") @Email(message = "is not an e-mail address")
          String email,
      @Size(min = 12, max = 200, message = "at least 12 characters") String password,
      @Nullable @Size(max = 60, message = "at most 60 characters") String zone) {}

  @GetMapping("/session")
  SessionView session(@Nullable Authentication who) {
    if (who != null) {
      return new SessionView(SessionState.SIGNED_IN, who.getName(), demo, littleRoom());
    }
    return new SessionView(
        people.awaitsOwner() ? SessionState.FIRST_RUN : SessionState.SIGNED_OUT, null, demo, null);
  }

  @PostMapping("/session")
  SessionView signIn(
      @Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
    tries.count(request.getRemoteAddr());
    Person person =
        people
            .check(given.email(), given.password())
            .orElseThrow(
                () ->
                    new Refusal(
                        HttpStatus.UNAUTHORIZED, "The address or the password is not right."));
    return begin(person, request, response);
  }

  @PostMapping("/first-run")
  SessionView firstRun(
      @Valid @RequestBody FirstRun given,
      HttpServletRequest request,
      HttpServletResponse response) {
    tries.count(request.getRemoteAddr());
    Person owner = people.makeOwner(given.code(), given.name(), given.email(), given.password());
    shop.begin(given.zone());
    return begin(owner, request, response);
  }

  @DeleteMapping("/session")
  SessionView signOut(HttpServletRequest request) {
    var session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    return session(null);
  }

  private @Nullable Long littleRoom() {
    long left = data.toFile().getUsableSpace() / 1_000_000;
    return left < ENOUGH_MEGABYTES ? left : null;
  }

  private SessionView begin(
      Person person, HttpServletRequest request, HttpServletResponse response) {
    // a session id from before the sign-in must not live on (session fixation)
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    var context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(Caller.of(person.name(), Role.OWNER));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    return session(context.getAuthentication());
  }
}
