package nodyes.server.catalogue;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.server.web.PageOf;
import org.springframework.stereotype.Component;

/** The products that rules and reviews speak of. */
@Component
public class Catalogue {
  private final CatalogueStore store;

  Catalogue(CatalogueStore store) {
    this.store = store;
  }

  /** The known ones among the named products. */
  public Map<Slug, CatalogueProduct> find(Collection<Slug> slugs) {
    return slugs.isEmpty() ? Map.of() : store.find(slugs);
  }

  /** All products, in the shop's order, at most {@code most}. */
  public Map<Slug, CatalogueProduct> all(int most) {
    return store.find(store.slugs(most));
  }

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
