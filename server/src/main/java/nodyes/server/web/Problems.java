package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every failure into problem+json (RFC 9457); no stack trace leaves the server. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler(ApiProblem.class)
  ResponseEntity<ProblemDetail> refusal(ApiProblem refusal) {
    var problem = ProblemDetail.forStatusAndDetail(refusal.status(), refusal.getMessage());
    if (!refusal.faults().isEmpty()) {
      problem.setProperty("faults", refusal.faults());
    }
    var answer = ResponseEntity.status(refusal.status());
    refusal
        .waitSeconds()
        .ifPresent(seconds -> answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds)));
    return answer.body(problem);
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException ex,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<ApiProblem.FieldError> faults =
        ex.getFieldErrors().stream()
            .map(
                error ->
                    new ApiProblem.FieldError(
                        error.getField(),
                        // what a value could not become is named in Java's words
                        error.isBindingFailure()
                            ? text("problems.unusableValue")
                            : String.valueOf(error.getDefaultMessage())))
            .toList();
    var problem = ProblemDetail.forStatusAndDetail(status, text("problems.checkFields"));
    problem.setProperty("faults", faults);
    return ResponseEntity.status(status).headers(headers).body(problem);
  }

  @Override
  protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException ex,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE, text("problems.fileOver1Gb")));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMediaTypeNotSupported(
      HttpMediaTypeNotSupportedException ex,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return notOfThatKind(headers, ex.getSupportedMediaTypes());
  }

  /** A body of another kind than multipart, where a file was expected. */
  @ExceptionHandler(MultipartException.class)
  ResponseEntity<Object> notMultipart(MultipartException failure) {
    if (DiskFullDetector.is(failure)) {
      return ResponseEntity.status(HttpStatus.INSUFFICIENT_STORAGE)
          .body(
              ProblemDetail.forStatusAndDetail(
                  HttpStatus.INSUFFICIENT_STORAGE, DiskFullDetector.words()));
    }
    return notOfThatKind(new HttpHeaders(), List.of(MediaType.MULTIPART_FORM_DATA));
  }

  private static ResponseEntity<Object> notOfThatKind(HttpHeaders headers, List<MediaType> taken) {
    String kinds =
        taken.isEmpty()
            ? "none"
            : taken.stream().map(MediaType::toString).collect(Collectors.joining(", "));
    return ResponseEntity.status(HttpStatus.UNSUPPORTED_MEDIA_TYPE)
        .headers(headers)
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                text(
                    "problems.wrongKind",
                    "kinds",
                    (kinds.isEmpty() ? "." : "; send " + kinds + "."))));
  }

  @ExceptionHandler(Exception.class)
  ResponseEntity<ProblemDetail> unforeseen(Exception failure, HttpServletRequest request)
      throws Exception {
    if (failure instanceof AccessDeniedException) {
      throw failure;
    }
    LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), failure);
    if (DiskFullDetector.is(failure)) {
      return ResponseEntity.status(HttpStatus.INSUFFICIENT_STORAGE)
          .body(
              ProblemDetail.forStatusAndDetail(
                  HttpStatus.INSUFFICIENT_STORAGE, DiskFullDetector.words()));
    }
    return ResponseEntity.internalServerError()
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, text("problems.ours")));
  }
}
