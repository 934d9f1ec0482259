package nodyes.server;

import java.time.Clock;
import java.time.ZoneOffset;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** The server's clock stands still: how long the tests before took is nothing that one reads. */
@TestConfiguration
class StillClock {
  @Bean
  @Primary
  Clock stillClock(ServerSettings settings) {
    return Clock.fixed(settings.clock().orElseThrow(), ZoneOffset.UTC);
  }
}
