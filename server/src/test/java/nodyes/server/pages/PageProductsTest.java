package nodyes.server.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a page names itself, in the three ways that schema.org's documents show. */
public class PageProductsTest {
  private static String ld(String json) {
    return "<script type=\"application/ld+json\">" + json + "</script>";
  }

  @DataProvider
  public Object[][] pages() {
    return new Object[][] {
      {"<p>Nothing</p>", 0, false},
      {ld("{\"@type\":\"Product\",\"name\":\"Pot\"}"), 1, false},
      {ld("{\"@type\":\"Product\",\"@id\":\"#pot\"}"), 1, true},
      {ld("{\"@type\":[\"Thing\",\"Product\"],\"@id\":\"#pot\"}"), 1, true},
      {
        ld("{\"@graph\":[{\"@type\":\"WebPage\"},{\"@type\":\"ProductGroup\",\"@id\":\"x\"}]}"),
        1,
        true
      },
      {ld("[{\"@type\":\"Product\"},{\"@type\":\"Product\",\"@id\":\"x\"}]"), 2, false},
      {ld("{\"@type\":\"Organization\",\"@id\":\"x\"}"), 0, false},
      {ld("{\"@type\":\"Product\", broken"), 0, false},
      {"<div itemscope itemtype=\"https://schema.org/Product\"></div>", 1, false},
      {"<div vocab=\"https://schema.org/\" typeof=\"Product\"></div>", 1, false},
      {"<div typeof=\"ProductModel\"></div>", 0, false},
      {
        "<div itemscope itemtype=\"https://schema.org/Product\"></div>"
            + ld("{\"@type\":\"Product\",\"@id\":\"#pot\"}"),
        2,
        false
      },
    };
  }

  @Test(dataProvider = "pages")
  public void whatAPageNames(String html, int count, boolean hasId) {
    assertEquals(PageProducts.of(Jsoup.parse(html)), new PageProducts(count, hasId));
  }

  @Test
  public void theOwnerIsToldWhatBecomesOfIt() {
    assertEquals(new PageProducts(0, false).becomes(), "");
    assertTrue(new PageProducts(1, true).becomes().contains("added to it"));
    assertTrue(new PageProducts(1, false).becomes().contains("to avoid a second product"));
  }
}
