package nodyes.server;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How the server was started.
 *
 * @param data the folder with all that is stored
 * @param demo whether requests from this machine are signed in as the demo owner
 * @param apiKey a key for machines given at the start, kept in memory alone
 * @param clock where the clock starts, if not at the machine's time
 */
@ConfigurationProperties("nodyes")
public record ServerSettings(
    Path data, boolean demo, Optional<String> apiKey, Optional<Instant> clock) {}
