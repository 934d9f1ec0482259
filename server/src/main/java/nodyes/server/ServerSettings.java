package nodyes.server;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How the server was started.
 *
 * @param data the folder with all that is stored
 * @param demo whether requests from this machine are signed in as the demo owner
 * @param apiKey a key for machines given at the start, kept in memory alone
 * @param address where the back office is reached from outside, such as {@code
 *     https://nods.shop.example}; links in e-mails lead there
 * @param proxies addresses of proxies before it, whose word is taken on who asks and how
 * @param viewsPerMinute so many reports of views are taken from an address in a minute
 * @param geofeedFile a file of countries by address (RFC 8805), if one is given
 * @param clock where the clock starts, if not at the machine's time
 */
@ConfigurationProperties("nodyes")
public record ServerSettings(
    Path data,
    boolean demo,
    Optional<String> apiKey,
    Optional<String> address,
    @DefaultValue Set<String> proxies,
    @DefaultValue("240") int viewsPerMinute,
    Optional<String> geofeedFile,
    Optional<Instant> clock) {}
