package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The products that a page names itself in structured data (JSON-LD, microdata, RDFa). The script
 * says a rating of the same one by its {@code @id}, or leaves the page alone.
 *
 * @param count how many it names
 * @param hasId whether the first has an {@code @id}
 */
record PageProducts(int count, boolean hasId) {
  private static final JsonMapper JSON = JsonMapper.shared();

  static PageProducts of(Document html) {
    boolean inMarkup =
        html.selectFirst("[itemtype*=schema.org/Product],[typeof~=(^|\\s)(schema:)?Product(\\s|$)]")
            != null;
    List<JsonNode> named = named(html);
    boolean hasId = !inMarkup && !named.isEmpty() && named.getFirst().path("@id").isString();
    return new PageProducts(named.size() + (inMarkup ? 1 : 0), hasId);
  }

  /** The products that its JSON-LD is about. */
  static List<JsonNode> named(Document html) {
    var named = new ArrayList<JsonNode>();
    for (Element script : html.select("script[type=application/ld+json]")) {
      try {
        collect(JSON.readTree(script.data()), named);
      } catch (JacksonException e) {
        // what cannot be read names nothing
      }
    }
    return named;
  }

  private static void collect(JsonNode tree, List<JsonNode> named) {
    if (tree.isArray()) {
      tree.forEach(part -> collect(part, named));
    } else if (tree.isObject()) {
      JsonNode type = tree.path("@type");
      boolean isProduct =
          type.isArray() ? type.valueStream().anyMatch(PageProducts::isProduct) : isProduct(type);
      if (isProduct) {
        named.add(tree);
      } else {
        collect(tree.path("@graph"), named);
      }
    }
  }

  private static boolean isProduct(JsonNode type) {
    return type.isString() && List.of("Product", "ProductGroup").contains(type.asString());
  }

  /** What becomes of ratings in structured data; empty where the page names no product. */
  String becomes() {
    if (count == 0) {
      return "";
    }
    return hasId ? text("pages.ratingJoined") : text("pages.ratingNotJoined");
  }
}
