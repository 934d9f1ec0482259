package nodyes.server.feeds;

import static java.util.Objects.requireNonNull;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.VariantFacts;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class FeedsTest extends ServerTest {
  @Autowired private Catalogue catalogue;

  private static String line(String slug, String offer) {
    return "{\"productGroupID\":\"%s\",\"name\":\"The %s\",\"category\":\"Pots\",\"hasVariant\":[{\"sku\":\"%s-1\",\"name\":\"one\",%s}]}"
        .formatted(slug, slug, slug.toUpperCase(java.util.Locale.ROOT), offer);
  }

  private static final String PRICED = "\"offers\":{\"price\":\"10.00\",\"priceCurrency\":\"EUR\"}";

  private JsonNode feed(String kind, String name, String content, boolean whole) throws Exception {
    return body(
        upload("/api/v1/feeds/" + kind + "/files?whole=" + whole, name, utf8(content))
            .andExpect(status().isOk()));
  }

  private boolean isSold(String slug) {
    return catalogue.find(List.of(new Slug(slug))).containsKey(new Slug(slug));
  }

  private CatalogueProduct sold(String slug) {
    return requireNonNull(catalogue.find(List.of(new Slug(slug))).get(new Slug(slug)));
  }

  private static Map<Integer, String> reasons(JsonNode detail) {
    return detail
        .path("problems")
        .valueStream()
        .collect(
            Collectors.toMap(
                problem -> problem.path("line").asInt(),
                problem ->
                    problem.path("field").asString()
                        + " "
                        + problem.path("value").asString()
                        + ": "
                        + problem.path("reason").asString(),
                (a, b) -> a + "; " + b));
  }

  /** Each: line, value, reason; the rest goes on. */
  @Test
  public void badLinesAreSaidWithLineValueAndReasonAndTheRestIsTaken() throws Exception {
    String content =
        String.join(
            "\n",
            line("fb-good", PRICED),
            line("fb-negative", "\"offers\":{\"price\":\"-1.00\",\"priceCurrency\":\"EUR\"}"),
            "{\"productGroupID\":\"fb-two\",\"name\":\"Two\",\"hasVariant\":["
                + "{\"sku\":\"FB-E\",\"name\":\"e\",\"offers\":{\"price\":\"1\",\"priceCurrency\":\"EUR\"}},"
                + "{\"sku\":\"FB-U\",\"name\":\"u\",\"offers\":{\"price\":\"1\",\"priceCurrency\":\"USD\"}}]}",
            line("fb-good", PRICED),
            line("fb-itself", PRICED).replace("\"Pots\"", "\"Pots > Pots\""),
            line("fb-unpriced", "\"offers\":{}"),
            line("fb-oversold", PRICED + ",\"inventoryLevel\":{\"value\":-3}"));
    JsonNode detail = feed("products", "bad.jsonl", content, false);
    assertEquals(detail.path("run").path("taken").asInt(), 3);
    Map<Integer, String> reasons = reasons(detail);
    assertEquals(reasons.get(2), "price -1.00: A price cannot be below 0.");
    assertEquals(
        reasons.get(3), "priceCurrency EUR, USD: A product must have its prices in one currency.");
    assertEquals(
        reasons.get(4), "productGroupID fb-good: This product is already in the file, further up.");
    assertEquals(reasons.get(5), "category Pots > Pots: A category cannot be inside itself.");
    assertEquals(
        reasons.get(6), "price FB-UNPRICED-1: No price. Price nods cannot be shown for it.");
    assertEquals(reasons.get(7), "inventoryLevel FB-OVERSOLD-1: -3: Stock below 0, imported as 0.");
    assertTrue(isSold("fb-good") && isSold("fb-unpriced") && isSold("fb-oversold"));
    assertTrue(!isSold("fb-negative") && !isSold("fb-two") && !isSold("fb-itself"));
    VariantFacts oversold = requireNonNull(sold("fb-oversold").variants().get("FB-OVERSOLD-1"));
    assertEquals(oversold.stock().orElseThrow(), 0L);
  }

  /** In an order of its own, as a whole feed speaks of all products. */
  @Test(priority = 1)
  public void aFeedThatDropsHalfTheProductsIsHeldUntilSomeoneLooked() throws Exception {
    feed("products", "all.jsonl", many(0, 40), false);
    JsonNode held = feed("products", "half.jsonl", many(0, 4), true);
    assertEquals(held.path("run").path("state").asString(), "NEEDS_APPROVAL");
    assertTrue(held.path("run").path("gone").asInt() >= 36);
    assertTrue(isSold("fh-39"), "nothing is taken while it is held");
    long id = held.path("run").path("id").asLong();
    send("/api/v1/feeds/runs/{id}/discard", "", id).andExpect(status().isOk());
    assertTrue(isSold("fh-39"));
    send("/api/v1/feeds/runs/{id}/apply", "", id).andExpect(status().isNotFound());

    long again = feed("products", "half.jsonl", many(0, 4), true).path("run").path("id").asLong();
    send("/api/v1/feeds/runs/{id}/apply", "", again)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.run.state").value("DONE"));
    assertTrue(isSold("fh-3") && !isSold("fh-39"));
    ask("/api/v1/feeds/runs")
        .andExpect(jsonPath("$.items[0].gone").isNumber())
        .andExpect(jsonPath("$.items[0].source").value("half.jsonl"));
  }

  @Test(priority = 2)
  public void aFeedCutInTheMiddleTakesNothingAway() throws Exception {
    feed("products", "all.jsonl", many(0, 6), true);
    String array = "[" + many(0, 3).replace("\n", ",\n") + ",\n{\"productGroupID\":\"fh-";
    JsonNode cut = feed("products", "cut.json", array, true);
    assertEquals(cut.path("run").path("state").asString(), "DONE");
    assertEquals(cut.path("run").path("taken").asInt(), 3);
    assertEquals(cut.path("run").path("gone").asInt(), 0);
    assertTrue(
        cut.path("problems").path(0).path("reason").asString().startsWith("This is not JSON"));
    assertTrue(isSold("fh-5"));
  }

  @Test(priority = 3)
  public void whatAFeedLeavesOutIsNoLongerSoldAndComesBack() throws Exception {
    feed("products", "all.jsonl", many(0, 6), true);
    JsonNode less = feed("products", "less.jsonl", many(0, 5), true);
    assertEquals(less.path("run").path("gone").asInt(), 1);
    assertTrue(!isSold("fh-5"));
    feed("products", "all.jsonl", many(0, 6), true);
    assertTrue(isSold("fh-5"));
  }

  private static String many(int from, int to) {
    return IntStream.range(from, to)
        .mapToObj(i -> line("fh-" + i, PRICED))
        .collect(Collectors.joining("\n"));
  }

  @Test
  public void csvWithSchemaOrgTermsGroupsRowsOfAProduct() throws Exception {
    String csv =
        "productGroupID,name,category,keywords,brand,sku,size,price,priceCurrency,inventoryLevel,listPrice\n"
            + "fc-pot,Pot,Home > Pots,\"heavy, blue\",Quill,FC-S,small,12.50,EUR,3,15.00\n"
            + "fc-pot,Pot,Home > Pots,,Quill,FC-L,large,20.00,EUR,,\n"
            + "fc-jar,Jar,Home,,,FC-J,one,soon,EUR,,\n";
    JsonNode detail = feed("products", "c.csv", csv, false);
    assertEquals(detail.path("run").path("taken").asInt(), 1);
    assertEquals(
        reasons(detail).values().toString(),
        "[price soon: This is not an amount. Use a form such as 12.50.]");
    var pot = sold("fc-pot");
    assertEquals(List.copyOf(pot.variants().keySet()), List.of("FC-S", "FC-L"));
    assertEquals(pot.traits().brand().orElseThrow(), "Quill");
    assertEquals(pot.tags(), java.util.Set.of("heavy", "blue"));
    assertEquals(
        requireNonNull(pot.variants().get("FC-S")).reference().orElseThrow().toString(),
        "EUR 15.00");
    JsonNode wrong = feed("products", "w.csv", "a,b\n1,2\n", false);
    assertEquals(wrong.path("run").path("taken").asInt(), 0);
    assertTrue(
        wrong
            .path("problems")
            .path(0)
            .path("reason")
            .asString()
            .contains("No column for the product"));
  }

  /** A table as a shop keeps it: own headings, semicolons, Latin-1, decimal commas, no SKU. */
  @Test
  public void aSpreadsheetIsACatalogue() throws Exception {
    String csv =
        "Artikel;Größe;Preis;Bestand;Kategorie\n"
            + "Übertopf blau;klein;12,50 €;3;Töpfe\n"
            + "Übertopf blau;groß;1.020,00 €;;Töpfe\n"
            + "Gießkanne;;bald;2;Gießen\n"
            + "Zinkwanne;;1.250;2;Gießen\n";
    JsonNode detail =
        body(
            upload(
                    "/api/v1/feeds/products/files?whole=false",
                    "sortiment.csv",
                    csv.replace("€", "EUR").getBytes(StandardCharsets.ISO_8859_1))
                .andExpect(status().isOk()));
    assertEquals(detail.path("run").path("taken").asInt(), 1);
    assertEquals(
        reasons(detail),
        Map.of(
            4,
            "price bald: This is not an amount. Use a form such as 12.50.",
            5,
            "price 1.250: Too many decimals for EUR. For thousands, write 1234.00."));
    var pot = sold("ubertopf-blau");
    assertEquals(pot.title(), "Übertopf blau");
    assertEquals(
        pot.variants().values().stream()
            .map(one -> one.sku() + " " + one.price().orElseThrow())
            .toList(),
        List.of("ubertopf-blau-klein EUR 12.50", "ubertopf-blau-groß EUR 1020.00"));
    String none = "colour;weight\nblue;2\n";
    assertEquals(
        reasons(feed("products", "w.csv", none, false)),
        Map.of(
            1,
            "productGroupID colour, weight: No column for the product. Name it"
                + " “Product” or “productGroupID”."));
  }

  @Test
  public void oneObjectWithAGraphIsReadOnOneLineAndOnMany() throws Exception {
    String graph = "{\"@graph\":[" + line("fg-a", PRICED) + "," + line("fg-b", PRICED) + "]}";
    assertEquals(feed("products", "g.json", graph, false).path("run").path("taken").asInt(), 2);
    String pretty =
        graph
            .replace(",\"hasVariant\"", "\n,\"hasVariant\"")
            .replace("{\"@graph\"", "{\n\"@graph\"");
    assertEquals(feed("products", "g.json", pretty, false).path("run").path("taken").asInt(), 2);
    String list = "{\"itemListElement\":[{\"position\":1,\"item\":" + line("fg-c", PRICED) + "}]}";
    assertEquals(feed("products", "l.json", list, false).path("run").path("taken").asInt(), 1);
    assertTrue(isSold("fg-a") && isSold("fg-b") && isSold("fg-c"));
  }

  @Test
  public void rowsOfAProductStandTogether() throws Exception {
    String csv =
        "productGroupID,name,sku,price,priceCurrency\n"
            + "ft-a,A,FT-A1,1.00,EUR\nft-b,B,FT-B1,1.00,EUR\nft-a,A,FT-A2,1.00,EUR\n";
    JsonNode detail = feed("products", "c.csv", csv, false);
    assertEquals(detail.path("run").path("taken").asInt(), 2);
    assertEquals(
        reasons(detail),
        Map.of(
            4,
            "productGroupID ft-a: Rows of one product must follow each other. This row was skipped."));
  }

  @Test
  public void aPriceIsRecordedAtEachChangeAndNotOtherwise() throws Exception {
    feed("products", "p.jsonl", line("fp-pot", PRICED), false);
    feed("products", "p.jsonl", line("fp-pot", PRICED), false);
    stillClock.pass(Duration.ofMinutes(1));
    feed("products", "p.jsonl", line("fp-pot", PRICED.replace("10.00", "8.00")), false);
    var pot = sold("fp-pot");
    assertEquals(
        requireNonNull(pot.variants().get("FP-POT-1")).history().changes().stream()
            .map(change -> change.price().toString())
            .toList(),
        List.of("EUR 10.00", "EUR 8.00"));
  }

  @Test
  public void ordersComeAsCsvAndWrongOnesAreSaid() throws Exception {
    feed("products", "p.jsonl", line("fo-pot", PRICED), false);
    String csv =
        "orderNumber,orderDate,orderStatus,addressCountry,sku,orderQuantity\n"
            + "FO-1,2026-11-20T10:00:00Z,,PT,FO-POT-1,2\n"
            + "FO-2,2026-11-27T15:00:00Z,,PT,FO-POT-1,1\n"
            + "FO-3,,OrderCancelled,,,\n"
            + "FO-4,2026-11-20T10:00:00Z,,PT,NO-SUCH,1\n";
    JsonNode detail = feed("orders", "o.csv", csv, false);
    assertEquals(detail.path("run").path("taken").asInt(), 1);
    String reasons = reasons(detail).values().toString();
    assertTrue(
        reasons.contains("orderDate 2026-11-27T15:00:00Z: The date is in the future"), reasons);
    assertTrue(
        reasons.contains("orderNumber FO-3: Cancelled, but there is no order with this number"),
        reasons);
    assertTrue(reasons.contains("sku NO-SUCH: No product has the SKU “NO-SUCH”"), reasons);
    ask("/api/v1/products/fo-pot").andExpect(jsonPath("$.sold.units").value(2));
    feed("orders", "o.csv", "orderNumber,orderStatus\nFO-1,OrderCancelled\n", false);
    ask("/api/v1/products/fo-pot").andExpect(jsonPath("$.sold").doesNotExist());
  }

  @Test
  public void anAddressIsFollowedAskedAndLeftAndAFailureChangesNothing() throws Exception {
    http.perform(
            put("/api/v1/feeds/products")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                    "{\"address\":\"%s\",\"everyHours\":6}"
                        .formatted(OutsideServer.address("/no-such-feed"))))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.items[0].everyHours").value(6));
    send("/api/v1/feeds/products/update", "")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.run.state").value("FAILED"))
        .andExpect(jsonPath("$.run.failure").isNotEmpty());
    http.perform(
            put("/api/v1/feeds/products")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"address\":\"http://10.0.0.1/feed\",\"everyHours\":900}"))
        .andExpect(status().isBadRequest());
    http.perform(delete("/api/v1/feeds/products").header("Authorization", "Bearer " + KEY))
        .andExpect(jsonPath("$.items.length()").value(0));
  }
}
