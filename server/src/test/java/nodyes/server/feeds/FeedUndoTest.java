package nodyes.server.feeds;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.generated.DefaultSchema;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.database.Database;
import nodyes.server.orders.SalesIndex;
import org.jooq.JSONFormat;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What a file of products or orders changed is made as it was, to the last row. */
public class FeedUndoTest extends ServerTest {
  private static final List<String> TABLES =
      List.of(
          "category",
          "product",
          "product_category",
          "product_tag",
          "variant",
          "price_change",
          "shop_order",
          "order_line");

  @Autowired private Database database;
  @Autowired private SalesIndex sales;
  @Autowired private Catalogue catalogue;

  private static final String WHOLE =
      """
      Product,Variant,SKU,Price,Stock,Category,Tags,Brand
      Undo pot,small,UP-S,20.00,5,Pots > Small,heavy,Quillwort
      Undo pot,large,UP-L,30.00,7,Pots > Small,heavy,Quillwort
      Undo jar,one,UJ-1,12.00,,Jars,,
      """;

  @BeforeMethod
  public void whole() throws Exception {
    feed("products", true, WHOLE);
    feed(
        "orders",
        false,
        "Order,Date,SKU,Quantity,Country\nU-1,2026-11-02,UP-S,2,DE\nU-1,2026-11-02,UJ-1,1,DE\n");
  }

  private JsonNode feed(String kind, boolean isWhole, String csv) throws Exception {
    JsonNode run =
        body(
            upload("/api/v1/feeds/" + kind + "/files?whole=" + isWhole, kind + ".csv", utf8(csv))
                .andExpect(status().isOk()));
    assertEquals(run.path("problems").size(), 0, run.toString());
    return run.path("run");
  }

  private JsonNode undo(JsonNode run) throws Exception {
    return body(send("/api/v1/feeds/runs/" + run.path("id").asLong() + "/undo", "")
            .andExpect(status().isOk()))
        .path("run");
  }

  /** All that feeds write, row by row. */
  private Map<String, String> stored() {
    var all = new LinkedHashMap<String, String>();
    for (String table : TABLES) {
      all.put(
          table,
          database.read(
              sql ->
                  sql.selectFrom(DefaultSchema.DEFAULT_SCHEMA.getTable(table))
                      .orderBy(1, 2)
                      .fetch()
                      .formatJSON(new JSONFormat().header(false))));
    }
    return all;
  }

  private long sold() {
    return Stream.of("undo-pot", "undo-jar")
        .map(slug -> new ProductId(catalogue.id(new Slug(slug)).orElseThrow()))
        .mapToLong(id -> sales.book().units(id, 30, LocalDate.parse("2026-11-30")))
        .sum();
  }

  @Test
  public void pricesThatWereWrongAreAsBefore() throws Exception {
    Map<String, String> before = stored();
    JsonNode run = feed("products", false, "SKU,Price\nUP-S,2000\nUP-L,3000\n");
    assertTrue(run.path("undo").path("canUndo").asBoolean());
    assertFalse(stored().equals(before));
    JsonNode undone = undo(run);
    assertEquals(stored(), before);
    assertEquals(undone.path("undo").path("kept").asLong(), 0);
    assertTrue(undone.path("undo").hasNonNull("undoneAt"));
    assertFalse(undone.path("undo").path("canUndo").asBoolean());
    send("/api/v1/feeds/runs/" + run.path("id").asLong() + "/undo", "")
        .andExpect(status().isConflict());
  }

  @Test
  public void aWholeCatalogueOfSomethingElseIsAsBefore() throws Exception {
    Map<String, String> before = stored();
    JsonNode run =
        feed(
            "products",
            true,
            """
            Product,Variant,SKU,Price,Stock,Category,Tags,Brand
            Undo pot,small,UP-S,21.00,50,Bowls > Deep > Blue,"light,new",Other
            New one,one,UN-1,5.00,1,Bowls,new,
            Undo jar,two,UJ-2,12.00,,Jars,,
            """);
    undo(run);
    assertEquals(stored(), before);
  }

  @Test
  public void ordersAreAsBeforeAndSoIsWhatWasSold() throws Exception {
    Map<String, String> before = stored();
    long sold = sold();
    JsonNode run =
        feed(
            "orders",
            false,
            "Order,Date,SKU,Quantity,Country\nU-1,2026-11-03,UP-L,9,FR\nU-2,2026-11-04,UJ-1,40,DE\n");
    assertEquals(sold(), sold + 9 + 40 - 3);
    undo(run);
    assertEquals(stored(), before);
    assertEquals(sold(), sold);
  }

  /** A file that names all as it is changes nothing, and there is nothing to undo. */
  @Test
  public void whatIsAsItWasIsNotWritten() throws Exception {
    Map<String, String> before = stored();
    JsonNode run = feed("products", true, WHOLE);
    assertEquals(stored(), before);
    assertFalse(run.path("undo").path("canUndo").asBoolean());
  }

  @Test
  public void theNewestGoesFirst() throws Exception {
    JsonNode first = feed("products", false, "SKU,Price\nUP-S,21.00\n");
    JsonNode second = feed("products", false, "SKU,Price\nUP-S,22.00\n");
    String why =
        body(send("/api/v1/feeds/runs/" + first.path("id").asLong() + "/undo", "")
                .andExpect(status().isConflict()))
            .path("detail")
            .asString();
    assertTrue(why.contains("products.csv"), why);
    undo(second);
    undo(first);
    assertEquals(
        body(ask("/api/v1/products/undo-pot")).path("variants").path(0).path("price").asDouble(),
        20.0);
  }

  /** What reviews or orders speak of stays, and is no longer sold. */
  @Test
  public void whatReviewsAndOrdersSpeakOfStays() throws Exception {
    JsonNode run =
        feed(
            "products",
            false,
            "Product,Variant,SKU,Price\nLoved pot,one,LP-1,9.00\nSold pot,one,SP-1,9.00\n");
    bringIn("Product,Rating,Review\nloved-pot,5,Kept for good\n", "{}");
    feed("orders", false, "Order,Date,SKU,Quantity\nU-7,2026-11-02,SP-1,1\n");
    JsonNode undone = undo(run);
    assertEquals(undone.path("undo").path("kept").asLong(), 3, "two products, one variant");
    String table = stored().get("product");
    assertTrue(String.valueOf(table).contains("loved-pot"), table);
  }

  /** A price that a program sent since is newer than the file, and is not taken back with it. */
  @Test
  public void whatOthersChangedSinceStays() throws Exception {
    JsonNode run = feed("products", false, "SKU,Price\nUP-S,21.00\nUP-L,31.00\n");
    upload(
            "/api/v1/catalogue/imports",
            "p.jsonl",
            utf8(
                "{\"productGroupID\":\"undo-pot\",\"hasVariant\":[{\"sku\":\"UP-S\",\"offers\":{\"price\":\"25.00\",\"priceCurrency\":\"EUR\"}},{\"sku\":\"UP-L\",\"offers\":{\"price\":\"31.00\",\"priceCurrency\":\"EUR\"}}]}\n"))
        .andExpect(status().isOk());
    undo(run);
    JsonNode variants = body(ask("/api/v1/products/undo-pot")).path("variants");
    assertEquals(variants.path(0).path("price").asDouble(), 25.0);
    assertEquals(variants.path(1).path("price").asDouble(), 30.0);
  }

  /** More notes than are taken back at once: rows whose notes stand apart are as before, too. */
  @Test
  public void anUpdateOfThousandsOfRowsIsUndoneWhole() throws Exception {
    Map<String, String> before = stored();
    var csv = new StringBuilder("SKU,Product,Variant,Price,Category,Tags\n");
    for (int n = 0; n < 1_200; n++) {
      csv.append("M-%d,Many %d,one,5.00,Pots > Row %d,heavy\n".formatted(n, n, n % 40));
    }
    JsonNode first = feed("products", false, csv.toString());
    Map<String, String> between = stored();
    JsonNode second =
        feed("products", false, csv.toString().replace("5.00", "6.00").replace("heavy", "light"));
    undo(second);
    assertEquals(stored(), between);
    undo(first);
    assertEquals(stored(), before);
  }

  /** Law: whatever two files bring one after another, undone one after another nothing is left. */
  @Test
  public void anyFilesUndoneInTurnLeaveNothing() throws Exception {
    var random = new SplittableRandom(33);
    for (int round = 0; round < 12; round++) {
      Map<String, String> before = stored();
      JsonNode first = feed("products", random.nextBoolean(), products(random));
      Map<String, String> between = stored();
      JsonNode second = feed("products", random.nextBoolean(), products(random));
      undoIfChanged(second);
      assertEquals(stored(), between, "round " + round);
      undoIfChanged(first);
      assertEquals(stored(), before, "round " + round);
    }
  }

  private void undoIfChanged(JsonNode run) throws Exception {
    if (run.path("undo").path("canUndo").asBoolean()) {
      undo(run);
    }
  }

  private static String products(SplittableRandom random) {
    var csv = new StringBuilder("Product,Variant,SKU,Price,Stock,Category,Tags\n");
    for (String name : List.of("Undo pot", "Undo jar", "Undo cup", "Undo mug")) {
      for (int n = 0; n < random.nextInt(3); n++) {
        csv.append(
            "%s,v%d,%s-%d,%d.00,%d,%s,%s%n"
                .formatted(
                    name,
                    n,
                    name.replace(' ', '-'),
                    n,
                    1 + random.nextInt(3),
                    random.nextInt(4),
                    random.nextBoolean() ? "Pots" : "Pots > Deep " + random.nextInt(2),
                    random.nextBoolean() ? "heavy" : ""));
      }
    }
    return csv + "Undo bowl,small,UB-S,20.00,5,Pots > Small,heavy\n";
  }
}
