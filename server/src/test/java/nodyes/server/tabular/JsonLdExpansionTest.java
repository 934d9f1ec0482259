package nodyes.server.tabular;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.ReviewColumn;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pages that name schema.org's things their own way, as JSON-LD 1.1 lets them. */
public class JsonLdExpansionTest {
  private static List<Map<ReviewColumn, String>> read(String json) throws IOException {
    String page =
        "<!doctype html><script type=\"application/ld+json\">" + json + "</script><p>A page</p>";
    return HtmlReviewExtractor.in(
            new ByteArrayInputStream(page.getBytes(StandardCharsets.UTF_8)), "")
        .reviews();
  }

  /** Ways of JSON-LD 1.1: section 4.1.2 (terms), 4.4 (prefixes), 4.8 (reversed), 9.10 (aliases). */
  @DataProvider
  Object[][] ways() {
    return new Object[][] {
      {
        "a prefix of its own",
        """
        {"@context":{"s":"http://schema.org/"},"@type":"s:Product","s:sku":"POT-1","s:review":
        {"@type":"s:Review","s:reviewBody":"Stands well","s:reviewRating":
        {"@type":"s:Rating","s:ratingValue":4}}}"""
      },
      {
        "words of its own",
        """
        {"@context":{"@vocab":"https://schema.org/","kind":"@type","opinions":"review",
        "said":"reviewBody","stars":"ratingValue","given":"reviewRating"},
        "kind":"Product","sku":"POT-1","opinions":[{"kind":"Review","said":"Stands well",
        "given":{"kind":"Rating","stars":4}}]}"""
      },
      {
        "a property the other way round",
        """
        {"@context":["https://schema.org",{"reviews":{"@reverse":"itemReviewed"},"is":"@type"}],
        "is":"Product","sku":"POT-1","reviews":{"is":"Review","reviewBody":"Stands well",
        "reviewRating":{"is":"Rating","ratingValue":"4"}}}"""
      },
      {
        "a text with its language",
        """
        {"@context":{"@vocab":"http://schema.org/","@language":"en","is":"@type"},"is":"Product",
        "sku":"POT-1","review":{"is":"Review","reviewBody":{"@value":"Stands well",
        "@language":"en-GB"},"reviewRating":{"is":"Rating","ratingValue":4}}}"""
      },
    };
  }

  @Test(dataProvider = "ways")
  public void whatAPageCallsItsOwnWayIsRead(String what, String json) throws IOException {
    List<Map<ReviewColumn, String>> reviews = read(json);
    assertEquals(reviews.size(), 1, what);
    assertEquals(reviews.getFirst().get(ReviewColumn.PRODUCT), "POT-1", what);
    assertEquals(reviews.getFirst().get(ReviewColumn.WORDS), "Stands well", what);
    assertEquals(reviews.getFirst().get(ReviewColumn.RATING), "4", what);
  }

  @Test
  public void anotherServersContextIsNotAskedAndNothingIsMadeUp() throws IOException {
    assertTrue(
        read("""
                {"@context":["https://contexts.example/shop.jsonld",{"is":"@type"}],
                "is":"Review","reviewBody":"Stands well"}""")
            .isEmpty());
    assertTrue(
        read("""
                {"@context":{"@import":"http://169.254.169.254/latest","is":"@type"},
                "is":"Review","reviewBody":"Stands well"}""")
            .isEmpty());
  }

  @Test
  public void brokenContextsAreThePagesOwn() throws IOException {
    assertTrue(read("{\"@context\":{\"a\":\"b\",\"b\":\"a\"},\"a\":1}").isEmpty());
    assertTrue(read("{\"@context\":{\"@vocab\":7},\"@type\":\"x\"}").isEmpty());
    assertTrue(read("null").isEmpty());
    assertTrue(read("[null,{\"@context\":{\"x\":null}}]").isEmpty());
  }
}
