package nodyes.server.catalogue;

import static java.util.Objects.requireNonNull;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.server.ServerTest;
import org.joda.money.Money;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class CatalogueImportTest extends ServerTest {
  private static final String VASE =
      """
      {"@type":"ProductGroup","productGroupID":"vase","name":"%s","category":["Home > Table","Gifts"],\
      "keywords":["glass"],"releaseDate":"2026-10-01","hasVariant":[\
      {"sku":"VA-S","name":"small","inventoryLevel":{"value":3},"offers":{"price":"12.50",\
      "priceCurrency":"EUR","priceSpecification":[{"price":"15.00","validFrom":"2026-10-01"},\
      {"price":"12.50","validFrom":"2026-11-20T08:00:00Z"}]}},\
      {"sku":"VA-L","name":"large","offers":{"price":20,"priceCurrency":"EUR"}}]}
      """;

  @Autowired private Catalogue catalogue;

  private JsonNode imports(String lines) throws Exception {
    return body(
        upload("/api/v1/catalogue/imports", "c.jsonl", utf8(lines)).andExpect(status().isOk()));
  }

  @Test
  public void aProductComesWithItsVariantsTagsAndTheCategoriesAboveIts() throws Exception {
    assertEquals(imports(VASE.formatted("Vase")).path("taken").asInt(), 1);
    CatalogueProduct vase =
        requireNonNull(catalogue.find(List.of(new Slug("vase"))).get(new Slug("vase")));
    assertEquals(vase.categories(), Set.of("home", "table", "gifts"));
    assertEquals(vase.tags(), Set.of("glass"));
    assertEquals(List.copyOf(vase.variants().keySet()), List.of("VA-S", "VA-L"));
    assertEquals(
        requireNonNull(vase.variants().get("VA-S")).price(), Optional.of(Money.parse("EUR 12.50")));
    assertEquals(
        requireNonNull(vase.variants().get("VA-L")).price(), Optional.of(Money.parse("EUR 20.00")));
  }

  @Test(dependsOnMethods = "aProductComesWithItsVariantsTagsAndTheCategoriesAboveIts")
  public void anImportAgainBringsItUpToDateAndAddsNothing() throws Exception {
    imports(VASE.formatted("Tall vase").replace("12.50\",\\", "11.00\",\\"));
    ask("/api/v1/catalogue/products?q=VA-L")
        .andExpect(jsonPath("$.total").value(1))
        .andExpect(jsonPath("$.items[0].title").value("Tall vase"))
        .andExpect(jsonPath("$.items[0].variants").value(2));
  }

  @Test
  public void namesOfProductsAreFoundByWhatAFileCallsThem() throws Exception {
    imports(VASE.replace("VA-", "VB-").replace("\"vase\"", "\"vase-b\"").formatted("Blue vase"));
    ProductFinder finder = catalogue.finder();
    assertEquals(finder.find(" BLUE VASE ").orElseThrow().variant().isPresent(), false);
    assertEquals(finder.find("vb-l").orElseThrow().variant().orElseThrow(), "large");
    assertEquals(finder.find("VASE-B").isPresent(), true);
    assertEquals(finder.find("green vase").isPresent(), false);
  }

  @DataProvider
  Object[][] badLines() {
    return new Object[][] {
      {"{not json", "This is not JSON"},
      {"{}", "The product lists no variants (hasVariant)."},
      {"{\"hasVariant\":[{\"name\":\"x\"}]}", "It has no sku."},
      {
        "{\"hasVariant\":[{\"sku\":\"x\",\"name\":\"x\"}]}",
        "No productGroupID, and no product in your catalogue has this SKU."
      },
      {
        "{\"productGroupID\":\"A B\",\"name\":\"x\",\"hasVariant\":[{\"sku\":\"x\",\"name\":\"x\"}]}",
        "“A B” is not the name of a product in an address."
      },
      {
        "{\"productGroupID\":\"p\",\"name\":\"x\",\"hasVariant\":[{\"sku\":\"x\",\"name\":\"x\","
            + "\"offers\":{\"price\":\"1.005\",\"priceCurrency\":\"EUR\"}}]}",
        "Too many decimals for EUR. For thousands, write 1234.00."
      },
      {
        "{\"productGroupID\":\"p\",\"name\":\"x\",\"hasVariant\":[{\"sku\":\"x\",\"name\":\"x\","
            + "\"offers\":{\"price\":\"1\",\"priceCurrency\":\"DOUBLOON\"}}]}",
        "Unknown currency 'DOUBLOON'"
      },
    };
  }

  @Test(dataProvider = "badLines")
  public void aBadLineIsSaidWithItsNumberAndTheGoodOnesAreTaken(String line, String reason)
      throws Exception {
    String good =
        VASE.replace("VA-", "VC-").replace("\"vase\"", "\"vase-c\"").formatted("V").strip();
    JsonNode result = imports("\n" + good + "\n" + line + "\n");
    assertEquals(result.path("taken").asInt(), 1);
    JsonNode problem = result.path("problems").path(0);
    assertEquals(problem.path("line").asInt(), 3);
    String said = problem.path("reason").asString();
    assertEquals(said.substring(0, Math.min(said.length(), reason.length())), reason);
  }

  @Test
  public void anEmptyFileIsRefused() throws Exception {
    upload("/api/v1/catalogue/imports", "c.jsonl", new byte[0])
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.detail").value("The file is empty."));
  }

  @Test
  public void categoriesAreListedWithHowManyProductsTheyHold() throws Exception {
    imports(VASE.replace("VA-", "VD-").replace("\"vase\"", "\"vase-d\"").formatted("V"));
    ask("/api/v1/catalogue/categories")
        .andExpect(jsonPath("$.items[?(@.slug == 'gifts')].title").value("Gifts"))
        .andExpect(jsonPath("$.items[?(@.slug == 'home')].products").value(0));
  }
}
