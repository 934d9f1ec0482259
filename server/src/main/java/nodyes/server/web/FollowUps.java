package nodyes.server.web;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.PayloadApplicationEvent;
import org.springframework.context.event.SimpleApplicationEventMulticaster;
import org.springframework.stereotype.Component;

/**
 * Tells listeners of what happened. What happened stays so whatever becomes of what follows it: a
 * listener that fails is noted, the others are told, and it is told again each minute until it
 * succeeds.
 */
@Component("applicationEventMulticaster")
public class FollowUps extends SimpleApplicationEventMulticaster {
  private static final Logger LOG = LoggerFactory.getLogger(FollowUps.class);
  private static final int MOST = 200;

  private final Clock clock;
  private final Map<Key, Failed> failed = new LinkedHashMap<>();

  FollowUps(Clock clock) {
    this.clock = clock;
  }

  private record Key(String listener, Object event) {}

  private record Failed(
      ApplicationListener<?> listener, ApplicationEvent event, Instant since, String reason) {}

  /**
   * Something that follows a change and could not be done yet.
   *
   * @param what follows, by the name of what does it
   * @param of what happened
   * @param since when it failed first
   */
  public record Pending(String what, String of, Instant since, String reason) {}

  @Override
  protected void invokeListener(ApplicationListener<?> listener, ApplicationEvent event) {
    if (!isOurs(event)) {
      super.invokeListener(listener, event);
      return;
    }
    try {
      super.invokeListener(listener, event);
      forget(listener, event);
    } catch (RuntimeException e) {
      LOG.error("What follows {} failed in {}", event, listener, e);
      note(listener, event, e);
    }
  }

  private static boolean isOurs(ApplicationEvent event) {
    return event instanceof PayloadApplicationEvent<?> told
        && told.getPayload().getClass().getName().startsWith("nodyes.");
  }

  private static Key key(ApplicationListener<?> listener, ApplicationEvent event) {
    Object told = event instanceof PayloadApplicationEvent<?> of ? of.getPayload() : event;
    return new Key(String.valueOf(listener), told);
  }

  private synchronized void note(
      ApplicationListener<?> listener, ApplicationEvent event, RuntimeException e) {
    Key key = key(listener, event);
    Failed before = failed.get(key);
    if (before != null || failed.size() < MOST) {
      failed.put(
          key,
          new Failed(
              listener,
              event,
              before == null ? clock.instant() : before.since(),
              String.valueOf(e.getMessage())));
    }
  }

  private synchronized void forget(ApplicationListener<?> listener, ApplicationEvent event) {
    if (!failed.isEmpty()) {
      failed.remove(key(listener, event));
    }
  }

  /** Tells them again; how many succeeded and are no longer pending. */
  public long again() {
    List<Failed> now;
    synchronized (this) {
      now = List.copyOf(failed.values());
    }
    now.forEach(one -> invokeListener(one.listener(), one.event()));
    return Math.max(0, now.size() - (long) pending().size());
  }

  /** What could not be done yet, the oldest first. */
  public synchronized List<Pending> pending() {
    return failed.entrySet().stream()
        .map(
            one ->
                new Pending(
                    simple(one.getKey().listener()),
                    one.getKey().event().getClass().getSimpleName(),
                    one.getValue().since(),
                    one.getValue().reason()))
        .toList();
  }

  /**
   * A listener's method reads nodyes.server.delivery.PromiseRecorder.keep(); its class is enough.
   */
  private static String simple(String listener) {
    String name = listener.replaceFirst("\\(.*", "").replaceFirst("^.*: ?.*? (?=nodyes)", "");
    String[] parts = name.split("\\.");
    return parts.length < 2 ? name : parts[parts.length - 2];
  }
}
