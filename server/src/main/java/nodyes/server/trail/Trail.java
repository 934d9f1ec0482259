package nodyes.server.trail;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import nodyes.server.web.EachMinute;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Keeps what was done by whom, for 13 months. */
@Component
public class Trail {
  private static final Duration KEPT = Duration.ofDays(395);
  private static final String SAID = Trail.class.getName();

  private final TrailStore store;
  private final Clock clock;

  Trail(TrailStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /**
   * What a request did, more closely than its endpoint tells.
   *
   * @param did so that "who did" is a sentence
   * @param link where it can be looked at in the back office
   */
  public record Did(String did, @Nullable String link) {}

  /** Says what the request that is being answered does. */
  public static void say(String did, @Nullable String link) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request != null) {
      request.setAttribute(SAID, new Did(did, link), RequestAttributes.SCOPE_REQUEST);
    }
  }

  /** The name of the request's attribute that {@link #say} sets. */
  public static String said() {
    return SAID;
  }

  /** Adds a line. */
  public void add(String who, String place, String did, @Nullable String link) {
    store.add(clock.instant(), who, place, did, link);
  }

  /** Adds a line of an earlier moment: of what is filled in. */
  public void add(Instant at, String who, String place, String did) {
    store.add(at, who, place, did, null);
  }

  void forget() {
    store.forget(clock.instant().minus(KEPT));
  }

  /** Forgets what is old. */
  @Component
  static class Job extends EachMinute {
    Job(Trail trail) {
      super("trail", trail::forget);
    }
  }
}
