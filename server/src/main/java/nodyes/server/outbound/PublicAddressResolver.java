package nodyes.server.outbound;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.hc.client5.http.DnsResolver;

/** Resolves hosts to public addresses, and refuses those of which one address is not. */
final class PublicAddressResolver implements DnsResolver {
  private final DnsResolver resolver;

  PublicAddressResolver(DnsResolver resolver) {
    this.resolver = resolver;
  }

  @Override
  public InetAddress[] resolve(String host) throws UnknownHostException {
    InetAddress[] addresses = resolver.resolve(host);
    for (InetAddress address : addresses) {
      if (!SpecialPurposeRanges.isPublic(address)) {
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
