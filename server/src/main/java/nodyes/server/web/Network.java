package nodyes.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.util.Arrays;
import java.util.HexFormat;

/**
 * The network that a caller is counted by: an IPv4 address, or the first 64 bits of an IPv6 one,
 * since whoever has one of these addresses has them all (RFC 6177; common practice).
 */
public final class Network {
  private static final int PREFIX_BYTES = 8;

  private Network() {}

  /** The network of a request's caller. */
  public static String of(HttpServletRequest request) {
    return of(request.getRemoteAddr());
  }

  /** The network of an address. */
  public static String of(String address) {
    if (address.indexOf(':') < 0) {
      return address;
    }
    try {
      InetAddress parsed = InetAddress.ofLiteral(address.replaceAll("^\\[|]$|%.*", ""));
      return parsed instanceof Inet6Address
          ? HexFormat.of().formatHex(Arrays.copyOf(parsed.getAddress(), PREFIX_BYTES)) + "/64"
          : parsed.getHostAddress();
    } catch (IllegalArgumentException e) {
      return address;
    }
  }
}
