package nodyes.server.outbound;

import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Set;
import nodyes.server.web.ApiProblem;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * A server that sent a header a second was listened to for as long as it went on, and one whose
 * Location is no address was an error of ours.
 */
public class FetchEndsTest {
  private static final OutboundHttp.Limits SHORT =
      new OutboundHttp.Limits(1000, Duration.ofMillis(1500));

  private ServerSocket server;
  private OutboundHttp fetch;

  @BeforeMethod
  public void listen() throws IOException {
    server = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
    fetch =
        new OutboundHttp(
            Set.of("127.0.0.1:" + server.getLocalPort()), SystemDefaultDnsResolver.INSTANCE);
  }

  @AfterMethod(alwaysRun = true)
  public void stop() throws IOException {
    fetch.close();
    server.close();
  }

  private void answer(String head, String again) {
    Thread.ofVirtual()
        .start(
            () -> {
              try (Socket socket = server.accept();
                  OutputStream out = socket.getOutputStream()) {
                out.write(head.getBytes(StandardCharsets.ISO_8859_1));
                while (!again.isEmpty()) {
                  out.write(again.getBytes(StandardCharsets.US_ASCII));
                  out.flush();
                  Thread.sleep(100);
                }
              } catch (IOException | InterruptedException e) {
                // the other end has left
              }
            });
  }

  private ApiProblem asked() {
    return expectThrows(
        ApiProblem.class,
        () -> fetch.get("http://127.0.0.1:" + server.getLocalPort() + "/page", SHORT));
  }

  @DataProvider
  Object[][] slow() {
    return new Object[][] {
      {"HTTP/1.1 200 OK\r\n", "X-More: 1\r\n"},
      {"HTTP/1.1 200 OK\r\nContent-Length: 900\r\n\r\n", "x"},
      {"HTTP/1.1 200 OK\r\nX-Long: ", "x"},
    };
  }

  @Test(dataProvider = "slow", timeOut = 20_000)
  public void theTimeHoldsForHeadersToo(String head, String again) {
    answer(head, again);
    ApiProblem refusal = asked();
    assertTrue(String.valueOf(refusal.getMessage()).contains("too long"), refusal.getMessage());
  }

  @DataProvider
  Object[][] elsewhere() {
    return new Object[][] {
      {"http://[not an address"},
      {"http://exa mple/"},
      {"\u00ff\u00fe%%%"},
      {"javascript:alert(1)"},
      {"//"},
      {"http:///no-host"},
    };
  }

  @Test(dataProvider = "elsewhere", timeOut = 20_000)
  public void aLocationThatIsNoAddressIsToldInASentence(String location) {
    answer("HTTP/1.1 302 Found\r\nLocation: " + location + "\r\nContent-Length: 0\r\n\r\n", "");
    ApiProblem refusal = asked();
    assertTrue(
        String.valueOf(refusal.getMessage())
            .matches("(127.0.0.1 redirects|“.+” is not|A web address) .+"),
        refusal.getMessage());
  }
}
