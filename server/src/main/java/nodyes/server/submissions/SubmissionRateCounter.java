package nodyes.server.submissions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** How many reviews came from one address of late; in memory alone, and for an hour. */
@Component
class SubmissionRateCounter {
  private static final long MOST = 20_000;

  private final Cache<String, AtomicInteger> counts =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(Duration.ofHours(1)).build();

  int inTheLastHour(String caller) {
    AtomicInteger count = counts.getIfPresent(caller);
    return count == null ? 0 : count.get();
  }

  void sent(String caller) {
    counts.get(caller, _ -> new AtomicInteger()).incrementAndGet();
  }
}
