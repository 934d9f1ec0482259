package nodyes.server.outside;

import java.net.UnknownHostException;

/** A host that has an address which is no public server's. */
final class NotPublic extends UnknownHostException {
  NotPublic(String host) {
    super(host);
  }
}
