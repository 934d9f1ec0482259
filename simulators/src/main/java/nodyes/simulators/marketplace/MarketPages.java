package nodyes.simulators.marketplace;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import tools.jackson.databind.json.JsonMapper;

/** The marketplace's pages. */
final class MarketPages {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Template SEARCH = template("search");
  private static final Template ITEM = template("item");
  private static final Template MEMBERS = template("members");

  private MarketPages() {}

  private static Template template(String name) {
    try (InputStream in =
        Objects.requireNonNull(
            MarketPages.class.getResourceAsStream(
                "/nodyes/simulators/marketplace/" + name + ".mustache"))) {
      return Mustache.compiler()
          .defaultValue("")
          .compile(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static String search(String asked, List<Marketplace.Item> found) {
    return SEARCH.execute(Map.of("asked", asked, "items", found, "none", found.isEmpty()));
  }

  static String members(Marketplace.Item item) {
    return MEMBERS.execute(item);
  }

  static String item(
      Marketplace.Item item, List<MarketReview> shown, int page, int pages, String origin) {
    var context = new LinkedHashMap<String, Object>();
    context.put("item", item);
    context.put("page", page);
    context.put("pages", pages);
    context.put("next", page < pages ? "/items/" + item.slug() + "?page=" + (page + 1) : false);
    context.put("microdata", item.markup() == Marketplace.Markup.MICRODATA);
    context.put("rdfa", item.markup() == Marketplace.Markup.RDFA);
    context.put(
        "plain",
        item.markup() == Marketplace.Markup.NONE || item.markup() == Marketplace.Markup.JSON_LD);
    context.put("reviews", shown.stream().map(review -> shown(review, page)).toList());
    context.put(
        "jsonld",
        item.markup() == Marketplace.Markup.JSON_LD
            ? JSON.writeValueAsString(tree(item, shown, page, origin)).replace("<", "\\u003c")
            : false);
    return ITEM.execute(context);
  }

  private static List<String> pictures(MarketReview review, int page) {
    var names = new ArrayList<String>();
    for (int i = 0; i < review.pictures(); i++) {
      names.add(
          "/pictures/" + (Math.floorMod((review.reviewer() + page).hashCode(), 90) + i) + ".png");
    }
    return names;
  }

  private static Map<String, Object> shown(MarketReview review, int page) {
    return Map.of("review", review, "images", pictures(review, page));
  }

  /** The page as schema.org data. */
  private static Map<String, Object> tree(
      Marketplace.Item item, List<MarketReview> shown, int page, String origin) {
    var product = new LinkedHashMap<String, Object>();
    product.put("@context", "https://schema.org");
    product.put("@type", "Product");
    product.put("name", item.name());
    var list = new ArrayList<Map<String, Object>>();
    for (MarketReview review : shown) {
      list.add(review(item, review, page, origin));
    }
    product.put("review", list);
    return product;
  }

  private static Map<String, Object> review(
      Marketplace.Item item, MarketReview review, int page, String origin) {
    var node = new LinkedHashMap<String, Object>();
    node.put("@type", "Review");
    node.put(
        "reviewRating",
        Map.of(
            "@type", "Rating", "ratingValue", review.rating(), "bestRating", 10, "worstRating", 1));
    node.put(
        "author",
        Map.of(
            "@type",
            "Person",
            "name",
            review.reviewer(),
            "address",
            Map.of("@type", "PostalAddress", "addressCountry", review.country())));
    node.put("datePublished", review.date());
    node.put("inLanguage", review.language());
    if (!review.words().isEmpty()) {
      node.put("reviewBody", review.words());
    }
    if (!review.variant().isEmpty()) {
      String[] parts = review.variant().split(", ");
      node.put(
          "itemReviewed",
          Map.of("@type", "Product", "name", item.name(), "color", parts[0], "size", parts[1]));
    }
    List<String> pictures = pictures(review, page);
    if (!pictures.isEmpty()) {
      node.put("image", pictures.stream().map(picture -> origin + picture).toList());
    }
    return node;
  }
}
