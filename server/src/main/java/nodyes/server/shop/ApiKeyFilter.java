package nodyes.server.shop;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import nodyes.server.ServerSettings;
import nodyes.server.web.Sha256;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Signs in a machine by {@code Authorization: Bearer KEY} (RFC 6750); keys are stored as hashes.
 */
class ApiKeyFilter extends OncePerRequestFilter {
  private static final int HASH_BYTES = 32;

  private static final String SCHEME = "Bearer ";

  private final ShopStore store;
  private final Optional<String> startKeyHash;

  ApiKeyFilter(ShopStore store, ServerSettings settings) {
    this.store = store;
    this.startKeyHash = settings.apiKey().map(ApiKeyFilter::hash);
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
      String hash = hash(key);
      if (startKeyHash.map(hash::equals).orElse(false) || store.knowsKey(hash)) {
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(Caller.of("a program", Role.MACHINE));
        SecurityContextHolder.setContext(context);
      }
    }
    chain.doFilter(request, response);
  }

  static String hash(String key) {
    return Sha256.hex(Sha256.of(key), HASH_BYTES);
  }
}
