package nodyes.server.geo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import nodyes.server.ServerTest;
import nodyes.server.web.ApiProblem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.testng.annotations.Test;

public class CountryResolverTest extends ServerTest {
  @Autowired private CountryResolver where;

  private static MockHttpServletRequest from(String header, String value) {
    var request = new MockHttpServletRequest();
    request.setRemoteAddr("192.0.2.7");
    request.addHeader(header, value);
    return request;
  }

  @Test
  public void aChoiceComesFirstThenATrustedHeaderThenTheZone() {
    var request = from("Proxy-Country", "de");
    assertEquals(
        where.find(null, "Asia/Tokyo", request),
        Optional.of("JP"),
        "a header that nobody trusts is passed over");
    where.trust("Proxy-Country");
    try {
      assertEquals(where.find(null, "Asia/Tokyo", request), Optional.of("DE"));
      assertEquals(where.find("fr", "Asia/Tokyo", request), Optional.of("FR"));
      assertEquals(
          where.find("nowhere", "Asia/Tokyo", from("Proxy-Country", "T1")),
          Optional.of("JP"),
          "what is no code tells nothing");
    } finally {
      where.trust("");
    }
    assertEquals(where.find(null, "UTC", from("Proxy-Country", "de")), Optional.empty());
    assertThrows(ApiProblem.class, () -> where.trust("no header\r\n"));
  }

  /** Prefixes as RFC 8805 has them; the addresses are those of RFC 5737 and RFC 3849. */
  @Test
  public void theNarrowestPrefixTellsTheCountry() throws IOException {
    IpCountryRanges ranges =
        read(
            """
            # prefix,country,region,city,postal
            203.0.113.0/24,FR,FR-ARA,Lyon,
            203.0.113.128/25,JP,,,
            2001:db8::/32,ES,,,
            2001:db8:1::/48,gb,,,
            198.51.100.0/24,,,,
            """);
    assertEquals(ranges.find(InetAddress.ofLiteral("203.0.113.5")), Optional.of("FR"));
    assertEquals(ranges.find(InetAddress.ofLiteral("203.0.113.128")), Optional.of("JP"));
    assertEquals(ranges.find(InetAddress.ofLiteral("203.0.114.0")), Optional.empty());
    assertEquals(ranges.find(InetAddress.ofLiteral("198.51.100.9")), Optional.empty());
    assertEquals(ranges.find(InetAddress.ofLiteral("2001:db8:1::7")), Optional.of("GB"));
    assertEquals(ranges.find(InetAddress.ofLiteral("2001:db8:2::7")), Optional.of("ES"));
  }

  @Test
  public void aBrokenFileIsToldByItsLine() {
    IOException problem = null;
    try {
      read("203.0.113.0/24,FR\n203.0.113.0/99,FR\n");
    } catch (IOException e) {
      problem = e;
    }
    assertTrue(
        problem != null && String.valueOf(problem.getMessage()).startsWith("Line 2 of"),
        String.valueOf(problem));
  }

  private static IpCountryRanges read(String text) throws IOException {
    Path file = Files.createTempFile("nodyes-countries", ".csv");
    Files.writeString(file, text);
    return IpCountryRanges.read(file);
  }
}
