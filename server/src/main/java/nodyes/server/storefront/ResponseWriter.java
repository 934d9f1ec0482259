package nodyes.server.storefront;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Writes ready answers: validators, lifetime, compression. */
@Component
class ResponseWriter {
  private final Clock clock;

  ResponseWriter(Clock clock) {
    this.clock = clock;
  }

  void write(CachedResponse answer, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Instant now = clock.instant();
    write(answer, request, response, answer.cacheControl(now), now);
  }

  /** Writes what holds at a moment, which may be another than now. */
  void write(
      CachedResponse answer,
      HttpServletRequest request,
      HttpServletResponse response,
      String cacheControl,
      Instant moment)
      throws IOException {
    boolean zipped = accepts(request, "gzip");
    String etag = zipped ? answer.etag().replaceFirst("\"$", "-gz\"") : answer.etag();
    // a script that counts down carries this clock on, and Date has seconds alone
    response.setHeader("Nodyes-Time", String.valueOf(moment.toEpochMilli()));
    response.setHeader("Cache-Control", cacheControl);
    response.setHeader("ETag", etag);
    response.setHeader("Vary", answer.keptBy().vary());
    response.setHeader("Access-Control-Allow-Origin", "*");
    response.setHeader("Access-Control-Expose-Headers", "Date, Nodyes-Time");
    response.setHeader("X-Content-Type-Options", "nosniff");
    if (matches(request.getHeader("If-None-Match"), etag)) {
      response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
      return;
    }
    byte[] bytes = zipped ? answer.gzip() : answer.plain();
    if (zipped) {
      response.setHeader("Content-Encoding", "gzip");
    }
    response.setContentType("application/json");
    response.setContentLength(bytes.length);
    response.getOutputStream().write(bytes);
  }

  static boolean accepts(HttpServletRequest request, String encoding) {
    String accepted = request.getHeader("Accept-Encoding");
    return accepted != null && accepted.contains(encoding);
  }

  /** RFC 9110 section 13.1.2: any of the list, weak comparison, or a star. */
  static boolean matches(@org.jspecify.annotations.Nullable String header, String etag) {
    if (header == null) {
      return false;
    }
    for (String candidate : header.split(",", -1)) {
      String tag = candidate.strip();
      if (tag.equals("*") || tag.equals(etag) || tag.equals("W/" + etag)) {
        return true;
      }
    }
    return false;
  }
}
