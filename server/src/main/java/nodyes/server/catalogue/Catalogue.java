package nodyes.server.catalogue;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nodyes.core.common.Slug;
import nodyes.core.sales.DailySales;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.shop.Shop;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** The products that rules and reviews speak of. */
@Component
public class Catalogue {
  private final CatalogueStore store;
  private final CatalogueWriter writer;
  private final Shop shop;
  private final Derived<Map<String, DailySales.Group>> groups;
  private final Derived<Map<Slug, Long>> ids;

  Catalogue(CatalogueStore store, CatalogueWriter writer, Shop shop, Database database) {
    this.store = store;
    this.writer = writer;
    this.shop = shop;
    this.groups = database.derive(this::readGroups, Topic.CATALOGUE);
    this.ids = database.derive(ConcurrentHashMap::new, Topic.CATALOGUE);
  }

  /** The known ones among the named products. */
  public Map<Slug, CatalogueProduct> find(Collection<Slug> slugs) {
    return slugs.isEmpty() ? Map.of() : store.find(slugs, shop.settings().zone());
  }

  /** All products, in the shop's order, at most {@code most}. */
  public Map<Slug, CatalogueProduct> all(int most) {
    return store.find(store.slugs(most), shop.settings().zone());
  }

  /**
   * The products of each category by its slug, those of the categories below it among them; all
   * products under the empty name. The same until the catalogue changes.
   */
  public Map<String, DailySales.Group> groups() {
    return groups.get();
  }

  private Map<String, DailySales.Group> readGroups() {
    var made = new HashMap<String, DailySales.Group>();
    store.members().forEach((name, ids) -> made.put(name, new DailySales.Group(name, ids)));
    return Map.copyOf(made);
  }

  /** Addresses of the products' pictures, by slug. */
  public Map<String, String> pictures(Collection<String> slugs) {
    return slugs.isEmpty() ? Map.of() : store.pictures(slugs);
  }

  /** Gives products a tag; the ids of those that had it not. */
  public Set<Long> tag(Collection<Long> products, String tag) {
    return writer.tag(Set.copyOf(products), tag);
  }

  /** Takes a tag from products; the ids of those that had it. */
  public Set<Long> untag(Collection<Long> products, String tag) {
    return writer.untag(Set.copyOf(products), tag);
  }

  /** Tags in use, each with how many products have it, the most used first. */
  public List<TagLine> tags() {
    return store.tags();
  }

  /** A tag, and how many products have it. */
  public record TagLine(String tag, long products) {}

  /** The id of a product. */
  public Optional<Long> id(Slug slug) {
    Map<Slug, Long> known = ids.get();
    Long id = known.get(slug);
    if (id != null) {
      return Optional.of(id);
    }
    Optional<Long> found = store.id(slug);
    found.ifPresent(one -> known.put(slug, one));
    return found;
  }

  /** Titles of a product's variants, in the shop's order. */
  public List<String> variants(String slug) {
    return List.copyOf(store.variants(slug).values());
  }

  /** Titles of a product's variants by SKU, in the shop's order. */
  public Map<String, String> variantsBySku(String slug) {
    return store.variants(slug);
  }

  /** A finder over all products, as they are now. */
  public ProductFinder finder() {
    return store.finder();
  }

  /** Products whose title, slug or a SKU holds the text, in the shop's order. */
  public PagedResult<ProductLine> list(String text, int page, int size) {
    return store.list(text.strip(), PagedResult.page(page), PagedResult.size(size));
  }

  /** Categories in the shop's order. */
  public PagedResult<CategoryLine> categories(int page, int size) {
    return store.categories(PagedResult.page(page), PagedResult.size(size));
  }

  /** Whether there are no products. */
  public boolean isEmpty() {
    return store.isEmpty();
  }
}
