package nodyes.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import java.util.function.Supplier;
import nodyes.server.people.CallerAuthentication;
import nodyes.server.people.Role;
import nodyes.server.people.Scope;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;

/** Lets through whom the table names. The back office's own pages and scripts are open to all. */
@Component
class ByTable implements AuthorizationManager<RequestAuthorizationContext> {
  private static final String OWN_ACCOUNT = "/api/v1/account";

  private final AccessTable table;

  ByTable(AccessTable table) {
    this.table = table;
  }

  @Override
  public AuthorizationDecision authorize(
      Supplier<? extends @Nullable Authentication> who, RequestAuthorizationContext context) {
    HttpServletRequest request = context.getRequest();
    return new AuthorizationDecision(
        request.getDispatcherType() == DispatcherType.ERROR || isLetThrough(who, request));
  }

  private boolean isLetThrough(
      Supplier<? extends @Nullable Authentication> who, HttpServletRequest request) {
    String path = request.getRequestURI();
    boolean isGuarded = path.startsWith("/api/") || path.startsWith("/embed/");
    return table
        .find(request.getMethod(), path)
        .map(line -> line.who().isEmpty() || allows(line, who.get(), path))
        .orElseGet(() -> !isGuarded || request.getMethod().equals("OPTIONS"));
  }

  private static boolean allows(Line line, @Nullable Authentication who, String path) {
    return who != null
        && who.getAuthorities().stream()
            .map(GrantedAuthority::getAuthority)
            .anyMatch(authority -> authority != null && allows(line, authority, path));
  }

  private static boolean allows(Line line, String authority, String path) {
    if (authority.equals(CallerAuthentication.HELD)) {
      return path.equals(OWN_ACCOUNT) || path.startsWith(OWN_ACCOUNT + "/");
    }
    if (authority.startsWith(CallerAuthentication.ROLE) && !authority.equals("ROLE_ANONYMOUS")) {
      Role role = Role.valueOf(authority.substring(CallerAuthentication.ROLE.length()));
      return line.who().filter(role::isAtLeast).isPresent();
    }
    if (authority.startsWith(CallerAuthentication.SCOPE)) {
      Scope scope = Scope.valueOf(authority.substring(CallerAuthentication.SCOPE.length()));
      return line.scope().filter(asked -> scope == Scope.ALL || scope == asked).isPresent();
    }
    return false;
  }
}
