package nodyes.server.access;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses changes that a page of another origin sends, even one of the same site: by what the
 * browser says of where they come from (Fetch Metadata; else the origin, RFC 6454). A program that
 * says neither is no browser and carries nobody's cookies.
 */
class SameOrigin extends OncePerRequestFilter {
  private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
  private static final String SITE = "Sec-Fetch-Site";
  private static final int HTTP = 80;
  private static final int HTTPS = 443;

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return isSafe(request) || ApiKeyFilter.carriesKey(request);
  }

  static boolean isSafe(HttpServletRequest request) {
    return SAFE.contains(request.getMethod());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (comesFromHere(request)) {
      chain.doFilter(request, response);
    } else {
      ProblemAnswer.write(response, 403, text("problems.otherPage"));
    }
  }

  private static boolean comesFromHere(HttpServletRequest request) {
    String site = request.getHeader(SITE);
    if (site != null) {
      return site.equals("same-origin");
    }
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    return origin == null || isHost(origin, request.getHeader(HttpHeaders.HOST));
  }

  /** A proxy may end https before us, so the host and port are compared, not the scheme. */
  private static boolean isHost(String origin, @Nullable String host) {
    try {
      URI from = URI.create(origin);
      return host != null
          && from.getHost() != null
          && (from.getAuthority().equalsIgnoreCase(host)
              || (from.getHost() + ":" + port(from)).equalsIgnoreCase(host));
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static int port(URI address) {
    if (address.getPort() >= 0) {
      return address.getPort();
    }
    return "https".equals(address.getScheme()) ? HTTPS : HTTP;
  }
}
