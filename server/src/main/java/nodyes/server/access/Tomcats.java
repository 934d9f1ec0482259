package nodyes.server.access;

import static nodyes.server.messages.Texts.text;

import java.net.InetAddress;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nodyes.server.ServerSettings;
import org.apache.catalina.valves.RemoteIpValve;
import org.apache.coyote.ContinueResponseTiming;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * How requests come in: bodies are asked for only once they are wanted, and what a proxy says of
 * who asks is believed of the proxies that are named, and of them alone.
 */
@Component
class Tomcats implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  /** What is read of a refused body to be polite, before the connection is cut. */
  private static final int MOST_SWALLOWED = 128_000;

  private final ServerSettings settings;

  Tomcats(ServerSettings settings) {
    this.settings = settings;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addConnectorCustomizers(
        connector -> {
          if (connector.getProtocolHandler() instanceof AbstractHttp11Protocol<?> http) {
            http.setContinueResponseTiming(ContinueResponseTiming.ON_REQUEST_BODY_READ.toString());
            http.setMaxSwallowSize(MOST_SWALLOWED);
          }
        });
    if (!settings.proxies().isEmpty()) {
      factory.addEngineValves(proxies(settings.proxies()));
    }
  }

  private static RemoteIpValve proxies(Set<String> addresses) {
    var valve = new RemoteIpValve();
    valve.setInternalProxies(
        addresses.stream()
            .map(address -> Pattern.quote(plain(address)))
            .collect(Collectors.joining("|")));
    valve.setRemoteIpHeader("X-Forwarded-For");
    valve.setProtocolHeader("X-Forwarded-Proto");
    return valve;
  }

  /** As the connection's other end is told. */
  private static String plain(String address) {
    try {
      return InetAddress.ofLiteral(address).getHostAddress();
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(text("start.proxyByAddress", "address", address), e);
    }
  }
}
