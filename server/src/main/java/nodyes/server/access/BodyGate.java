package nodyes.server.access;

import static nodyes.server.messages.Texts.text;

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
          isKnown ? text("problems.notDoneHere") : text("problems.nothingHere"));
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
      ProblemAnswer.unread(request, response, 400, text("problems.nothingToSend"));
    } else if (!isTaken(body, request.getContentType())) {
      ProblemAnswer.unread(
          request, response, 415, text("problems.wrongKind", "kinds", wanted(body)));
    } else if (length > body.most()) {
      ProblemAnswer.unread(
          request,
          response,
          413,
          body == Line.Body.FILE ? text("problems.fileOver1Gb") : text("problems.tooLarge"));
    } else if (length < 0 && (isStranger || body == Line.Body.FILE)) {
      ProblemAnswer.unread(request, response, 411, text("problems.lengthMissing"));
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
      case NONE -> "none";
      case SMALL_JSON, JSON, LARGE_JSON -> "application/json";
      case VIEWS -> "application/json, text/plain";
      case PICTURE -> "image/jpeg, image/png, image/gif, image/webp";
      case FILE -> "multipart/form-data";
    };
  }
}
