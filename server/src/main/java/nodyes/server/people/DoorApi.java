package nodyes.server.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import nodyes.core.common.Said;
import nodyes.server.trail.Trail;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Ways in for people who are not signed in: a forgotten password, an invitation. */
@RestController
@Tag(name = "account")
@RequestMapping("/api/v1/account")
class DoorApi {
  private final Resets resets;
  private final Invitations invitations;
  private final SignIns signIns;
  private final Trail trail;
  private final RateLimit asked = new RateLimit(5, Duration.ofMinutes(15));
  private final RateLimit opened = new RateLimit(30, Duration.ofMinutes(15));

  DoorApi(Resets resets, Invitations invitations, SignIns signIns, Trail trail) {
    this.resets = resets;
    this.invitations = invitations;
    this.signIns = signIns;
    this.trail = trail;
  }

  record Forgotten(
      @NotBlank(message = "{people.enterEmail}") @Size(max = 254, message = "{problems.notAnEmail}")
          String email) {}

  /** What happens now; the same whether the address is known or not. */
  record Told(String words) {}

  record ResetGiven(
      @NotBlank(message = "{people.openLinkAgain}")
          @Size(max = 400, message = "{people.openLinkAgain}")
          String token,
      @NotBlank(message = "{people.enterNewPassword}")
          @Size(max = 400, message = "{problems.tooLong}")
          String password) {}

  record InvitationGiven(
      @NotBlank(message = "{people.openLinkAgain}")
          @Size(max = 200, message = "{people.openLinkAgain}")
          String token) {}

  record InvitationShown(String email, Role role, String shop) {}

  record InvitationTaken(
      @NotBlank(message = "{people.openLinkAgain}")
          @Size(max = 200, message = "{people.openLinkAgain}")
          String token,
      @NotBlank(message = "{people.enterName}") @Size(max = 80, message = "{people.upTo80}")
          String name,
      @NotBlank(message = "{people.enterAPassword}")
          @Size(max = 400, message = "{problems.tooLong}")
          String password) {}

  @PostMapping("/reset")
  @Operation(summary = "Sends a link for a new password to an address that is known")
  Told reset(@Valid @RequestBody Forgotten given, HttpServletRequest request) {
    asked.count(Network.of(request));
    return new Told(resets.send(given.email()));
  }

  @PostMapping("/reset/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Sets a new password by a link; all devices are signed out")
  void newPassword(@Valid @RequestBody ResetGiven given, HttpServletRequest request) {
    opened.count(Network.of(request));
    Account person = resets.take(given.token(), given.password());
    trail.add(person.name(), "People", Said.of("trail.passwordReset"), null);
  }

  @PostMapping("/invitation")
  @Operation(summary = "What an invitation is for")
  InvitationShown invitation(
      @Valid @RequestBody InvitationGiven given, HttpServletRequest request) {
    opened.count(Network.of(request));
    return invitations.look(given.token());
  }

  @PostMapping("/invitation/taken")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Takes an invitation, once, and signs in")
  void taken(
      @Valid @RequestBody InvitationTaken given,
      HttpServletRequest request,
      HttpServletResponse response) {
    opened.count(Network.of(request));
    Account person = invitations.take(given.token(), given.name(), given.password());
    trail.add(person.name(), "People", Said.of("trail.joined", "role", person.role().name()), null);
    signIns.begin(person, request, response);
  }
}
