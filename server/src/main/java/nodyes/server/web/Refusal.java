package nodyes.server.web;

import java.util.List;
import org.springframework.http.HttpStatus;

/** A request that cannot be met, with what a person is told: what happened, and what to do. */
public class Refusal extends RuntimeException {
  private final HttpStatus status;
  private final transient List<Fault> faults;

  /** One thing that is wrong with one value. */
  public record Fault(String field, String reason) {}

  /** A refusal with a text for people. */
  public Refusal(HttpStatus status, String detail) {
    this(status, detail, List.of());
  }

  /** A refusal that lists what is wrong with which value. */
  public Refusal(HttpStatus status, String detail, List<Fault> faults) {
    super(detail);
    this.status = status;
    this.faults = List.copyOf(faults);
  }

  /** 404 with a text. */
  public static Refusal notFound(String detail) {
    return new Refusal(HttpStatus.NOT_FOUND, detail);
  }

  /** 422 with a text. */
  public static Refusal unusable(String detail) {
    return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, detail);
  }

  /** 400 for one value that cannot be taken. */
  public static Refusal value(String field, String reason) {
    return new Refusal(
        HttpStatus.BAD_REQUEST, "Some values cannot be taken.", List.of(new Fault(field, reason)));
  }

  /** 400 for all of these; nothing where there are none. */
  public static void ifAny(List<Fault> faults) {
    if (!faults.isEmpty()) {
      throw new Refusal(HttpStatus.BAD_REQUEST, "Some values cannot be taken.", faults);
    }
  }

  HttpStatus status() {
    return status;
  }

  /** What is wrong, value by value; empty where it is the whole. */
  public List<Fault> faults() {
    return faults;
  }
}
