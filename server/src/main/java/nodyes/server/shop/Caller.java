package nodyes.server.shop;

import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/** Makes the authentication of a caller; its name is what traces say did something. */
final class Caller {
  private Caller() {}

  static Authentication of(String name, Role role) {
    return UsernamePasswordAuthenticationToken.authenticated(
        name, null, List.of(new SimpleGrantedAuthority("ROLE_" + role.name())));
  }
}
