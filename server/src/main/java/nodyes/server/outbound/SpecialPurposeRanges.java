package nodyes.server.outbound;

import java.math.BigInteger;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.List;

/**
 * Addresses that are no public server's: IANA's special-purpose address registries (RFC 6890), with
 * multicast and what is reserved. The JDK's own predicates miss many of them.
 */
final class SpecialPurposeRanges {
  private static final List<Range> RANGES =
      List.of(
              "0.0.0.0/8",
              "10.0.0.0/8",
              "100.64.0.0/10",
              "127.0.0.0/8",
              "169.254.0.0/16",
              "172.16.0.0/12",
              "192.0.0.0/24",
              "192.0.2.0/24",
              "192.88.99.0/24",
              "192.168.0.0/16",
              "198.18.0.0/15",
              "198.51.100.0/24",
              "203.0.113.0/24",
              "224.0.0.0/4",
              "240.0.0.0/4",
              "::/96",
              "64:ff9b:1::/48",
              "100::/64",
              "2001::/23",
              "2001:db8::/32",
              "3fff::/20",
              "5f00::/16",
              "fc00::/7",
              "fe80::/10",
              "fec0::/10",
              "ff00::/8")
          .stream()
          .map(Range::of)
          .toList();

  /**
   * Where a shop on the owner's machine or in the own network is: private use (RFC 1918, RFC 4193)
   * and loopback. Link-local is not, since clouds hand out secrets there.
   */
  private static final List<Range> OWN_NETWORK =
      List.of("10.0.0.0/8", "127.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "::1/128", "fc00::/7")
          .stream()
          .map(Range::of)
          .toList();

  /** Ranges that carry an IPv4 address within, from a byte on: that one is judged. */
  private static final List<Carrying> CARRYING =
      List.of(new Carrying(Range.of("64:ff9b::/96"), 12), new Carrying(Range.of("2002::/16"), 2));

  private record Carrying(Range range, int from) {}

  /** Addresses of so many bytes that begin with a prefix of so many bits. */
  private record Range(int bytes, BigInteger prefix, int bits) {
    static Range of(String text) {
      int slash = text.indexOf('/');
      byte[] start = InetAddress.ofLiteral(text.substring(0, slash)).getAddress();
      int bits = Integer.parseInt(text.substring(slash + 1));
      return new Range(start.length, prefix(start, bits), bits);
    }

    private static BigInteger prefix(byte[] address, int bits) {
      return new BigInteger(1, address).shiftRight(address.length * 8 - bits);
    }

    boolean holds(byte[] address) {
      return address.length == bytes && prefix(address, bits).equals(prefix);
    }
  }

  private SpecialPurposeRanges() {}

  /** Whether a server of the public internet can have the address. */
  static boolean isPublic(InetAddress address) {
    byte[] bytes = address.getAddress();
    if (RANGES.stream().anyMatch(range -> range.holds(bytes))) {
      return false;
    }
    if (address instanceof Inet4Address) {
      return true;
    }
    return CARRYING.stream()
        .filter(carrying -> carrying.range().holds(bytes))
        .allMatch(
            carrying ->
                isPublic(inner(Arrays.copyOfRange(bytes, carrying.from(), carrying.from() + 4))));
  }

  /** Whether a shop in the owner's own network can have the address, or one of the internet. */
  static boolean isOwnNetwork(InetAddress address) {
    byte[] bytes = address.getAddress();
    return isPublic(address) || OWN_NETWORK.stream().anyMatch(range -> range.holds(bytes));
  }

  private static InetAddress inner(byte[] four) {
    try {
      return InetAddress.getByAddress(four);
    } catch (UnknownHostException e) {
      throw new IllegalStateException("four bytes are an address", e);
    }
  }
}
