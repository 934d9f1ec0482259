package nodyes.server.outbound;

import static nodyes.server.messages.Texts.text;

import jakarta.annotation.PreDestroy;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.ConnectException;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import nodyes.server.OutboundSettings;
import nodyes.server.web.ApiProblem;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.classic.methods.HttpPost;
import org.apache.hc.client5.http.classic.methods.HttpUriRequestBase;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.Header;
import org.apache.hc.core5.http.HttpEntity;
import org.apache.hc.core5.http.io.entity.StringEntity;
import org.apache.hc.core5.util.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Asks servers outside, and only public ones: every host is resolved here, each of its addresses is
 * judged, and the connection goes to the judged address, so an answer that changes between looking
 * and connecting changes nothing. Redirects are followed by hand, each judged anew. Size and time
 * are bounded.
 */
@Component
public class OutboundHttp {
  private static final int REDIRECTS = 5;
  private static final byte[] NOTHING = {};
  private static final Timeout PATIENCE = Timeout.ofSeconds(5);

  private final CloseableHttpClient guarded;
  private final CloseableHttpClient trusting;
  private final CloseableHttpClient ofOwnNetwork;
  private final Set<String> trusted;
  private final Supplier<Optional<String>> localShop;
  private final ScheduledExecutorService timer =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("fetch ends").factory());

  /** How much may come, and how long it may take. */
  public record Limits(int bytes, Duration time) {
    /** For a page or an answer of a service. */
    public static final Limits PAGE = new Limits(12_000_000, Duration.ofSeconds(20));

    /** For a picture. */
    public static final Limits PICTURE = new Limits(10_000_000, Duration.ofSeconds(15));
  }

  @Autowired
  OutboundHttp(OutboundSettings settings, LocalShopStore local) {
    this(settings.trustedHosts(), SystemDefaultDnsResolver.INSTANCE, local::allowed);
  }

  OutboundHttp(Set<String> trusted, DnsResolver resolver) {
    this(trusted, resolver, Optional::empty);
  }

  OutboundHttp(Set<String> trusted, DnsResolver resolver, Supplier<Optional<String>> localShop) {
    this.trusted = Set.copyOf(trusted);
    this.localShop = localShop;
    this.guarded = client(new JudgingResolver(resolver, SpecialPurposeRanges::isPublic));
    this.ofOwnNetwork = client(new JudgingResolver(resolver, SpecialPurposeRanges::isOwnNetwork));
    this.trusting = client(resolver);
  }

  private static CloseableHttpClient client(DnsResolver resolver) {
    return HttpClients.custom()
        .setConnectionManager(
            PoolingHttpClientConnectionManagerBuilder.create()
                .setDnsResolver(resolver)
                .setDefaultConnectionConfig(
                    ConnectionConfig.custom()
                        .setConnectTimeout(PATIENCE)
                        .setSocketTimeout(PATIENCE)
                        .build())
                .build())
        .setDefaultRequestConfig(
            RequestConfig.custom()
                .setResponseTimeout(PATIENCE)
                .setConnectionRequestTimeout(PATIENCE)
                .build())
        .disableRedirectHandling()
        .disableCookieManagement()
        .disableAutomaticRetries()
        .disableAuthCaching()
        .setUserAgent("NodYes/1 (brings in reviews for its shop)")
        .build();
  }

  /** A web address as people give it, made whole; refused where it is none. */
  public static String address(String text) {
    return WebUrls.of(text).toString();
  }

  /** Asks for an address; refuses, with a text for people, what cannot or must not be had. */
  public OutboundResponse get(String address, Limits limits) {
    long deadline = System.nanoTime() + limits.time().toNanos();
    URI asked = WebUrls.of(address);
    for (int i = 0; i <= REDIRECTS; i++) {
      Answer answer = send(new HttpGet(asked), limits, deadline);
      if (answer.redirect().isEmpty()) {
        return answer.fetched();
      }
      asked = next(asked, answer.redirect().get());
    }
    throw ApiProblem.unusable(text("outside.redirectsWithoutEnd"));
  }

  private static URI next(URI asked, String location) {
    try {
      return WebUrls.of(asked.resolve(location).toString());
    } catch (IllegalArgumentException e) {
      throw ApiProblem.unusable(text("outside.redirectsToNothing", "host", asked.getHost()));
    }
  }

  /** Asks a service that wants a key; the key goes to it alone, never after a redirect. */
  public OutboundResponse get(String address, String key, Limits limits) {
    var request = new HttpGet(WebUrls.of(address));
    request.setHeader("Authorization", "Bearer " + key);
    return direct(request, limits);
  }

  /** Sends JSON to a service; what it answers. */
  public OutboundResponse post(String address, String json, Limits limits) {
    var request = new HttpPost(WebUrls.of(address));
    request.setEntity(new StringEntity(json, ContentType.APPLICATION_JSON));
    return direct(request, limits);
  }

  private OutboundResponse direct(HttpUriRequestBase request, Limits limits) {
    Answer answer = send(request, limits, System.nanoTime() + limits.time().toNanos());
    if (answer.redirect().isPresent()) {
      throw ApiProblem.unusable(text("outside.serviceRedirects", "host", host(request)));
    }
    return answer.fetched();
  }

  private record Answer(OutboundResponse fetched, Optional<String> redirect) {}

  private Answer send(HttpUriRequestBase request, Limits limits, long deadline) {
    try {
      URI address = request.getUri();
      CloseableHttpClient client = client(WebUrls.authority(address));
      // also for whoever sends header by header, each in time
      var end = timer.schedule(request::abort, deadline - System.nanoTime(), TimeUnit.NANOSECONDS);
      try {
        return client.execute(
            request, response -> read(address, request, response, limits, deadline));
      } finally {
        end.cancel(false);
      }
    } catch (NonPublicHostException e) {
      throw new NonPublicProblem(host(request));
    } catch (UnknownHostException e) {
      throw ApiProblem.unusable(text("outside.noServer", "host", host(request)));
    } catch (SocketTimeoutException e) {
      throw slow(host(request));
    } catch (ConnectException e) {
      throw ApiProblem.unusable(text("outside.noAnswer", "host", host(request)));
    } catch (IOException | URISyntaxException e) {
      if (System.nanoTime() >= deadline) {
        throw slow(host(request));
      }
      throw ApiProblem.unusable(text("outside.brokeOff", "host", host(request)));
    }
  }

  /** What the owner said is in the own network may be there, and nowhere worse. */
  private CloseableHttpClient client(String authority) {
    if (trusted.contains(authority)) {
      return trusting;
    }
    return localShop.get().filter(authority::equals).isPresent() ? ofOwnNetwork : guarded;
  }

  private static Answer read(
      URI address,
      HttpUriRequestBase request,
      ClassicHttpResponse response,
      Limits limits,
      long deadline)
      throws IOException {
    int status = response.getCode();
    Header location = response.getFirstHeader("Location");
    if (status >= 300 && status < 400 && location != null) {
      return new Answer(
          new OutboundResponse(address, Optional.empty(), NOTHING),
          Optional.of(location.getValue()));
    }
    if (status >= 400) {
      throw ApiProblem.unusable(
          switch (status) {
            case 401, 403 ->
                text(
                    "outside.signedInOnly",
                    "host",
                    address.getHost(),
                    "status",
                    String.valueOf(status));
            case 404, 410 ->
                text(
                    "outside.nothingThere",
                    "host",
                    address.getHost(),
                    "status",
                    String.valueOf(status));
            default ->
                text(
                    "outside.answered",
                    "host",
                    address.getHost(),
                    "status",
                    String.valueOf(status));
          });
    }
    HttpEntity entity = response.getEntity();
    if (entity == null) {
      return new Answer(new OutboundResponse(address, Optional.empty(), NOTHING), Optional.empty());
    }
    byte[] body = bounded(request, entity, limits, deadline);
    return new Answer(
        new OutboundResponse(
            address, Optional.ofNullable(entity.getContentType()), body, headers(response)),
        Optional.empty());
  }

  private static Map<String, String> headers(ClassicHttpResponse response) {
    var headers = new HashMap<String, String>();
    for (Header header : response.getHeaders()) {
      headers.merge(
          header.getName().toLowerCase(Locale.ROOT),
          String.valueOf(header.getValue()),
          (one, other) -> one + ", " + other);
    }
    return headers;
  }

  /** All of a body within the limits; over them the connection is cut, not read to its end. */
  private static byte[] bounded(
      HttpUriRequestBase request, HttpEntity entity, Limits limits, long deadline)
      throws IOException {
    var body = new ByteArrayOutputStream();
    var buffer = new byte[16_384];
    try (InputStream in = entity.getContent()) {
      for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
        body.write(buffer, 0, read);
        if (body.size() > limits.bytes()) {
          request.abort();
          throw ApiProblem.unusable(
              text(
                  "outside.tooLarge",
                  "host",
                  host(request),
                  "megabytes",
                  limits.bytes() / 1_000_000));
        }
        if (System.nanoTime() > deadline) {
          request.abort();
          throw slow(host(request));
        }
      }
    }
    return body.toByteArray();
  }

  private static ApiProblem slow(String host) {
    return ApiProblem.unusable(text("outside.tooSlow", "host", host));
  }

  private static String host(HttpUriRequestBase request) {
    return String.valueOf(request.getAuthority().getHostName());
  }

  @PreDestroy
  void close() throws IOException {
    timer.shutdownNow();
    guarded.close();
    trusting.close();
    ofOwnNetwork.close();
  }
}
