package nodyes.core.imports;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A heading that is a path through what lay in one another, such as {@code customer.display_name}
 * or {@code reply.text}: what it names is told by its last part and what that is a part of.
 */
final class HeadingPath {
  /** What is said of a whole by the same names everywhere (common practice). */
  private static final Set<String> NAMES =
      Set.of("name", "displayname", "fullname", "nickname", "username", "label");

  private static final Set<String> TEXTS =
      Set.of("text", "body", "content", "message", "comment", "value", "html", "plain");
  private static final Set<String> DAYS =
      Set.of("date", "at", "createdat", "created", "publishedat", "published", "time", "timestamp");
  private static final Set<String> IDS =
      Set.of("sku", "id", "handle", "slug", "gtin", "name", "title", "externalid", "productid");

  private static final Set<String> WRITERS =
      Set.of("reviewer", "author", "customer", "user", "writer", "buyer", "person", "by");
  private static final Set<String> REPLIES =
      Set.of("reply", "response", "answer", "ownerreply", "merchantreply", "shopreply");
  private static final Set<String> PRODUCTS = Set.of("product", "item", "itemreviewed", "article");

  /** What a review lies in; of anything else the last part alone says too little. */
  private static final Set<String> REVIEWS =
      Set.of("review", "attributes", "data", "node", "fields", "content", "meta", "metadata");

  private static final Set<String> RATINGS = Set.of("rating", "reviewrating", "score", "stars");
  private static final Set<String> ORDERS = Set.of("id", "number", "name", "reference");
  private static final Map<String, String> OF_RATINGS =
      Map.of(
          "value", "rating",
          "ratingvalue", "rating",
          "score", "rating",
          "stars", "rating",
          "max", "bestrating",
          "best", "bestrating",
          "outof", "bestrating",
          "min", "worstrating",
          "worst", "worstrating");

  private HeadingPath() {}

  /** The heading that says the same in one part; the heading itself where it is no path. */
  static String meant(String heading) {
    List<String> parts = List.of(heading.split("[./]"));
    if (parts.size() < 2) {
      return heading;
    }
    String last = ColumnDetector.plain(parts.getLast());
    String whole = ColumnDetector.plain(parts.get(parts.size() - 2));
    if (WRITERS.contains(whole)) {
      return NAMES.contains(last) ? "reviewer" : isCountry(last) ? "country" : heading;
    }
    if (REPLIES.contains(whole)) {
      return TEXTS.contains(last) ? "reply" : DAYS.contains(last) ? "replydate" : heading;
    }
    if (PRODUCTS.contains(whole)) {
      return IDS.contains(last) ? "product" : "variant".equals(last) ? last : heading;
    }
    if (RATINGS.contains(whole)) {
      return Optional.ofNullable(OF_RATINGS.get(last)).orElse(heading);
    }
    if ("order".equals(whole)) {
      return ORDERS.contains(last) ? "order" : heading;
    }
    return REVIEWS.contains(whole) ? last : heading;
  }

  private static boolean isCountry(String last) {
    return last.startsWith("country");
  }
}
