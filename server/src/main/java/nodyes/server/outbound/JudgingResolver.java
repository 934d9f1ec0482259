package nodyes.server.outbound;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.function.Predicate;
import org.apache.hc.client5.http.DnsResolver;

/** Resolves hosts to addresses that may be asked, and refuses those of which one may not. */
final class JudgingResolver implements DnsResolver {
  private final DnsResolver resolver;
  private final Predicate<InetAddress> mayBeAsked;

  JudgingResolver(DnsResolver resolver, Predicate<InetAddress> mayBeAsked) {
    this.resolver = resolver;
    this.mayBeAsked = mayBeAsked;
  }

  @Override
  public InetAddress[] resolve(String host) throws UnknownHostException {
    InetAddress[] addresses = resolver.resolve(host);
    for (InetAddress address : addresses) {
      if (!mayBeAsked.test(address)) {
        throw new NonPublicHostException(host);
      }
    }
    return addresses;
  }

  @Override
  public String resolveCanonicalHostname(String host) throws UnknownHostException {
    return resolver.resolveCanonicalHostname(host);
  }
}
