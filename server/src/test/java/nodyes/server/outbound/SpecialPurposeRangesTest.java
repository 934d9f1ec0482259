package nodyes.server.outbound;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.net.InetAddress;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * The ranges of IANA's IPv4 and IPv6 special-purpose address registries (RFC 6890), at their edges.
 */
public class SpecialPurposeRangesTest {
  @DataProvider
  public Object[][] addresses() {
    return new Object[][] {
      {"8.8.8.8", true},
      {"2606:4700::1111", true},
      {"::ffff:8.8.8.8", true},
      {"100.63.255.255", true},
      {"100.64.0.0", false},
      {"100.127.255.255", false},
      {"100.128.0.0", true},
      {"172.15.255.255", true},
      {"172.16.0.0", false},
      {"172.31.255.255", false},
      {"172.32.0.0", true},
      {"192.167.255.255", true},
      {"192.168.0.0", false},
      {"192.169.0.1", true},
      {"198.17.255.255", true},
      {"198.18.0.0", false},
      {"198.19.255.255", false},
      {"198.20.0.0", true},
      {"0.0.0.0", false},
      {"10.1.2.3", false},
      {"127.0.0.1", false},
      {"169.254.169.254", false},
      {"192.0.2.1", false},
      {"192.88.99.1", false},
      {"198.51.100.7", false},
      {"203.0.113.9", false},
      {"224.0.0.1", false},
      {"240.0.0.1", false},
      {"255.255.255.255", false},
      {"::", false},
      {"::1", false},
      {"::127.0.0.1", false},
      {"::ffff:7f00:1", false},
      {"64:ff9b::7f00:1", false},
      {"64:ff9b::808:808", true},
      {"64:ff9b:1::1", false},
      {"100::1", false},
      {"2001:0:1::1", false},
      {"2001:db8::1", false},
      {"2002:7f00:1::", false},
      {"2002:808:808::", true},
      {"3fff::1", false},
      {"5f00::1", false},
      {"fc00::1", false},
      {"fd00:ec2::254", false},
      {"fe80::1", false},
      {"fec0::1", false},
      {"ff02::1", false},
    };
  }

  @Test(dataProvider = "addresses")
  public void onlyPublicAddressesPass(String address, boolean passes) {
    assertEquals(SpecialPurposeRanges.isPublic(InetAddress.ofLiteral(address)), passes, address);
  }

  @DataProvider
  public Object[][] noAddresses() {
    return new Object[][] {
      {"http://2130706433/"},
      {"http://0x7f000001/"},
      {"http://0x7f.0.0.1/"},
      {"http://0177.0.0.1/"},
      {"http://017700000001/"},
      {"http://127.1/"},
      {"http://127.000.000.001/"},
      {"http://2852039166/"},
      {"http://0251.0376.0251.0376/"},
      {"http://169.254.43518/"},
      {"http://example.com@127.0.0.1/"},
      {"http://a:b@example.com/"},
      {"http://127.0.0.1\\@example.com/"},
      {"http://localhost./"},
      {"http://１２７.０.０.１/"},
      {"file:///etc/passwd"},
      {"gopher://example.com/"},
      {"jar:http://example.com/a.jar!/"},
      {"ftp://example.com/"},
      {"data:text/html,hello"},
      {"http://example.com:22/"},
      {"http://"},
      {""},
      {"not an address"},
    };
  }

  @Test(dataProvider = "noAddresses")
  public void oddFormsAreRefused(String address) {
    expectThrows(ApiProblem.class, () -> WebUrls.of(address));
  }

  @Test
  public void namesAndPlainLiteralsAreTaken() {
    assertEquals(WebUrls.of(" market.example/p/1 ").toString(), "https://market.example/p/1");
    assertEquals(WebUrls.authority(WebUrls.of("HTTP://Market.example")), "market.example:80");
    assertEquals(
        WebUrls.authority(WebUrls.of("https://[2606:4700::1111]:8443/a")),
        "[2606:4700::1111]:8443");
    assertEquals(WebUrls.of("http://127.0.0.1#@example.com/").getHost(), "127.0.0.1");
  }
}
