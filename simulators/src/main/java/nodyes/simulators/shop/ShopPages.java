package nodyes.simulators.shop;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Draws the shop's pages. */
final class ShopPages {
  private static final List<String> SHOWN_AT_HOME =
      List.of(
          "celadon-planter",
          "slate-pot",
          "moss-can",
          "ochre-bowl",
          "oat-trough",
          "seedling-can",
          "meadow-mix",
          "trowel");

  private final ShopCatalogue goods;
  private final String script;
  private final String key;
  private final Map<String, Template> templates = new ConcurrentHashMap<>();
  private final Mustache.Compiler mustache =
      Mustache.compiler().emptyStringIsFalse(true).defaultValue("").withLoader(ShopPages::open);

  ShopPages(ShopCatalogue goods, String script, String key) {
    this.goods = goods;
    this.script = script;
    this.key = key;
  }

  String home(Basket basket) {
    Map<String, Object> page = page("home", "Quillwort Garden Goods", basket);
    page.put("cards", cards(goods.named(SHOWN_AT_HOME)));
    return draw("home", page);
  }

  String listing(ShopCatalogue.Category category, Basket basket) {
    Map<String, Object> page = page("listing", category.title(), basket);
    page.put("category", category.title());
    page.put("navigation", navigation(Optional.of(category)));
    page.put("cards", cards(goods.in(category)));
    return Marks.takenOut(category, draw("listing", page));
  }

  String product(ShopCatalogue.Product product, Optional<String> sku, Basket basket) {
    ShopCatalogue.Variant chosen = product.variant(sku);
    Map<String, Object> page = page("product", product.title(), basket);
    page.put("navigation", navigation(Optional.of(product.category())));
    page.put("product", product.slug());
    page.put("name", product.title());
    page.put("description", product.description());
    page.put("category", product.category().title());
    page.put("categorySlug", product.category().slug());
    page.put("sku", chosen.sku());
    page.put("price", euros(chosen.price()));
    page.put("usual", chosen.reduced() ? euros(chosen.usual()) : "");
    page.put("soldOut", chosen.soldOut());
    page.put(
        "variants",
        product.variants().stream()
            .map(
                variant ->
                    Map.of(
                        "sku", variant.sku(),
                        "title", variant.title(),
                        "price", euros(variant.price()),
                        "chosen", variant.equals(chosen)))
            .toList());
    return Marks.takenOut(product.category(), draw("product", page));
  }

  String basket(Basket basket) {
    Map<String, Object> page = page("basket", "Basket", basket);
    var lines = new ArrayList<Map<String, Object>>();
    BigDecimal sum = BigDecimal.ZERO;
    for (var entry : basket.quantities().entrySet()) {
      Optional<ShopCatalogue.Product> found = goods.selling(entry.getKey());
      if (found.isPresent()) {
        ShopCatalogue.Variant variant = found.get().variant(Optional.of(entry.getKey()));
        BigDecimal cost = variant.price().multiply(BigDecimal.valueOf(entry.getValue()));
        sum = sum.add(cost);
        lines.add(
            Map.of(
                "slug", found.get().slug(),
                "name", found.get().title(),
                "variant", variant.title(),
                "sku", variant.sku(),
                "quantity", entry.getValue(),
                "cost", euros(cost)));
      }
    }
    page.put("lines", lines);
    page.put("empty", lines.isEmpty());
    page.put("sum", euros(sum));
    return draw("basket", page);
  }

  /**
   * The thanks for an order.
   *
   * @param placed when it was placed, as the address tells; empty where it does not
   * @param ordered what was ordered
   */
  String ordered(String number, String placed, Basket ordered) {
    Map<String, Object> page = page("confirmation", "Thank you", Basket.parse(null));
    page.put("number", number);
    page.put("ordered", placed);
    page.put(
        "things",
        ordered.quantities().keySet().stream()
            .flatMap(sku -> goods.selling(sku).stream())
            .distinct()
            .map(product -> Map.of("slug", product.slug(), "name", product.title()))
            .toList());
    return draw("ordered", page);
  }

  String missing(Basket basket) {
    return draw("missing", page("other", "Not here", basket));
  }

  private Map<String, Object> page(String kind, String title, Basket basket) {
    var page = new HashMap<String, Object>();
    page.put("kind", kind);
    page.put("title", title);
    page.put("script", script);
    page.put("key", key);
    page.put("navigation", navigation(Optional.empty()));
    page.put("basketCount", basket.count());
    return page;
  }

  private List<Map<String, Object>> navigation(Optional<ShopCatalogue.Category> here) {
    return goods.categories().stream()
        .map(
            category ->
                Map.<String, Object>of(
                    "slug", category.slug(),
                    "title", category.title(),
                    "here", here.map(category::equals).orElse(false)))
        .toList();
  }

  private static List<Map<String, Object>> cards(List<ShopCatalogue.Product> products) {
    return products.stream()
        .map(
            product -> {
              ShopCatalogue.Variant cheapest =
                  product.variants().stream()
                      .min(java.util.Comparator.comparing(ShopCatalogue.Variant::price))
                      .orElseThrow();
              Optional<ShopCatalogue.Variant> reduced =
                  product.variants().stream().filter(ShopCatalogue.Variant::reduced).findFirst();
              ShopCatalogue.Variant shown = reduced.orElse(cheapest);
              return Map.<String, Object>of(
                  "slug", product.slug(),
                  "name", product.title(),
                  "from", product.variants().size() > 1 && reduced.isEmpty(),
                  "price", euros(shown.price()),
                  "usual", shown.reduced() ? euros(shown.usual()) : "");
            })
        .toList();
  }

  private String draw(String name, Map<String, Object> page) {
    Template body = templates.computeIfAbsent(name, template -> mustache.compile(open(template)));
    Template frame = templates.computeIfAbsent("frame", frames -> mustache.compile(open(frames)));
    page.put("body", body.execute(page));
    return frame.execute(page);
  }

  private static String euros(BigDecimal amount) {
    return "€" + amount.setScale(2, java.math.RoundingMode.HALF_UP).toPlainString();
  }

  private static Reader open(String name) {
    return new InputStreamReader(resource(name + ".mustache"), StandardCharsets.UTF_8);
  }

  static InputStream resource(String name) {
    return Objects.requireNonNull(ShopPages.class.getResourceAsStream(name), name);
  }

  static byte[] bytes(String name) {
    try (InputStream in = resource(name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
