package nodyes.server.outbound;

import java.net.UnknownHostException;

/** A host that has an address which is no public server's. */
final class NonPublicHostException extends UnknownHostException {
  NonPublicHostException(String host) {
    super(host);
  }
}
