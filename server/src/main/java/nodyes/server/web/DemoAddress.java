package nodyes.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import nodyes.server.ServerSettings;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The demo's back office under the one name that its shop's pages speak to: whoever types localhost
 * is led there, as the framed page would not answer another origin.
 */
@Component
class DemoAddress extends OncePerRequestFilter {
  private static final String TYPED = "localhost";
  private static final String OWN = "127.0.0.1";

  private final ServerSettings settings;

  DemoAddress(ServerSettings settings) {
    this.settings = settings;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !settings.demo()
        || !request.getMethod().equals("GET")
        || !request.getServerName().equals(TYPED)
        || !Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT))
            .orElse("")
            .contains(MediaType.TEXT_HTML_VALUE);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String query = request.getQueryString();
    response.sendRedirect(
        "http://"
            + OWN
            + ":"
            + request.getServerPort()
            + request.getRequestURI()
            + (query == null ? "" : "?" + query));
  }
}
