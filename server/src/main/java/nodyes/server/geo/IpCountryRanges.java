package nodyes.server.geo;

import static nodyes.server.messages.Texts.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Countries of addresses, from a file as RFC 8805 has it: a prefix, a country, and what is not read
 * here. Of nested prefixes the narrower one counts.
 */
final class IpCountryRanges {
  private static final int BYTE = 8;

  private record Range(BigInteger last, String country) {}

  /** By the number of bytes of an address, then by the prefix's bits, by where ranges begin. */
  private final Map<Integer, TreeMap<Integer, TreeMap<BigInteger, Range>>> ranges = new TreeMap<>();

  /** Reads a file; what is malformed is told by its line. */
  static IpCountryRanges read(Path file) throws IOException {
    var read = new IpCountryRanges();
    try (BufferedReader lines = Files.newBufferedReader(file)) {
      int number = 0;
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        number++;
        if (!line.isBlank() && !line.startsWith("#")) {
          try {
            read.add(line);
          } catch (IllegalArgumentException e) {
            throw new IOException(
                text(
                    "where.lineOf",
                    "number",
                    number,
                    "file",
                    file,
                    "value",
                    String.valueOf(e.getMessage())),
                e);
          }
        }
      }
    }
    return read;
  }

  private void add(String line) {
    String[] fields = line.split(",", -1);
    String[] prefix = fields[0].strip().split("/", -1);
    if (fields.length < 2 || prefix.length != 2) {
      throw new IllegalArgumentException(text("where.lineForm"));
    }
    byte[] address = InetAddress.ofLiteral(prefix[0]).getAddress();
    int bits = Integer.parseInt(prefix[1]);
    int all = address.length * BYTE;
    if (bits < 0 || bits > all) {
      throw new IllegalArgumentException(text("where.prefixLength", "prefix", prefix[1]));
    }
    String country = fields[1].strip().toUpperCase(Locale.ROOT);
    if (country.isEmpty()) {
      return; // RFC 8805: the country is not to be told
    }
    BigInteger size = BigInteger.ONE.shiftLeft(all - bits);
    BigInteger number = new BigInteger(1, address);
    BigInteger first = number.subtract(number.mod(size));
    ranges
        .computeIfAbsent(address.length, _ -> new TreeMap<>())
        .computeIfAbsent(bits, _ -> new TreeMap<>())
        .put(first, new Range(first.add(size).subtract(BigInteger.ONE), country));
  }

  Optional<String> find(InetAddress address) {
    var number = new BigInteger(1, address.getAddress());
    return ranges
        .getOrDefault(address.getAddress().length, new TreeMap<>())
        .descendingMap()
        .values()
        .stream()
        .flatMap(
            starts ->
                Optional.ofNullable(starts.floorEntry(number))
                    .map(Map.Entry::getValue)
                    .filter(range -> number.compareTo(range.last()) <= 0)
                    .stream())
        .map(Range::country)
        .findFirst();
  }
}
