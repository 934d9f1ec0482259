package nodyes.server.feeds;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import nodyes.server.ServerTest;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Input: a whole table of products, and then a file of prices with 'the others stay'. Categories,
 * stock, tags and pictures of what it names were gone, and variants that it did not name as well.
 */
public class PartialFilesTest extends ServerTest {
  @BeforeMethod
  public void whole() throws Exception {
    feed(
        """
        Product,Variant,SKU,Price,Stock,Category,Tags,Picture,Brand
        Partial pot,small,PP-S,20.00,5,Pots > Small,heavy,https://shop.example/p.svg,Quillwort
        Partial pot,large,PP-L,30.00,7,Pots > Small,heavy,https://shop.example/p.svg,Quillwort
        """);
  }

  private JsonNode feed(String csv) throws Exception {
    return body(
        http.perform(
                MockMvcRequestBuilders.multipart("/api/v1/feeds/products/files")
                    .file(
                        new MockMultipartFile(
                            "file", "p.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)))
                    .param("whole", "false")
                    .header("Authorization", "Bearer " + KEY))
            .andExpect(status().isOk()));
  }

  private JsonNode pot() throws Exception {
    return body(ask("/api/v1/products/partial-pot"));
  }

  @Test
  public void aFileOfPricesChangesPricesAlone() throws Exception {
    JsonNode run = feed("SKU,Price\nPP-S,18.00\n");
    assertEquals(run.path("run").path("wrong").asInt(), 0, run.toString());
    JsonNode pot = pot();
    assertEquals(pot.path("title").asString(), "Partial pot");
    assertEquals(pot.path("category").asString(), "Small");
    assertEquals(pot.path("brand").asString(), "Quillwort");
    assertEquals(pot.path("picture").asString(), "https://shop.example/p.svg");
    assertEquals(pot.path("tags").path(0).asString(), "heavy");
    assertEquals(pot.path("stock").asInt(), 12);
    assertEquals(pot.path("variants").size(), 2, "what the file does not name stays");
    assertEquals(pot.path("variants").path(0).path("price").asDouble(), 18.0);
    assertEquals(pot.path("variants").path(1).path("price").asDouble(), 30.0);
  }

  @Test
  public void anEmptyCellChangesNothingAndNoneEmpties() throws Exception {
    feed("Product,Variant,SKU,Price,Stock,Brand,Category\nPartial pot,small,PP-S,18.00,,,\n");
    assertEquals(pot().path("stock").asInt(), 12);
    assertEquals(pot().path("brand").asString(), "Quillwort");
    feed("Product,Variant,SKU,Stock,Brand,Tags\nPartial pot,small,PP-S,none,None,none\n");
    JsonNode pot = pot();
    assertTrue(pot.path("brand").isMissingNode() || pot.path("brand").isNull(), pot.toString());
    assertTrue(pot.path("stock").isMissingNode() || pot.path("stock").isNull(), "not known");
    assertEquals(pot.path("tags").size(), 0);
    assertEquals(pot.path("variants").path(0).path("price").asDouble(), 18.0);
  }

  @Test
  public void aPriceOfNothingThatIsKnownIsToldWithItsLine() throws Exception {
    JsonNode problem = feed("SKU,Price\nPP-S,18.00\nNO-SUCH,5.00\n").path("problems").path(0);
    assertEquals(problem.path("line").asInt(), 3);
    assertEquals(problem.path("value").asString(), "NO-SUCH");
  }

  /** A list of prices by SKU took each variant for all of its product, and ended the others. */
  @Test
  public void aListOfAllPricesBySkuEndsNoneOfTheVariantsThatItNames() throws Exception {
    JsonNode run =
        body(upload(
                    "/api/v1/feeds/products/files?whole=true",
                    "prices.csv",
                    utf8("SKU,Price\nPP-S,18.00\nPP-L,31.00\n"))
                .andExpect(status().isOk()))
            .path("run");
    if (run.path("state").asString().equals("NEEDS_APPROVAL")) {
      // products of other tests are missing in it
      send("/api/v1/feeds/runs/" + run.path("id").asLong() + "/apply", "")
          .andExpect(status().isOk());
    }
    assertEquals(pot().path("variants").size(), 2);
    assertEquals(pot().path("variants").path(0).path("price").asDouble(), 18.0);
    assertEquals(pot().path("variants").path(1).path("price").asDouble(), 31.0);
  }

  /** Titles that were known were taken for SKUs where the SKUs of a file were new. */
  @Test
  public void aColumnOfNewSkusBesideTitlesThatAreKnownIsTheColumnOfSkus() throws Exception {
    feed("Product,Variant,SKU,Price\nPartial jar,one,PJ-1,5.00\n");
    JsonNode run = feed("Product,Variant,SKU,Price\nPartial jar,two,PJ-2,6.00\n");
    assertEquals(run.path("run").path("taken").asInt(), 1, run.toString());
    assertEquals(body(ask("/api/v1/products/partial-jar")).path("variants").size(), 2);
  }
}
