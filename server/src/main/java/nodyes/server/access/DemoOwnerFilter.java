package nodyes.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import nodyes.server.people.Accounts;
import nodyes.server.people.CallerAuthentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Signs in the demo owner. It acts for requests from this machine alone that also name it as their
 * host, so that a foreign page cannot reach it by a name that resolves here.
 */
class DemoOwnerFilter extends OncePerRequestFilter {
  static final String NAME = "Beatriz";
  private static final Set<String> LOOPBACK_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
  private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");

  private final Accounts people;

  DemoOwnerFilter(Accounts people) {
    this.people = people;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean signedIn = SecurityContextHolder.getContext().getAuthentication() != null;
    if (!signedIn
        && !ApiKeyFilter.carriesKey(request)
        && LOOPBACK.contains(request.getRemoteAddr())
        && LOOPBACK_NAMES.contains(request.getServerName())) {
      var context = SecurityContextHolder.createEmptyContext();
      context.setAuthentication(people.owner().orElseGet(() -> CallerAuthentication.owner(NAME)));
      SecurityContextHolder.setContext(context);
    }
    chain.doFilter(request, response);
  }
}
