package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Pages that say nothing of ours are known by their other signs. */
public class RecognitionTest extends ServerTest {
  private String key = "";

  @BeforeClass
  public void aShopWithReviews() throws Exception {
    String product =
        """
        {"productGroupID":"%s","name":"%s","hasVariant":[{"sku":"%s","gtin13":"%s","name":"One",\
        "offers":{"price":"9.00","priceCurrency":"EUR"}}]}
        """;
    upload(
            "/api/v1/catalogue/imports",
            "c.jsonl",
            utf8(
                product.formatted("known-pot", "Known pot", "KP-1", "4006381333931")
                    + product.formatted("other-pot", "Other pot", "OP-1", "4006381333948")))
        .andExpect(status().isOk());
    publish(
        bringIn(
            "Product,Rating,Words,Reviewer,Date\n"
                + "known-pot,5,Steady in the wind,Rui,2026-03-01\n"
                + "other-pot,4,A touch dark,Ana,2026-03-02\n",
            "{}"));
    send("/api/v1/layout/publish", "");
    JsonNode shop = body(ask("/api/v1/shop"));
    key = shop.path("publicKey").asString();
    changed(
            shop.toString()
                .replaceFirst(
                    "\"productPath\":\"[^\"]*\"",
                    "\"productPath\":\"/item/{product}.html?v={variant}\"")
                .replaceFirst("\"listingPath\":\"[^\"]*\"", "\"listingPath\":\"/all/{category}\""))
        .andExpect(status().isOk());
  }

  private ResultActions changed(String shop) throws Exception {
    return http.perform(
        put("/api/v1/shop").with(owner()).contentType(MediaType.APPLICATION_JSON).content(shop));
  }

  private ResultActions page(String signs, Object... values) throws Exception {
    return http.perform(get("/embed/v1/page?lang=en&" + signs, values));
  }

  @Test
  public void aProductPageIsKnownByItsAddress() throws Exception {
    page("address={a}", "/item/known-pot.html?v=KP-1")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.page.kind").value("product"))
        .andExpect(jsonPath("$.page.product").value("known-pot"))
        .andExpect(jsonPath("$.page.variant").value("KP-1"))
        .andExpect(jsonPath("$.page.by").value("ADDRESS"))
        .andExpect(jsonPath("$.nods[0].product").value("known-pot"));
  }

  @Test
  public void orByTheIdentifiersInItsData() throws Exception {
    for (String data :
        new String[] {
          "sku:KP-1",
          "gtin:04006381333931",
          "gtin:4006381333931",
          "id:known-pot",
          "name:known POT",
          "at:/item/known-pot.html"
        }) {
      page("address=/x&data={d}", data)
          .andExpect(jsonPath("$.page.product").value("known-pot"))
          .andExpect(jsonPath("$.page.by").value("PRODUCT_DATA"));
    }
  }

  /** A name with a comma in it was read as two products. */
  @Test
  public void aCommaInANamePartsNoProducts() throws Exception {
    page("address=/x&data={d}", "name:Known pot, blue\nsku:KP-1")
        .andExpect(jsonPath("$.page.product").value("known-pot"))
        .andExpect(jsonPath("$.page.variant").value("KP-1"));
  }

  @Test
  public void severalProductsInItsDataAreADoubtInWhichNothingShows() throws Exception {
    page("address=/x&data={data}", "sku:KP-1\n\nsku:OP-1")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.page.kind").doesNotExist())
        .andExpect(jsonPath("$.page.doubt").value("SEVERAL_PRODUCTS"))
        .andExpect(jsonPath("$.nods.length()").value(0));
  }

  @Test
  public void aListingIsKnownByItsCards() throws Exception {
    page("address=/gifts&cards={c}", "known-pot\nvoucher\nsku:OP-1")
        .andExpect(jsonPath("$.page.kind").value("listing"))
        .andExpect(jsonPath("$.page.cards['known-pot']").value("known-pot"))
        .andExpect(jsonPath("$.page.cards['sku:OP-1']").value("other-pot"))
        .andExpect(jsonPath("$.page.cards.voucher").doesNotExist())
        .andExpect(jsonPath("$.nods.length()").value(2));
  }

  @Test
  public void aPageOfNoKindShowsNothing() throws Exception {
    page("address=/about")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.page.kind").doesNotExist())
        .andExpect(jsonPath("$.nods.length()").value(0));
    page("data={d}", "\n\n:\nsku:")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.nods.length()").value(0));
  }

  @Test
  public void whatAPageSaysItIsGoesBeforeItsSigns() throws Exception {
    page("kind=product&product=other-pot&address={a}", "/item/known-pot.html")
        .andExpect(jsonPath("$.page").doesNotExist())
        .andExpect(jsonPath("$.nods[0].product").value("other-pot"));
  }

  @Test
  public void theScriptLearnsHowAddressesAreBuiltWithTheKeyAlone() throws Exception {
    http.perform(get("/embed/v1/addresses?shop={k}", key))
        .andExpect(status().isOk())
        .andExpect(header().string("Access-Control-Allow-Origin", "*"))
        .andExpect(
            jsonPath("$.products[0].path")
                .value("^(?:/[a-z]{2}(?:[-_][A-Za-z]{2,4})?)?/item/([^/?#]+?)\\.html/?$"))
        .andExpect(jsonPath("$.products[0].variant").value("v"))
        .andExpect(jsonPath("$.parameters[0]").value("v"));
    http.perform(get("/embed/v1/addresses?shop=another"))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.products.length()").value(0));
  }

  @Test
  public void anAddressOfAFormThatNoPageHasIsRefused() throws Exception {
    String shop = body(ask("/api/v1/shop")).toString();
    String twice =
        shop.replaceFirst("\"productPath\":\"[^\"]*\"", "\"productPath\":\"/{product}/{product}\"");
    JsonNode refused = body(changed(twice).andExpect(status().isBadRequest()));
    assertEquals(refused.path("faults").path(0).path("field").asString(), "productPath");
  }
}
