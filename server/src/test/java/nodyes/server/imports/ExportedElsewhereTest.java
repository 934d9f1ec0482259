package nodyes.server.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.server.ServerTest;
import org.apache.commons.csv.CSVFormat;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Reviews as other programs export them. */
public class ExportedElsewhereTest extends ServerTest {
  @BeforeClass
  public void product() throws Exception {
    product("elsewhere-pot");
  }

  private JsonNode inspection(String csv) throws Exception {
    return body(upload("/api/v1/imports", "e.csv", utf8(csv))).path("inspection");
  }

  private List<String> texts(String csv, String options) throws Exception {
    JsonNode batch = bringIn(csv, options);
    return body(ask("/api/v1/reviews?batch={id}&size=50", batch.path("id").asLong()))
        .path("items")
        .valueStream()
        .map(line -> line.path("reviewer").asString("") + ": " + line.path("text").asString())
        .sorted()
        .toList();
  }

  /** Entities and tags stood in the words as the program had written them. */
  @Test
  public void wordsThatAreHtmlAreReadAsTheyStandOnAPage() throws Exception {
    assertEquals(
        texts(
            """
            Product,Rating,Review,Author
            elsewhere-pot,5,"<p>Strong &amp; heavy.</p><p>It&#39;s <b>very</b> good</p>",Ann &amp; Ben
            elsewhere-pot,4,"Deep<br/>and wide<script>alert(1)</script>",Cleo
            elsewhere-pot,3,"3 < 5, 7 > 2 & so on",Dora
            """,
            "{}"),
        List.of(
            "Ann & Ben: Strong & heavy.\nIt's very good",
            "Cleo: Deep\nand wide",
            "Dora: 3 < 5, 7 > 2 & so on"));
  }

  @Test
  public void textThatWasEncodedTwiceIsMendedOnceTheOwnerSaysSo() throws Exception {
    String csv =
        "Product,Rating,Review,Author\nelsewhere-pot,5,It doesnâ€™t tip,RenÃ©e\n"
            + "elsewhere-pot,4,Renée’s own,Zoë\n";
    JsonNode doubled = inspection(csv).path("doubled");
    assertEquals(doubled.path("rows").asInt(), 1);
    assertEquals(doubled.path("before").asString(), "It doesnâ€™t tip");
    assertEquals(doubled.path("after").asString(), "It doesn’t tip");
    assertEquals(
        texts(csv.replace("own", "own one"), "{}"),
        List.of("RenÃ©e: It doesnâ€™t tip", "Zoë: Renée’s own one"));
    assertEquals(
        texts(csv.replace("tip", "tip over"), "{\"mendsEncoding\":true}"),
        List.of("Renée: It doesn’t tip over", "Zoë: Renée’s own"));
    assertTrue(inspection("Product,Rating\nelsewhere-pot,5\n").path("doubled").isMissingNode());
  }

  @Test
  public void howLongAgoItWasIsAMonthOnceTheOwnerSaysFromWhen() throws Exception {
    String csv =
        "Product,Rating,Review,Date\nelsewhere-pot,5,Came whole,vor 2 Wochen\n"
            + "elsewhere-pot,4,Came late,3 months ago\nelsewhere-pot,4,Came broken,March 2026\n";
    JsonNode look = inspection(csv);
    JsonNode ago = look.path("agos").path(0);
    assertEquals(ago.path("column").asInt(), 3);
    assertEquals(ago.path("rows").asInt(), 2);
    assertEquals(ago.path("example").asString(), "vor 2 Wochen");
    assertEquals(bringIn(csv, "{}").path("unreadable").asInt(), 2);
    JsonNode batch = bringIn(csv, "{\"countedFrom\":\"2026-11-10\"}");
    assertEquals(batch.path("unreadable").asInt(), 0);
    List<String> dates =
        body(ask("/api/v1/reviews?batch={id}&size=50", batch.path("id").asLong()))
            .path("items")
            .valueStream()
            .map(line -> line.path("text").asString() + " " + line.path("reviewedOn").asString())
            .sorted()
            .toList();
    // what could be read before came then, and comes no second time
    assertEquals(dates, List.of("Came late 2026-08", "Came whole 2026-10"));
  }

  @Test
  public void starsForSingleThingsInColumnsOfTheirOwnAreRead() throws Exception {
    String csv =
        "Product,Rating,Review,Quality rating,Comfort (stars),Rating count\n"
            + "elsewhere-pot,5,Each in a column,4,,17\nelsewhere-pot,4,Each in its own,3,5,17\n"
            + "elsewhere-pot,4,Out of scale,9,5,17\n";
    JsonNode look = inspection(csv.replace("9,5,17", "2,5,17"));
    assertEquals(look.path("criteria").toString(), "{\"3\":\"Quality\",\"4\":\"Comfort\"}");
    JsonNode batch = bringIn(csv, "{}");
    assertEquals(batch.path("unreadable").asInt(), 1, batch.toString());
    assertEquals(
        criteria(batch),
        List.of("Each in a column Quality 4", "Each in its own Quality 3 Comfort 5"));
    // what the owner calls them goes before what their headings say
    JsonNode named = bringIn(csv.replace("Each", "One"), "{\"criteria\":{\"4\":\"Seat\"}}");
    assertEquals(
        criteria(named),
        List.of("One in a column", "One in its own Seat 5", "Out of scale Seat 5"));
  }

  /** Words and stars of single things, as they go out again. */
  private List<String> criteria(JsonNode batch) throws Exception {
    Set<String> ours =
        body(ask("/api/v1/reviews?batch={id}&size=50", batch.path("id").asLong()))
            .path("items")
            .valueStream()
            .map(line -> line.path("text").asString())
            .collect(Collectors.toSet());
    String csv =
        ask("/api/v1/reviews/export/csv?product=elsewhere-pot")
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8)
            .replace("\uFEFF", "");
    try (var rows = CSVFormat.RFC4180.builder().setHeader().get().parse(new StringReader(csv))) {
      return rows.stream()
          .filter(row -> ours.contains(row.get("words")))
          .map(row -> row.get("words") + " " + row.get("criteria").replaceAll("\\R", " "))
          .map(row -> row.replace(":", "").strip())
          .sorted()
          .toList();
    }
  }

  @Test
  public void headingsBelowATitleAreFoundWithTheLinesThatRowsHave() throws Exception {
    JsonNode look =
        inspection(
            """
            Reviews of our shop,,,
            "Exported on 1 December 2026",,,

            Product,Rating,Review,Date
            elsewhere-pot,5,Fine,3. Mai 2026
            """);
    assertEquals(look.path("headings").path(1).asString(), "Rating");
    assertEquals(look.path("samples").path(0).path("line").asInt(), 5);
    assertEquals(look.path("rows").asInt(), 1);
    JsonNode batch =
        bringIn("Our reviews,,\nProduct,Rating,Review\nelsewhere-pot,5,Under a title\n", "{}");
    assertEquals(batch.path("imported").asInt(), 1);
    assertEquals(batch.path("unreadable").asInt(), 0);
  }

  @Test
  public void aFileOfOrdersIsToldFromOneOfReviews() throws Exception {
    JsonNode orders = inspection("Order,Date,SKU,Quantity\nA-1,2026-11-20,elsewhere-pot-1,1\n");
    assertEquals(orders.path("looksLike").asString(), "ORDERS");
    // its quantities were taken for ratings
    assertTrue(orders.path("columns").path("RATING").isMissingNode(), orders.toString());
    assertTrue(inspection("Product,Rating\nelsewhere-pot,5\n").path("looksLike").isMissingNode());
  }
}
