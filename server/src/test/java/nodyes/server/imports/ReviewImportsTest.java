package nodyes.server.imports;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nodyes.server.ServerTest;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ReviewImportsTest extends ServerTest {
  private static final String HEAD = "Product,Rating,Words,Reviewer,Date\n";

  @Test
  public void goodRowsAreKeptAndBadOnesAreSaidWithLineAndReason() throws Exception {
    product("oak-pot");
    JsonNode batch =
        bringIn(
            HEAD
                + "oak-pot,5,Solid,Rui,2026-01-02\n"
                + "oak-pot,7,Seven!,Dag,2026-01-02\n"
                + "oak-pot-1,4,By SKU,Ana,2026-01-03\n"
                + "oak-pot,4,Feb,Eva,31.02.2026\n"
                + "teapot,4,Tea,Gil,2026-01-03\n",
            "{}");
    assertEquals(batch.path("state").asString(), "DONE");
    assertEquals(batch.path("imported").asInt(), 2);
    assertEquals(batch.path("unreadable").asInt(), 3);
    JsonNode problems =
        body(ask("/api/v1/imports/{id}/problems", batch.path("id").asLong())).path("items");
    assertEquals(
        problems.valueStream().map(ReviewImportsTest::said).toList(),
        List.of(
            "3 rating 7: This is above 5, the top of this scale.",
            "5 date 31.02.2026: February 2026 has only 28 days.",
            "6 product teapot: There is no such product in your catalogue."));
  }

  private static String said(JsonNode problem) {
    return problem.path("line").asString()
        + " "
        + problem.path("column").asString()
        + " "
        + problem.path("value").asString()
        + ": "
        + problem.path("reason").asString();
  }

  @Test
  public void theSameFileTwiceTakesNothingAndWhatWasLeftOutStaysOut() throws Exception {
    product("elm-pot");
    String file = HEAD + "elm-pot,5,One,A,2026-01-02\nelm-pot,2,Two,B,2026-01-02\n";
    JsonNode first = bringIn(file, "{}");
    JsonNode items =
        body(ask("/api/v1/reviews?batch={id}", first.path("id").asLong())).path("items");
    send(
        "/api/v1/reviews/actions",
        "{\"ids\":[%s],\"to\":\"LEFT_OUT\",\"reason\":\"A_COPY\"}"
            .formatted(items.path(0).path("id").asString()));
    JsonNode again = bringIn(file, "{}");
    assertEquals(again.path("imported").asInt(), 0);
    assertEquals(again.path("duplicates").asInt(), 1);
    assertEquals(again.path("leftOutBefore").asInt(), 1);
  }

  @Test
  public void anotherScaleMapsAndAChosenProductWins() throws Exception {
    product("ash-pot");
    JsonNode batch =
        bringIn("Nota;Comentário\n9;Bonito\n1;Mau\n", "{\"product\":\"ash-pot\",\"best\":10}");
    assertEquals(batch.path("inspection").path("delimiter").asString(), ";");
    JsonNode items =
        body(ask("/api/v1/reviews?batch={id}", batch.path("id").asLong())).path("items");
    assertEquals(items.path(1).path("stars").asDouble(), 4.56);
    assertEquals(items.path(0).path("stars").asDouble(), 1.0);
  }

  @DataProvider
  Object[][] encodings() {
    return new Object[][] {
      {StandardCharsets.UTF_8, "", "UTF-8"},
      {StandardCharsets.UTF_8, "\uFEFF", "UTF-8"},
      {StandardCharsets.UTF_16LE, "\uFEFF", "UTF-16LE"},
      {StandardCharsets.UTF_16BE, "\uFEFF", "UTF-16BE"},
      {StandardCharsets.UTF_16LE, "", "UTF-16LE"},
      {StandardCharsets.ISO_8859_1, "", "windows-1252"},
    };
  }

  @Test(dataProvider = "encodings")
  public void theEncodingIsFound(Charset charset, String mark, String found) throws Exception {
    String slug = "pot-" + (charset.name() + mark.length()).toLowerCase(java.util.Locale.ROOT);
    product(slug);
    byte[] file = (mark + HEAD + slug + ",5,Avaliação à mão,Inês,2026-01-02\n").getBytes(charset);
    JsonNode batch = bringIn(file, "{}");
    assertEquals(batch.path("inspection").path("encoding").asString(), found);
    JsonNode items =
        body(ask("/api/v1/reviews?batch={id}", batch.path("id").asLong())).path("items");
    assertEquals(items.path(0).path("text").asString(), "Avaliação à mão");
  }

  @Test
  public void anEncodingCanBeAskedFor() throws Exception {
    product("fir-pot");
    byte[] file =
        (HEAD + "fir-pot,5,Preis: 5 €,Uwe,2026-01-02\n").getBytes(Charset.forName("ISO-8859-15"));
    long id = body(upload("/api/v1/imports", "latin.csv", file)).path("id").asLong();
    JsonNode again =
        body(send("/api/v1/imports/{id}/inspection", "{\"encoding\":\"ISO-8859-15\"}", id));
    assertEquals(
        again.path("inspection").path("samples").path(0).path("cells").path(2).asString(),
        "Preis: 5 €");
    send("/api/v1/imports/{id}/inspection", "{\"encoding\":\"EBCDIC?\"}", id)
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.detail").value("There is no text encoding “EBCDIC?”."));
  }

  @DataProvider
  Object[][] notRows() {
    return new Object[][] {
      {new byte[0], "The file is empty."},
      {utf8("PK\u0003\u0004rest"), "This workbook is damaged and cannot be read. Save it again"},
      {utf8("[]"), "This JSON has no list of objects, so there are no reviews in it"},
      {utf8("[1,2]"), "Line 1 of this JSON is not an object."},
      {utf8("{\"a\":1,\n \"b\":}"), "This JSON cannot be read at line 2"},
      {utf8("<!doctype html><p>Hello"), "No reviews found on this page: it marks up none"},
      {utf8("%PDF-1.7"), "This is a PDF. Reviews can be imported from tables, JSON and web pages"},
      {
        new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, 0},
        "This is an old .xls file. Save it as .xlsx or CSV and import that"
      },
      {
        new byte[] {1, 0, 0, 0, 7, 3, 0, 0},
        "This is not a text file. Save it as CSV and import that"
      },
      {
        utf8("just some words\nand more\n"), "This is not a table: its first line has only one cell"
      },
      {utf8("Product,Rating\n"), "The file has column headings but no rows."},
    };
  }

  @Test(dataProvider = "notRows")
  public void whatIsNoFileOfRowsIsSaidSo(byte[] file, String why) throws Exception {
    upload("/api/v1/imports", "x.csv", file)
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.detail", containsString(why)));
  }

  @Test
  public void readingNeedsARatingAndAProduct() throws Exception {
    long id =
        body(upload("/api/v1/imports", "x.csv", utf8("Words,Stars\nfine,4\n"))).path("id").asLong();
    send("/api/v1/imports/{id}/start", "{}", id)
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.detail").value("Choose a product or the column that has it."));
    send("/api/v1/imports/{id}/start", "{\"product\":\"no-such-pot\"}", id)
        .andExpect(jsonPath("$.detail").value("The product no-such-pot is not in your catalogue."));
    send("/api/v1/imports/{id}/start", "{\"columns\":{\"WORDS\":0},\"product\":\"x\"}", id)
        .andExpect(jsonPath("$.detail").value("Choose the column with the rating."));
  }

  @Test
  public void anOrderThatHoldsTheProductVerifiesThePurchase() throws Exception {
    product("yew-pot");
    product("box-pot");
    String order =
        """
        {"orderNumber":"T-1","orderDate":"2026-10-01T10:00:00Z","orderedItem":[\
        {"orderQuantity":1,"orderedItem":{"sku":"yew-pot-1"}}]}
        """;
    upload("/api/v1/orders/imports", "orders.jsonl", utf8(order)).andExpect(status().isOk());
    JsonNode batch =
        bringIn(
            "Product,Rating,Words,Order\n"
                + "yew-pot,5,bought,T-1\nbox-pot,5,other,T-1\nyew-pot,4,none,T-9\n",
            "{}");
    JsonNode items =
        body(ask("/api/v1/reviews?batch={id}", batch.path("id").asLong())).path("items");
    assertEquals(
        items
            .valueStream()
            .map(r -> r.path("text").asString() + " " + r.path("origin").asString())
            .toList(),
        List.of("none IMPORTED", "other IMPORTED", "bought VERIFIED"));
  }

  @Test
  public void aFileOfManyRowsIsReadInBoundedPieces() throws Exception {
    product("many-pot");
    var file = new ByteArrayOutputStream();
    file.write(utf8(HEAD));
    for (int i = 0; i < 20_000; i++) {
      file.write(
          utf8("many-pot," + (1 + i % 5) + ",Words number " + i + ",R" + i + ",2026-01-02\n"));
    }
    JsonNode batch = bringIn(file.toByteArray(), "{}");
    assertEquals(batch.path("imported").asInt(), 20_000);
    assertEquals(batch.path("rowsSeen").asInt(), 20_000);
    assertTrue(batch.path("failure").isMissingNode());
  }
}
