package nodyes.server.pages;

import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nodyes.core.nod.PageKind;
import org.springframework.stereotype.Component;

/** On which kinds of page the script was seen at work by shoppers' browsers, and when first. */
@Component
public class ScriptDetections {
  private final ScriptDetectionStore store;
  private final Clock clock;
  private final Map<PageKind, Instant> seen;

  ScriptDetections(ScriptDetectionStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
    this.seen = new ConcurrentHashMap<>(store.all());
  }

  /** The script asked for a page of that kind. */
  public void see(PageKind kind) {
    if (!seen.containsKey(kind)) {
      Instant now = clock.instant();
      seen.put(kind, now);
      store.keep(kind, now);
    }
  }

  /** Whether it ever was, on any of them. */
  public boolean isSeen() {
    return !seen.isEmpty();
  }

  Map<PageKind, Instant> all() {
    return Map.copyOf(seen);
  }
}
