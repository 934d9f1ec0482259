package nodyes.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** A clock that a test alone moves: how long the tests before took is nothing that one reads. */
public final class StillClock extends Clock {
  private final Instant start;
  private volatile Instant now;

  StillClock(Instant start) {
    this.start = start;
    this.now = start;
  }

  /** For each server that tests share. */
  @TestConfiguration
  static class OfServer {
    @Bean
    @Primary
    StillClock stillClock(ServerSettings settings) {
      return new StillClock(settings.clock().orElseThrow());
    }
  }

  /** Lets time pass. */
  public void pass(Duration time) {
    now = now.plus(time);
  }

  void restore() {
    now = start;
  }

  @Override
  public Instant instant() {
    return now;
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    InstantSource moved = () -> now;
    return moved.withZone(zone);
  }
}
