package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import org.springframework.http.HttpStatus;

/** So many requests per period for each caller; refilled evenly. */
public final class RateLimit {
  private static final long MOST_CALLERS = 20_000;

  private final Cache<String, Bucket> buckets;
  private final long requests;
  private final Duration period;

  /** At most {@code requests} in a {@code period} for each caller. */
  public RateLimit(long requests, Duration period) {
    this.requests = requests;
    this.period = period;
    this.buckets =
        Caffeine.newBuilder()
            .maximumSize(MOST_CALLERS)
            .expireAfterAccess(period.multipliedBy(2))
            .build();
  }

  /** Counts one request; refuses with 429 where the caller has none left. */
  public void count(String caller) {
    Bucket bucket =
        buckets.get(
            caller,
            _ ->
                Bucket.builder()
                    .addLimit(limit -> limit.capacity(requests).refillGreedy(requests, period))
                    .build());
    if (!bucket.tryConsume(1)) {
      throw new ApiProblem(HttpStatus.TOO_MANY_REQUESTS, text("problems.tooManyRequests"));
    }
  }
}
