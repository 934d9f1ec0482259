package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;

/** A request that cannot be met, with what a person is told: what happened, and what to do. */
public class ApiProblem extends RuntimeException {
  private final HttpStatus status;
  private final transient List<FieldError> faults;
  private final transient Optional<Duration> wait;

  /** One thing that is wrong with one value. */
  public record FieldError(String field, String reason) {}

  /** A refusal with a text for people. */
  public ApiProblem(HttpStatus status, String detail) {
    this(status, detail, List.of());
  }

  /** A refusal that lists what is wrong with which value. */
  public ApiProblem(HttpStatus status, String detail, List<FieldError> faults) {
    this(status, detail, faults, Optional.empty());
  }

  private ApiProblem(
      HttpStatus status, String detail, List<FieldError> faults, Optional<Duration> wait) {
    super(detail);
    this.status = status;
    this.faults = List.copyOf(faults);
    this.wait = wait;
  }

  /** 429: it may be asked again after so long (RFC 6585, 4). */
  public static ApiProblem busy(String detail, Duration wait) {
    return new ApiProblem(HttpStatus.TOO_MANY_REQUESTS, detail, List.of(), Optional.of(wait));
  }

  /** 404 with a text. */
  public static ApiProblem notFound(String detail) {
    return new ApiProblem(HttpStatus.NOT_FOUND, detail);
  }

  /** 422 with a text. */
  public static ApiProblem unusable(String detail) {
    return new ApiProblem(HttpStatus.UNPROCESSABLE_CONTENT, detail);
  }

  /** 400 for one value that cannot be taken. */
  public static ApiProblem value(String field, String reason) {
    return new ApiProblem(
        HttpStatus.BAD_REQUEST,
        text("problems.checkFields"),
        List.of(new FieldError(field, reason)));
  }

  /** 400 for all of these; nothing where there are none. */
  public static void ifAny(List<FieldError> faults) {
    if (!faults.isEmpty()) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("problems.checkFields"), faults);
    }
  }

  HttpStatus status() {
    return status;
  }

  /** After how long it may be asked again, where that is known; whole seconds, 1 at least. */
  Optional<Long> waitSeconds() {
    return wait.map(time -> Math.max(1, time.plusMillis(999).toSeconds()));
  }

  /** What is wrong, value by value; empty where it is the whole. */
  public List<FieldError> faults() {
    return faults;
  }
}
