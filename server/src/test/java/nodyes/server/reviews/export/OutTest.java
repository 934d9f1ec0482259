package nodyes.server.reviews.export;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import nodyes.core.imports.SchemaOrgReviewReader;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What goes out comes in again as it was. */
public class OutTest extends ExportTest {
  private static final String FILE =
      "Product,Rating,Title,Words,Reviewer,Country,Language,Date,Source id,Variant\n"
          + "%1$s,8,=SUM(A1:A9),\"=HYPERLINK(\"\"https://x.example\"\",\"\"y\"\")\",@Rui,PT,pt,2026-01-02,a-1,24 cm\n"
          + "%1$s,3,,\"Line one\nline two, with a comma and \"\"quotes\"\"\",+Ana,ES,es,2026-01-03,a-2,\n"
          + "%1$s,10,'=kept,\"Emoji 👩‍🌾, ﷽ and zero\u200Bwidth, \u202Eright to left\u202C\",Ünal,TR,tr,2026-01-04,a-3,\n"
          + "%1$s,7,-1+1,\"<script>alert(1)</script> &lt;b&gt;\",\"\t=1\",JP,ja,,a-4,\n"
          + "%1$s,1,,,,,,,a-5,\n";

  private void brought(String product) throws Exception {
    product(product);
    JsonNode batch = bringIn(FILE.formatted(product), "{\"best\":10}");
    assertEquals(batch.path("imported").asInt(), 5, batch.toString());
  }

  private static String text(byte[] content) {
    return new String(content, StandardCharsets.UTF_8);
  }

  @Test(dataProvider = "formats")
  public void aFileThatGoesOutComesInAgainUnchanged(String format) throws Exception {
    String product = "round-" + format;
    brought(product);
    byte[] first = exported(format, product);
    String before = text(exported("csv", product));
    long batch =
        body(ask("/api/v1/reviews?product={p}", product))
            .path("items")
            .path(0)
            .path("importId")
            .asLong();
    send("/api/v1/imports/{id}/remove", "{}", batch).andExpect(status().isOk());
    assertEquals(text(exported("csv", product)).lines().count(), 1);
    JsonNode again = bringIn(first, "{\"product\":\"" + product + "\"}");
    assertEquals(again.path("imported").asInt(), 5, again.toString());
    assertEquals(withoutSource(text(exported("csv", product))), withoutSource(before));
  }

  /** All but where it came from, which is another file now. */
  private static String withoutSource(String csv) {
    return csv.replaceAll(",(brought in),[^,\\r\\n]*,", ",$1,,");
  }

  @Test
  public void noCellOfCsvIsTakenForAFormula() throws Exception {
    brought("safe-pot");
    String csv = text(exported("csv", "safe-pot"));
    assertTrue(csv.startsWith("\uFEFFproduct,"), csv.substring(0, 20));
    for (String start : List.of(",=", ",+", ",-", ",@", "\"=", "\"+", "\"@", ",\t")) {
      assertTrue(!csv.contains(start), start + " in " + csv);
    }
    assertTrue(csv.contains(",'=SUM(A1:A9),"), csv);
  }

  /** Opened by another library than the one that wrote it. */
  @Test
  public void aWorkbookHoldsTextAlone() throws Exception {
    brought("book-pot");
    try (var workbook = new XSSFWorkbook(new ByteArrayInputStream(exported("xlsx", "book-pot")))) {
      var sheet = workbook.getSheetAt(0);
      assertEquals(sheet.getPhysicalNumberOfRows(), 6);
      var titles = new ArrayList<String>();
      sheet.forEach(
          row -> {
            if (row.getCell(6) != null) {
              titles.add(row.getCell(6).getCellType() + " " + row.getCell(6).getStringCellValue());
            }
          });
      assertEquals(
          titles, List.of("STRING title", "STRING =SUM(A1:A9)", "STRING =kept", "STRING -1+1"));
    }
  }

  @Test
  public void linkedDataIsSchemaOrgs() throws Exception {
    brought("linked-pot");
    JsonNode graph = json.readTree(exported("jsonld", "linked-pot"));
    assertEquals(graph.path("@context").asString(), "https://schema.org");
    JsonNode review = graph.path("@graph").path(0);
    assertEquals(review.path("@type").asString(), "Review");
    assertEquals(review.path("reviewRating").path("bestRating").asInt(), 5);
    assertEquals(review.path("author").path("address").path("addressCountry").asString(), "PT");
    known(graph.path("@graph"));
    assertEquals(text(exported("jsonl", "linked-pot")).lines().count(), 5);
    ask("/api/v1/reviews/export/pdf").andExpect(status().isNotFound());
  }

  /** Each property is one of those that are checked against the vocabulary. */
  private static void known(JsonNode node) {
    node.valueStream().forEach(OutTest::known);
    String type = node.path("@type").asString("");
    if (!type.isEmpty()) {
      var named = new ArrayList<>(SchemaOrgReviewReader.READ.getOrDefault(type, List.of()));
      named.addAll(SchemaOrgReviewReader.WRITTEN.getOrDefault(type, List.of()));
      node.propertyNames().stream()
          .filter(name -> !name.startsWith("@") && !name.startsWith(SchemaOrgReviewReader.OWN))
          .forEach(name -> assertTrue(named.contains(name), type + " " + name));
    }
  }
}
