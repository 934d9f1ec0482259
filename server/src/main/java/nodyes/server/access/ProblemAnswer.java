package nodyes.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;

/** Problems (RFC 9457) that are told before any controller is asked. */
final class ProblemAnswer {
  private ProblemAnswer() {}

  static void write(HttpServletResponse response, int status, String detail) throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    String problem = "{\"status\":" + status + ",\"detail\":\"" + detail + "\"}";
    response.getOutputStream().write(problem.getBytes(StandardCharsets.UTF_8));
  }

  /** As {@link #write}, for a body that is not read: the connection ends with the answer. */
  static void unread(
      HttpServletRequest request, HttpServletResponse response, int status, String detail)
      throws IOException {
    response.setHeader(HttpHeaders.CONNECTION, "close");
    if (request.getRequestURI().startsWith("/embed/")) {
      response.setHeader(HttpHeaders.ACCESS_CONTROL_ALLOW_ORIGIN, "*");
    }
    write(response, status, detail);
  }
}
