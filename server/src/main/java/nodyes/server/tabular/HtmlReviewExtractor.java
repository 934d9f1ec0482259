package nodyes.server.tabular;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.SchemaOrgReviewReader;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads the reviews that a web page marks up: JSON-LD, microdata and RDFa of schema.org. */
public final class HtmlReviewExtractor {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int LONGEST_JSON = 8_000_000;
  private static final int DEEPEST = 60;

  /**
   * What a page holds.
   *
   * @param reviews texts by column
   * @param next the address of the page after it, if it names one
   * @param title its title
   */
  public record Found(
      List<Map<ReviewColumn, String>> reviews, Optional<String> next, String title) {}

  private HtmlReviewExtractor() {}

  /** Reads a page; nothing in it is run or fetched. */
  public static Found in(InputStream page, String address) throws IOException {
    return WebPage.read(page, address).found();
  }

  static Found in(Document document) {
    var reviews = new ArrayList<Map<ReviewColumn, String>>();
    for (Element script : document.select("script[type=application/ld+json]")) {
      if (script.data().length() <= LONGEST_JSON) {
        reviews.addAll(linked(script.data()));
      }
    }
    if (reviews.isEmpty()) {
      reviews.addAll(SchemaOrgReviewReader.in(marked(document, Syntax.MICRODATA)));
    }
    if (reviews.isEmpty()) {
      reviews.addAll(SchemaOrgReviewReader.in(marked(document, Syntax.RDFA)));
    }
    return new Found(List.copyOf(reviews), NextPage.of(document), document.title());
  }

  /** Writes the reviews of a brought page as rows. */
  static RowFile write(InputStream page, Path target) throws IOException {
    WebPage brought = WebPage.read(page, "");
    List<Map<ReviewColumn, String>> marked = brought.found().reviews();
    List<Map<ReviewColumn, String>> reviews =
        marked.isEmpty() ? PatternReviews.proposed(brought.tree()) : marked;
    if (reviews.isEmpty()) {
      throw none();
    }
    return write(reviews, target);
  }

  /** Writes reviews as rows. */
  public static RowFile write(List<Map<ReviewColumn, String>> reviews, Path target)
      throws IOException {
    List<ReviewColumn> columns = SchemaColumns.filled(reviews);
    try (var writer = new RowWriter(target, columns.stream().map(SchemaColumns::name).toList())) {
      long number = 1;
      for (var review : reviews) {
        number++;
        writer.row(
            number, columns.stream().map(column -> review.getOrDefault(column, "")).toList());
      }
    }
    return new RowFile(target, FileKind.HTML, StandardCharsets.UTF_8.name(), ',', List.of(), "");
  }

  /** What is said where a page marks up no review. */
  public static ApiProblem none() {
    return ApiProblem.unusable(Texts.text("imports.noReviewsOnPage"));
  }

  /**
   * By the vocabulary's own names; where there are none, by what the data's context makes of its.
   */
  private static List<Map<ReviewColumn, String>> linked(String json) {
    Object tree = tree(json);
    List<Map<ReviewColumn, String>> plain = SchemaOrgReviewReader.in(tree);
    return plain.isEmpty() && JsonLdExpansion.hasOwnNames(tree)
        ? SchemaOrgReviewReader.in(JsonLdExpansion.expanded(json))
        : plain;
  }

  private static Object tree(String json) {
    try {
      return JSON.readValue(json, Object.class);
    } catch (JacksonException e) {
      return List.of(); // a page's broken data is the page's
    }
  }

  /** The two ways of marking up in attributes differ in their names alone. */
  private enum Syntax {
    MICRODATA("itemscope", "itemtype", "itemprop"),
    RDFA("typeof", "typeof", "property");

    private final String scope;
    private final String type;
    private final String property;

    Syntax(String scope, String type, String property) {
      this.scope = scope;
      this.type = type;
      this.property = property;
    }
  }

  /** The page's top items as trees (HTML Living Standard, microdata; RDFa Lite 1.1). */
  private static List<Object> marked(Document document, Syntax syntax) {
    return document.select("[" + syntax.scope + "]").stream()
        .filter(element -> !element.hasAttr(syntax.property) || !isInItem(element, syntax))
        .map(element -> (Object) item(element, syntax, 0))
        .toList();
  }

  private static boolean isInItem(Element element, Syntax syntax) {
    return element.parents().stream().anyMatch(parent -> parent.hasAttr(syntax.scope));
  }

  private static Map<String, Object> item(Element element, Syntax syntax, int depth) {
    var item = new LinkedHashMap<String, Object>();
    item.put("@type", List.of(element.attr(syntax.type).strip().split("\\s+")));
    String id = element.hasAttr("itemid") ? element.attr("itemid") : element.attr("resource");
    if (!id.isEmpty()) {
      item.put("@id", id);
    }
    var properties = new HashMap<String, List<Object>>();
    if (depth < DEEPEST) {
      collect(element, syntax, properties, depth);
      for (String reference : element.attr("itemref").strip().split("\\s+")) {
        Element other = reference.isEmpty() ? null : byId(element, reference);
        if (other != null && !other.parents().contains(element)) {
          property(other, syntax, properties, depth);
        }
      }
    }
    item.putAll(properties);
    return item;
  }

  private static @Nullable Element byId(Element element, String id) {
    Document document = element.ownerDocument();
    return document == null ? null : document.getElementById(id);
  }

  private static void collect(
      Element element, Syntax syntax, Map<String, List<Object>> properties, int depth) {
    for (Element child : element.children()) {
      property(child, syntax, properties, depth);
    }
  }

  private static void property(
      Element element, Syntax syntax, Map<String, List<Object>> properties, int depth) {
    boolean isItem = element.hasAttr(syntax.scope);
    if (element.hasAttr(syntax.property)) {
      Object value = isItem ? item(element, syntax, depth + 1) : value(element);
      for (String name : element.attr(syntax.property).strip().split("\\s+")) {
        properties.computeIfAbsent(name, _ -> new ArrayList<>()).add(value);
      }
    }
    if (!isItem && depth < DEEPEST) {
      collect(element, syntax, properties, depth);
    }
  }

  private static String value(Element element) {
    if (element.hasAttr("content")) {
      return element.attr("content");
    }
    return switch (element.normalName()) {
      case "a", "area", "link" ->
          element.absUrl("href").isEmpty() ? element.attr("href") : element.absUrl("href");
      case "img", "audio", "embed", "iframe", "source", "track", "video" ->
          element.absUrl("src").isEmpty() ? element.attr("src") : element.absUrl("src");
      case "object" -> element.absUrl("data");
      case "data", "meter" -> element.attr("value");
      case "time" -> element.hasAttr("datetime") ? element.attr("datetime") : element.text();
      default -> text(element);
    };
  }

  /** Text with the line breaks that a reader sees. */
  private static String text(Element element) {
    Element copy = element.clone();
    copy.select("br").before("\\n");
    copy.select("p").before("\\n");
    return copy.text().replace("\\n", "\n").replaceAll("[ \\t]*\\n[ \\t]*", "\n").strip();
  }
}
