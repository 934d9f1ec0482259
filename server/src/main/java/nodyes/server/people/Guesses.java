package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/**
 * Makes guessing slow: after some failures each next try waits longer, for the account from that
 * network, for the network, and for the account as a whole. A device on which the person signed in
 * before does not wait for what others tried, so strangers lock nobody out.
 */
@Component
class Guesses {
  private static final Duration LONGEST = Duration.ofMinutes(15);
  private static final Duration FORGOTTEN = Duration.ofHours(24);
  private static final long MOST = 50_000;

  private final Clock clock;
  private final Cache<String, Failures> failures =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(FORGOTTEN).build();

  Guesses(Clock clock) {
    this.clock = clock;
  }

  private record Failures(int count, Instant last) {}

  /** What failures are counted for, and how many of them cost nothing. */
  private record Counted(String name, int free) {}

  private static List<Counted> counted(String account, String network, boolean isKnown) {
    var here = new Counted(account + " from " + network, 5);
    return isKnown
        ? List.of(here)
        : List.of(here, new Counted("from " + network, 20), new Counted(account + " from all", 40));
  }

  /** Refuses with 429 while the next try has to wait. */
  void check(String account, String network, boolean isKnown) {
    Instant now = clock.instant();
    for (Counted one : counted(account, network, isKnown)) {
      Failures failed = failures.getIfPresent(one.name());
      if (failed != null) {
        Instant free = failed.last().plus(pause(failed.count() - one.free()));
        if (free.isAfter(now)) {
          throw ApiProblem.busy(text("people.tooManyTries"), Duration.between(now, free));
        }
      }
    }
  }

  /** So long after so many failures too many: 1 s, 2 s, 4 s …, a quarter of an hour at most. */
  static Duration pause(int tooMany) {
    if (tooMany < 0) {
      return Duration.ZERO;
    }
    Duration doubled = Duration.ofSeconds(1L << Math.min(tooMany, 20));
    return doubled.compareTo(LONGEST) < 0 ? doubled : LONGEST;
  }

  void failed(String account, String network, boolean isKnown) {
    Instant now = clock.instant();
    for (Counted one : counted(account, network, isKnown)) {
      failures
          .asMap()
          .merge(one.name(), new Failures(1, now), (old, _) -> new Failures(old.count() + 1, now));
    }
  }

  void succeeded(String account, String network) {
    failures.invalidate(counted(account, network, true).getFirst().name());
  }
}
