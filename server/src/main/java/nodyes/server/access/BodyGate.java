package nodyes.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Judges what comes with a request before a byte of it is read: by path, kind and length. It stands
 * before all that might look for parameters in a body.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyGate extends OncePerRequestFilter {
  private static final MediaType ANY_PICTURE = MediaType.valueOf("image/*");

  private final AccessTable table;

  BodyGate(AccessTable table) {
    this.table = table;
  }

  static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0
        || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!hasBody(request)) {
      chain.doFilter(request, response);
      return;
    }
    Optional<Line> line = table.find(request.getMethod(), request.getRequestURI());
    if (line.isEmpty()) {
      boolean isKnown = table.knows(request.getRequestURI());
      ProblemAnswer.unread(
          request,
          response,
          isKnown ? 405 : 404,
          isKnown ? "This is not done here." : "There is nothing at this address.");
      return;
    }
    judge(line.get(), request, response, chain);
  }

  private static void judge(
      Line line, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Line.Body body = line.body();
    long length = request.getContentLengthLong();
    boolean isStranger = line.who().isEmpty();
    if (body == Line.Body.NONE && SameOrigin.isSafe(request)) {
      ProblemAnswer.unread(request, response, 400, "Nothing can be sent along with this question.");
    } else if (!isTaken(body, request.getContentType())) {
      ProblemAnswer.unread(
          request,
          response,
          415,
          "What was sent is of a kind that is not taken here" + wanted(body));
    } else if (length > body.most()) {
      ProblemAnswer.unread(
          request,
          response,
          413,
          body == Line.Body.FILE
              ? "The file is over 1 GB. Cut it into smaller ones; nothing of it was taken."
              : "This is more than can be taken.");
    } else if (length < 0 && (isStranger || body == Line.Body.FILE)) {
      ProblemAnswer.unread(
          request, response, 411, "Say how long it is: Content-Length is missing.");
    } else {
      chain.doFilter(length < 0 ? new BoundedRequest(request, body.most()) : request, response);
    }
  }

  private static boolean isTaken(Line.Body body, @Nullable String contentType) {
    MediaType type;
    try {
      type = contentType == null ? null : MediaType.parseMediaType(contentType);
    } catch (InvalidMediaTypeException e) {
      return false;
    }
    if (type == null) {
      return body == Line.Body.PICTURE;
    }
    boolean isJson = MediaType.APPLICATION_JSON.isCompatibleWith(type) && type.isConcrete();
    return switch (body) {
      case NONE, SMALL_JSON, JSON, LARGE_JSON -> isJson;
      case VIEWS -> isJson || MediaType.TEXT_PLAIN.isCompatibleWith(type);
      case PICTURE ->
          ANY_PICTURE.includes(type) || MediaType.APPLICATION_OCTET_STREAM.isCompatibleWith(type);
      case FILE -> MediaType.MULTIPART_FORM_DATA.isCompatibleWith(type);
    };
  }

  private static String wanted(Line.Body body) {
    return switch (body) {
      case NONE -> "; send nothing.";
      case SMALL_JSON, JSON, LARGE_JSON -> "; send application/json.";
      case VIEWS -> "; send application/json or text/plain.";
      case PICTURE -> "; send the picture as it is, such as image/jpeg.";
      case FILE -> "; send multipart/form-data.";
    };
  }
}
