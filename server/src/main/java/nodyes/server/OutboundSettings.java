package nodyes.server;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What the server was started with to reach others.
 *
 * @param trustedHosts hosts with ports that are asked though they are not public: the demo's own
 * @param translator address of the service that translates, if one is connected
 * @param simulators addresses of the demo's stand-ins for outside services, by what they stand for
 * @param mailFrom the address that e-mails are sent from
 */
@ConfigurationProperties("nodyes")
public record OutboundSettings(
    @DefaultValue Set<String> trustedHosts,
    Optional<String> translator,
    @DefaultValue Map<String, String> simulators,
    @DefaultValue("nod-yes@localhost") String mailFrom) {}
