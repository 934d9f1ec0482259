package nodyes.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import nodyes.server.people.ApiKeys;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs in a program by {@code Authorization: Bearer KEY} (RFC 6750). */
class ApiKeyFilter extends OncePerRequestFilter {
  private static final String SCHEME = "Bearer ";

  private final ApiKeys keys;

  ApiKeyFilter(ApiKeys keys) {
    this.keys = keys;
  }

  static boolean carriesKey(HttpServletRequest request) {
    String header = request.getHeader(HttpHeaders.AUTHORIZATION);
    return header != null && header.regionMatches(true, 0, SCHEME, 0, SCHEME.length());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (carriesKey(request)) {
      String key = request.getHeader(HttpHeaders.AUTHORIZATION).substring(SCHEME.length()).strip();
      // whoever brings a key acts by it alone, whatever cookies come along
      var context = SecurityContextHolder.createEmptyContext();
      keys.caller(key).ifPresent(context::setAuthentication);
      SecurityContextHolder.setContext(context);
    }
    chain.doFilter(request, response);
  }
}
