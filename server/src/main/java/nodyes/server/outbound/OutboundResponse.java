package nodyes.server.outbound;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a server outside answered. */
public final class OutboundResponse {
  private final URI address;
  private final Optional<String> contentType;
  private final byte[] body;
  private final Map<String, String> headers;

  OutboundResponse(URI address, Optional<String> contentType, byte[] body) {
    this(address, contentType, body, Map.of());
  }

  OutboundResponse(
      URI address, Optional<String> contentType, byte[] body, Map<String, String> headers) {
    this.address = address;
    this.contentType = contentType;
    this.body = body;
    this.headers = Map.copyOf(headers);
  }

  /** What a header says; several of a name are parted by commas. */
  public Optional<String> header(String name) {
    return Optional.ofNullable(headers.get(name.toLowerCase(Locale.ROOT)));
  }

  /** Where it came from in the end. */
  public URI address() {
    return address;
  }

  /** Its type, as its server says. */
  public Optional<String> contentType() {
    return contentType;
  }

  /** All of it, to read. */
  public InputStream open() {
    return new ByteArrayInputStream(body);
  }

  /** All of it as text in UTF-8. */
  public String text() {
    return new String(body, StandardCharsets.UTF_8);
  }
}
