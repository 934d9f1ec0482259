package nodyes.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import nodyes.server.ServerSettings;
import org.jspecify.annotations.Nullable;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

/** Pages of the demo's back office that were opened by another name saw a sample page alone. */
public class DemoAddressTest {
  private static @Nullable String ledTo(boolean demo, String host, String accepts, String path)
      throws Exception {
    var settings =
        new ServerSettings(
            Path.of("data"),
            demo,
            Optional.empty(),
            Optional.empty(),
            Set.of(),
            240,
            Optional.empty(),
            Optional.empty());
    var request = new MockHttpServletRequest("GET", path);
    request.setServerName(host);
    request.setServerPort(8080);
    request.setQueryString("as=wide");
    request.addHeader("Accept", accepts);
    var response = new MockHttpServletResponse();
    new DemoAddress(settings).doFilter(request, response, new MockFilterChain());
    return response.getRedirectedUrl();
  }

  @Test
  public void whoTypesLocalhostIsLedToWhereTheShopsPagesSpeak() throws Exception {
    assertEquals(
        ledTo(true, "localhost", "text/html,*/*;q=0.8", "/pages/product/pot"),
        "http://127.0.0.1:8080/pages/product/pot?as=wide");
    assertNull(ledTo(true, "127.0.0.1", "text/html", "/pages"));
    assertNull(ledTo(true, "localhost", "application/json", "/api/v1/shop"));
    assertNull(ledTo(false, "localhost", "text/html", "/pages"), "a shop's own server");
  }
}
