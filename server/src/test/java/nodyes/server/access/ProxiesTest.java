package nodyes.server.access;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import nodyes.server.RunningServer;
import org.testng.annotations.Test;

/** What a proxy says of who asks and how is believed where it is named, and of no other. */
public class ProxiesTest {
  private static HttpResponse<String> guess(RunningServer server, String from) throws Exception {
    return server.send(
        server
            .request("/api/v1/session")
            .header("X-Forwarded-For", from)
            .header("X-Forwarded-Proto", "https")
            .header("Content-Type", "application/json")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "{\"email\":\"x@shop.example\",\"password\":\"a guess of mine\"}")));
  }

  private static HttpResponse<String> firstRun(RunningServer server) throws Exception {
    return server.send(
        server
            .request("/api/v1/first-run")
            .header("X-Forwarded-Proto", "https")
            .header("X-Forwarded-For", "192.0.2.1")
            .header("Content-Type", "application/json")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "{\"code\":\""
                        + server.firstRunCode()
                        + "\",\"name\":\"Rita\",\"email\":\"rita@shop.example\",\"password\":"
                        + "\"three pots of clay\"}")));
  }

  @Test
  public void ofANamedProxyTheShoppersAddressAndHttpsAreBelieved() throws Exception {
    try (var server = new RunningServer("--nodyes.proxies=127.0.0.1")) {
      List<String> cookies = firstRun(server).headers().allValues("Set-Cookie");
      assertTrue(cookies.toString().contains("__Host-nodyes="), cookies.toString());
      for (String cookie : cookies) {
        assertTrue(cookie.contains("Secure") && cookie.contains("HttpOnly"), cookie);
        assertTrue(cookie.contains("SameSite=Strict") && cookie.contains("Path=/"), cookie);
        assertFalse(cookie.contains("Domain"), cookie);
      }
      for (int i = 0; i < 6; i++) {
        guess(server, "2001:db8:1:2::" + i);
      }
      // all of them are one network
      assertEquals(guess(server, "2001:db8:1:2:ffff::9").statusCode(), 429);
      HttpResponse<String> another = guess(server, "198.51.100.7");
      assertEquals(another.statusCode(), 401);
      assertTrue(another.headers().firstValue("Strict-Transport-Security").isPresent());
    }
  }

  @Test
  public void whatAStrangerSaysOfItselfIsNot() throws Exception {
    try (var server = new RunningServer("--nodyes.proxies=192.0.2.250")) {
      List<String> cookies = firstRun(server).headers().allValues("Set-Cookie");
      assertFalse(cookies.toString().contains("Secure"), cookies.toString());
      int last = 0;
      for (int i = 0; i < 7; i++) {
        HttpResponse<String> answer = guess(server, "198.51.100." + i);
        assertTrue(answer.headers().firstValue("Strict-Transport-Security").isEmpty());
        last = answer.statusCode();
      }
      assertEquals(last, 429);
    }
  }
}
