package nodyes.server.web;

import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Whole files from outside are read one at a time: each may take much of the memory. */
@Configuration
class FilesInTurn {
  private static final int PENDING = 8;
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  @Bean
  InTurn inTurn() {
    return new InTurn("files", 1, PENDING, PATIENCE, "problems.fileInTurn");
  }
}
