package nodyes.server.outbound;

import static nodyes.server.messages.Texts.text;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import nodyes.server.web.ApiProblem;

/** Web addresses as people give them, and as pages link to them. */
final class WebUrls {
  private static final int LONGEST = 2000;
  private static final int LEAST_FREE_PORT = 1024;
  private static final Set<Integer> WEB_PORTS = Set.of(-1, 80, 443);
  private static final Pattern DOTTED_QUAD =
      Pattern.compile("(?:(?:0|[1-9]\\d{0,2})\\.){3}(?:0|[1-9]\\d{0,2})");
  private static final Pattern NAME =
      Pattern.compile("(?i)(?:[a-z0-9_](?:[a-z0-9_-]{0,61}[a-z0-9_])?\\.)*[a-z][a-z0-9-]*");

  private WebUrls() {}

  /**
   * An address that may be asked. Its host is a name, a strict dotted quad or an IPv6 address in
   * brackets: other forms of numbers mean different hosts to different programs.
   */
  static URI of(String text) {
    String trimmed = text.strip();
    String whole = trimmed.matches("(?i)[a-z][a-z0-9+.-]*:.*") ? trimmed : "https://" + trimmed;
    URI address;
    try {
      address = new URI(whole);
    } catch (URISyntaxException e) {
      throw refused(text("outside.notAWebAddress", "address", shortened(whole)));
    }
    String scheme = String.valueOf(address.getScheme()).toLowerCase(Locale.ROOT);
    if (!scheme.equals("http") && !scheme.equals("https")) {
      throw refused(text("outside.scheme"));
    }
    String host = address.getHost();
    if (host == null
        || address.getRawUserInfo() != null
        || whole.length() > LONGEST
        || !(host.startsWith("[")
            || DOTTED_QUAD.matcher(host).matches()
            || NAME.matcher(host).matches())) {
      throw refused(text("outside.notPublicAddress", "address", shortened(whole)));
    }
    if (!WEB_PORTS.contains(address.getPort()) && address.getPort() < LEAST_FREE_PORT) {
      throw refused(text("outside.port", "port", address.getPort()));
    }
    return address;
  }

  private static String shortened(String text) {
    return text.length() > 120 ? text.substring(0, 120) + "…" : text;
  }

  private static ApiProblem refused(String detail) {
    return ApiProblem.unusable(detail);
  }

  /** Host and port, as trusted ones are named. */
  static String authority(URI address) {
    int port = address.getPort();
    if (port == -1) {
      port = "https".equalsIgnoreCase(address.getScheme()) ? 443 : 80;
    }
    return address.getHost().toLowerCase(Locale.ROOT) + ":" + port;
  }
}
