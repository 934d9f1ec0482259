package nodyes.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What anyone may send is small, told by its length before any of it is read; a browser always says
 * the length. Pictures have a limit of their own.
 */
@Component
class BodyLimit extends OncePerRequestFilter {
  private static final long LARGEST = 1_000_000;
  private static final int LENGTH_REQUIRED = 411;
  private static final int TOO_LARGE = 413;
  private static final Set<String> PICTURES = Set.of("/embed/v1/reviews/pictures");

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !request.getMethod().equals("POST")
        || !path.startsWith("/embed/")
        || PICTURES.contains(path);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long length = request.getContentLengthLong();
    if (length >= 0 && length <= LARGEST) {
      chain.doFilter(request, response);
      return;
    }
    response.setHeader("Access-Control-Allow-Origin", "*");
    response.setStatus(length < 0 ? LENGTH_REQUIRED : TOO_LARGE);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write("{\"detail\":\"This is more than can be taken, or does not say how long it is.\"}");
  }
}
