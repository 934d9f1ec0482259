package nodyes.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.IntSupplier;
import nodyes.server.catalogue.Catalogue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Shoppers who walk the demo's shop, through what the shop's pages ask in any browser. */
final class DemoVisitors implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(DemoVisitors.class);
  private static final String BROWSER = "Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0 (simulated)";
  private static final int MOST_PRODUCTS = 100;
  private static final int VISITS = 400;

  private final IntSupplier perMinute;
  private final List<String> products;
  private final String office;
  private final String shop;
  private final String key;
  private final SplittableRandom random = new SplittableRandom();
  private final HttpClient client =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
  private final ScheduledExecutorService worker =
      Executors.newSingleThreadScheduledExecutor(Thread.ofVirtual().name("shoppers").factory());
  private double due;

  DemoVisitors(IntSupplier perMinute, Catalogue catalogue, String office, String shop, String key) {
    this.perMinute = perMinute;
    this.office = office;
    this.shop = shop;
    this.key = key;
    this.products =
        catalogue.list("", 1, MOST_PRODUCTS).items().stream().map(line -> line.slug()).toList();
    var _ = worker.scheduleWithFixedDelay(this::second, 1, 1, TimeUnit.SECONDS);
  }

  private void second() {
    try {
      due += perMinute.getAsInt() / 60.0;
      for (; due >= 1 && !products.isEmpty(); due--) {
        view();
      }
    } catch (IOException e) {
      LOG.debug("A simulated shopper met a closed door", e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Few products are looked at by many: a product's share falls with its place in the list. */
  private String anyProduct() {
    int place = (int) (products.size() * Math.pow(random.nextDouble(), 3));
    return products.get(place);
  }

  private void view() throws IOException, InterruptedException {
    String product = anyProduct();
    String visit =
        "%032x".formatted(1 + random.nextInt(VISITS)).replaceFirst("^0{16}", "5e".repeat(8));
    ask(HttpRequest.newBuilder(URI.create(shop + "/products/" + product)).GET());
    ask(
        HttpRequest.newBuilder(
                URI.create(
                    office
                        + "/embed/v1/page?kind=product&lang=en&shop="
                        + key
                        + "&product="
                        + product))
            .GET());
    ask(
        HttpRequest.newBuilder(URI.create(office + "/embed/v1/views"))
            .header("Content-Type", "text/plain")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "{\"visit\":\"" + visit + "\",\"viewed\":\"" + product + "\"}")));
  }

  private void ask(HttpRequest.Builder request) throws IOException, InterruptedException {
    client.send(
        request
            .header("User-Agent", BROWSER)
            .header("Origin", shop)
            .timeout(Duration.ofSeconds(10))
            .build(),
        HttpResponse.BodyHandlers.discarding());
  }

  @Override
  public void close() {
    worker.shutdownNow();
    client.close();
  }
}
