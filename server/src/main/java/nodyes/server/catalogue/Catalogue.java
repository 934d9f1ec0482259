package nodyes.server.catalogue;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.core.sales.SalesBook;
import nodyes.server.shop.Shop;
import nodyes.server.web.PageOf;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** The products that rules and reviews speak of. */
@Component
public class Catalogue {
  private final CatalogueStore store;
  private final CatalogueWriter writer;
  private final Shop shop;
  private final ApplicationEventPublisher events;
  private volatile SingletonSupplier<Map<String, SalesBook.Group>> groups;

  Catalogue(
      CatalogueStore store, CatalogueWriter writer, Shop shop, ApplicationEventPublisher events) {
    this.store = store;
    this.writer = writer;
    this.shop = shop;
    this.events = events;
    this.groups = SingletonSupplier.of(this::readGroups);
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
  public Map<String, SalesBook.Group> groups() {
    return groups.obtain();
  }

  private Map<String, SalesBook.Group> readGroups() {
    var made = new HashMap<String, SalesBook.Group>();
    store.members().forEach((name, ids) -> made.put(name, new SalesBook.Group(name, ids)));
    return Map.copyOf(made);
  }

  @EventListener(CatalogueChanged.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget() {
    groups = SingletonSupplier.of(this::readGroups);
  }

  /** Addresses of the products' pictures, by slug. */
  public Map<String, String> pictures(Collection<String> slugs) {
    return slugs.isEmpty() ? Map.of() : store.pictures(slugs);
  }

  /** Gives products a tag, or takes it from them; the ids of those that it changed. */
  public Set<Long> tag(Collection<Long> products, String tag, boolean has) {
    Set<Long> changed = writer.tag(Set.copyOf(products), tag, has);
    events.publishEvent(new CatalogueChanged());
    return changed;
  }

  /** Tags in use, each with how many products have it, the most used first. */
  public List<TagLine> tags() {
    return store.tags();
  }

  /** A tag, and how many products have it. */
  public record TagLine(String tag, long products) {}

  /** The id of a product. */
  public Optional<Long> id(Slug slug) {
    return store.id(slug);
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
  public PageOf<ProductLine> list(String text, int page, int size) {
    return store.list(text.strip(), PageOf.page(page), PageOf.size(size));
  }

  /** Categories in the shop's order. */
  public PageOf<CategoryLine> categories(int page, int size) {
    return store.categories(PageOf.page(page), PageOf.size(size));
  }

  /** Whether there are no products. */
  public boolean isEmpty() {
    return store.isEmpty();
  }
}
