package nodyes.server.catalogue;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Products as they are picked from in the back office. */
public class CatalogueApiTest extends ServerTest {
  private static final int MANY = 23;

  @BeforeClass
  public void fill() throws Exception {
    var lines = new StringBuilder();
    for (int i = 0; i < MANY; i++) {
      lines.append(
          """
          {"productGroupID":"picked-%02d","name":"Picked thing %02d","category":"Pickings > Of %s",\
          "hasVariant":[{"sku":"PK-%02d-S","name":"small"},{"sku":"PK-%02d-L","name":"large"}]}
          """
              .formatted(i, i, i % 2 == 0 ? "even" : "odd", i, i));
    }
    upload("/api/v1/catalogue/imports", "many.jsonl", utf8(lines.toString()))
        .andExpect(status().isOk());
  }

  private static List<String> slugs(JsonNode page) {
    return page.path("items").valueStream().map(one -> one.path("slug").asString()).toList();
  }

  @Test
  public void pagesOfAListHoldEachProductOnce() throws Exception {
    var seen = new ArrayList<String>();
    for (int page = 1; page <= 5; page++) {
      JsonNode list = body(ask("/api/v1/catalogue/products?q=Picked thing&size=5&page={p}", page));
      assertEquals(list.path("total").asInt(), MANY);
      assertEquals(list.path("page").asInt(), page);
      seen.addAll(slugs(list));
    }
    assertEquals(seen.size(), MANY, seen.toString());
    assertEquals(new HashSet<>(seen).size(), MANY, seen.toString());
    assertEquals(
        slugs(body(ask("/api/v1/catalogue/products?q=Picked thing&size=5&page=6"))), List.of());
  }

  @Test
  public void sizesAndPagesBeyondReasonAreBrought() throws Exception {
    JsonNode none =
        body(ask("/api/v1/catalogue/products?size=0&page=0").andExpect(status().isOk()));
    assertTrue(none.path("size").asInt() >= 1 && none.path("page").asInt() == 1, none.toString());
    JsonNode all = body(ask("/api/v1/catalogue/products?size=1000000").andExpect(status().isOk()));
    assertTrue(all.path("size").asInt() <= 200, all.path("size").toString());
    ask("/api/v1/catalogue/products?size=many").andExpect(status().isBadRequest());
  }

  @Test
  public void whatIsSearchedForIsTakenByTheLetter() throws Exception {
    assertEquals(slugs(body(ask("/api/v1/catalogue/products?q=thing 07"))), List.of("picked-07"));
    for (String letters : new String[] {"100%", "_icked", "' or 1=1 --", "\"", "*"}) {
      assertEquals(
          body(ask("/api/v1/catalogue/products?q={q}", letters).andExpect(status().isOk()))
              .path("total")
              .asInt(),
          0,
          letters);
    }
  }

  @Test
  public void variantsAreNamedInTheirOrder() throws Exception {
    assertEquals(
        body(ask("/api/v1/catalogue/products/picked-03/variants")).path("items").toString(),
        "[{\"sku\":\"PK-03-S\",\"title\":\"small\"},{\"sku\":\"PK-03-L\",\"title\":\"large\"}]");
    assertEquals(
        body(ask("/api/v1/catalogue/products/no-such-thing/variants")).path("items").size(), 0);
  }

  @Test
  public void categoriesCountWhatIsInThemThemselves() throws Exception {
    JsonNode found = body(ask("/api/v1/catalogue/categories?size=200"));
    JsonNode even = null;
    for (JsonNode one : found.path("items")) {
      if (one.path("title").asString().equals("Of even")) {
        even = one;
      }
    }
    assertEquals(
        String.valueOf(even), "{\"slug\":\"of-even\",\"title\":\"Of even\",\"products\":12}");
  }
}
