package nodyes.server.people;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.AuthenticatedPrincipal;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/**
 * Who asks; the name is what traces say did something.
 *
 * @param person the person's number, if it is one that is kept
 * @param signIn the number of the sign-in that it asks by, if by one
 */
public record CallerAuthentication(String name, Optional<Long> person, Optional<Long> signIn)
    implements AuthenticatedPrincipal {
  /** Before the name of a role, in an authority. */
  public static final String ROLE = "ROLE_";

  /** Before the name of a key's scope, in an authority. */
  public static final String SCOPE = "SCOPE_";

  @Override
  public String getName() {
    return name;
  }

  /** In place of a role, until the second step is set up that the owner asks for. */
  public static final String HELD = "HELD";

  /** A person who has signed in. */
  static Authentication person(Account person, long signIn, SignInRule rule) {
    boolean isHeld = rule.asks(person.role()) && person.secondStep().isEmpty();
    return authenticated(
        new CallerAuthentication(person.name(), Optional.of(person.id()), Optional.of(signIn)),
        List.of(isHeld ? HELD : ROLE + person.role()));
  }

  /** Someone who is not kept: the demo's owner before its data is there. */
  public static Authentication owner(String name) {
    return authenticated(
        new CallerAuthentication(name, Optional.empty(), Optional.empty()),
        List.of(ROLE + Role.OWNER));
  }

  /** An owner who did not sign in: the demo's. */
  static Authentication owner(Account person) {
    return authenticated(
        new CallerAuthentication(person.name(), Optional.of(person.id()), Optional.empty()),
        List.of(ROLE + Role.OWNER));
  }

  /** A program with a key. */
  public static Authentication program(String name, Set<Scope> scopes) {
    return authenticated(
        new CallerAuthentication(name, Optional.empty(), Optional.empty()),
        scopes.stream().map(scope -> SCOPE + scope).toList());
  }

  private static Authentication authenticated(
      CallerAuthentication caller, List<String> authorities) {
    return UsernamePasswordAuthenticationToken.authenticated(
        caller, null, authorities.stream().map(SimpleGrantedAuthority::new).toList());
  }
}
