package nodyes.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Labels on a listing, and what they rest on, in a shop of ten thousand products. */
final class Labels {
  private static final int PRODUCTS = 10_000;
  private static final int MANY = 100_000;
  private static final int CARDS = 60;
  private static final int ROUNDS = 40;
  private static final int WARMING = 30;
  private static final int PAUSE = 120;
  private static final String BOUNDARY = "a-boundary-of-the-bench";

  private final RunningDemo server;

  Labels(RunningDemo server) {
    this.server = server;
  }

  private static String slug(int i) {
    return "bench-pot-" + i;
  }

  /** One in three fell, one in five is new, some are few or none. */
  private static String product(int i) {
    String price = i % 3 == 0 ? "30.00" : "45.00";
    return ("{\"productGroupID\":\"%s\",\"name\":\"Bench pot %d\",\"category\":\"Bench %d\","
            + "\"releaseDate\":\"%s\",\"image\":\"/x.svg\",\"hasVariant\":[{\"sku\":\"BP-%d\","
            + "\"name\":\"one\",\"inventoryLevel\":{\"value\":%d},\"offers\":{\"price\":\"%s\","
            + "\"priceCurrency\":\"EUR\",\"priceSpecification\":["
            + "{\"price\":\"45.00\",\"validFrom\":\"2026-01-02\"},"
            + "{\"price\":\"%s\",\"validFrom\":\"2026-11-20\"}]}}]}")
        .formatted(
            slug(i), i, i % 20, i % 5 == 0 ? "2026-11-10" : "2026-01-02", i, i % 11, price, price);
  }

  List<String> measure() throws IOException, InterruptedException {
    double feed = feed("products", IntStream.range(0, PRODUCTS));
    orders();
    var report =
        new ArrayList<>(
            List.of(
                "",
                "## Labels in a shop of ten thousand products",
                "",
                ("Through HTTP on the demo's server with %,d further products; its labels and conditions as in the demo."
                        + " The first time, and %d times after %d more that warm the JVM's compiler.")
                    .formatted(PRODUCTS, ROUNDS, WARMING),
                "",
                "| what | first time, ms | p50, ms | p95, ms |",
                "| --- | ---: | ---: | ---: |"));
    String page =
        "/embed/v1/page?kind=listing&lang=en&product="
            + IntStream.range(0, CARDS).mapToObj(Labels::slug).collect(Collectors.joining(","));
    report.add(
        row(
            "listing of 60 cards with labels, composed anew",
            round(i -> get(page + "&country=" + country(i)))));
    report.add(row("the same, kept", round(_ -> get(page + "&country=PT"))));
    report.add(
        row(
            "how many of 10,048 products a price drop label fits (aim 100)",
            round(_ -> reach("price-drop"))));
    report.add(row("the same of a bestseller label, by rank", round(_ -> reach("bestseller"))));
    report.add(row("from an order to the new rank of its product", round(this::orderToRank)));
    report.add(
        row(
            "first page of the catalogue, by units sold",
            round(_ -> get("/api/v1/products?sort=SOLD"))));
    report.add(row("today: what is worth doing", round(_ -> get("/api/v1/dashboard/suggestions"))));
    report.add(
        row("today: what changes next", round(_ -> get("/api/v1/dashboard/upcoming-changes"))));
    report.add("");
    report.add(
        "The listing's answer is %,d bytes. A feed of %,d products was read in %.1f s (%,.0f a second)."
            .formatted(
                server.get(page + "&country=PT").body().length(), PRODUCTS, feed, PRODUCTS / feed));
    double many = feed("products", IntStream.range(0, MANY));
    report.add(
        "One of %,d products, the first of them known: %.1f s (%,.0f a second)."
            .formatted(MANY, many, MANY / many));
    return report;
  }

  private interface Act {
    void run(int round) throws IOException, InterruptedException;
  }

  /** How long the first time took, and each of those that count. */
  private record Times(double first, List<Double> sorted) {}

  private static Times round(Act act) throws IOException, InterruptedException {
    double first = millis(act, 0);
    for (int i = 1; i <= WARMING; i++) {
      act.run(i);
    }
    var times = new ArrayList<Double>();
    for (int i = 0; i < ROUNDS; i++) {
      Thread.sleep(PAUSE);
      times.add(millis(act, WARMING + i + 1));
    }
    Collections.sort(times);
    return new Times(first, times);
  }

  private static double millis(Act act, int round) throws IOException, InterruptedException {
    long start = System.nanoTime();
    act.run(round);
    return (System.nanoTime() - start) / 1e6;
  }

  private static String row(String what, Times times) {
    return "| %s | %.1f | %.1f | %.1f |"
        .formatted(
            what,
            times.first(),
            times.sorted().get(ROUNDS / 2),
            times.sorted().get(ROUNDS * 95 / 100 - 1));
  }

  private static String country(int i) {
    return "" + (char) ('A' + i / 26) + (char) ('A' + i % 26);
  }

  private void get(String address) throws IOException, InterruptedException {
    var answer = server.get(address);
    if (answer.statusCode() != 200) {
      throw new IOException(address + " answered " + answer.statusCode() + ": " + answer.body());
    }
  }

  private void reach(String nod) throws IOException, InterruptedException {
    var answer =
        server.post("/api/v1/page/reach", "{\"nod\":\"%s\",\"kind\":\"listing\"}".formatted(nod));
    if (answer.statusCode() != 200 || !answer.body().contains("\"products\"")) {
      throw new IOException("reach answered " + answer.statusCode() + ": " + answer.body());
    }
  }

  private void orders() throws IOException, InterruptedException {
    send(
        "orders",
        IntStream.range(0, 20_000).mapToObj(i -> order("BO-" + i, i % PRODUCTS, 1 + i % 3)));
  }

  private static String order(String number, int product, int quantity) {
    return ("{\"orderNumber\":\"%s\",\"orderDate\":\"2026-11-%02dT10:00:00Z\",\"orderedItem\":["
            + "{\"orderQuantity\":%d,\"orderedItem\":{\"sku\":\"BP-%d\"}}]}")
        .formatted(number, 1 + product % 25, quantity, product);
  }

  private void orderToRank(int round) throws IOException, InterruptedException {
    send("orders", List.of(order("BR-" + round, 7 * round, 40)).stream());
    get("/api/v1/products/" + slug(7 * round));
  }

  private double feed(String kind, IntStream products) throws IOException, InterruptedException {
    long start = System.nanoTime();
    send(kind, products.mapToObj(Labels::product));
    return (System.nanoTime() - start) / 1e9;
  }

  private void send(String kind, java.util.stream.Stream<String> lines)
      throws IOException, InterruptedException {
    String body =
        "--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"x.jsonl\"\r\n\r\n%s\r\n--%s--\r\n"
            .formatted(BOUNDARY, lines.collect(Collectors.joining("\n")), BOUNDARY);
    var answer =
        server.send(
            HttpRequest.newBuilder(URI.create(server.address("/api/v1/feeds/" + kind + "/files")))
                .header("Authorization", "Bearer " + RunningDemo.KEY)
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    if (answer.statusCode() != 200 || answer.body().contains("\"taken\":0")) {
      throw new IOException("a feed was not taken: " + answer.body());
    }
  }
}
