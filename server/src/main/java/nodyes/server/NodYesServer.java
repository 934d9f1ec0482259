package nodyes.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.annotation.Bean;

/** The server's Spring application. */
@SpringBootApplication
@EnableConfigurationProperties({ServerSettings.class, OutboundSettings.class})
public class NodYesServer {
  /** The one clock of the product; it starts at the set instant, where one is set, and runs on. */
  @Bean
  Clock clock(ServerSettings settings) {
    Clock machine = Clock.system(ZoneOffset.UTC);
    return settings
        .clock()
        .map(start -> Clock.offset(machine, Duration.between(Instant.now(machine), start)))
        .orElse(machine);
  }
}
