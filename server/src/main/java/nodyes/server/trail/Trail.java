package nodyes.server.trail;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import nodyes.core.common.Said;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Keeps what was done by whom, for 13 months. */
@Component
public class Trail {
  private static final Duration KEPT = Duration.ofDays(395);
  private static final String OF_REQUEST = Trail.class.getName();

  private final TrailStore store;
  private final Clock clock;

  Trail(TrailStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /**
   * What a request did, more closely than its endpoint tells.
   *
   * @param did so that "who did" is a sentence, in the language of whoever reads it
   * @param link where it can be looked at in the back office
   */
  public record Did(Said did, @Nullable String link) {}

  /** Says what the request that is being answered does. */
  public static void say(Said did, @Nullable String link) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request != null) {
      request.setAttribute(OF_REQUEST, new Did(did, link), RequestAttributes.SCOPE_REQUEST);
    }
  }

  /** The name of the request's attribute that {@link #say} sets. */
  public static String said() {
    return OF_REQUEST;
  }

  /** Adds a line. */
  public void add(String who, String place, Said did, @Nullable String link) {
    store.add(clock.instant(), who, place, did, link);
  }

  /** Adds a line of an earlier moment: of what is filled in. */
  public void add(Instant at, String who, String place, Said did) {
    store.add(at, who, place, did, null);
  }

  long forget() {
    return store.forget(clock.instant().minus(KEPT));
  }
}
