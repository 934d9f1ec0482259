package nodyes.server.pages;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import nodyes.core.review.ReviewFacets;
import nodyes.core.showing.FactNeed;
import nodyes.core.showing.Facts;
import nodyes.core.showing.Moments;
import nodyes.core.showing.Page;
import nodyes.core.showing.ProductFacts;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.reviews.Reviews;
import nodyes.server.reviews.Tally;
import nodyes.server.shop.Shop;
import org.springframework.stereotype.Component;

/** Loads what some nods need to know of a page's products, in a fixed number of queries. */
@Component
public class FactLoader {
  /** More products than a shop of our size has. */
  static final int MOST = 20_000;

  private final Catalogue catalogue;
  private final Reviews reviews;
  private final Shop shop;

  FactLoader(Catalogue catalogue, Reviews reviews, Shop shop) {
    this.catalogue = catalogue;
    this.reviews = reviews;
    this.shop = shop;
  }

  /** Composes a page from what is so now. */
  public Page compose(List<Nod> nods, Viewpoint viewpoint) {
    return Page.compose(nods, load(nods, viewpoint), viewpoint);
  }

  /** The next points in time at which a page changes by itself, with what is so now. */
  Moments moments(List<Nod> nods, Viewpoint viewpoint) {
    return Moments.of(nods, load(nods, viewpoint), viewpoint);
  }

  /** All products of the shop, up to {@link #MOST}, without their reviews. */
  Facts all() {
    return facts(catalogue.all(MOST), 0);
  }

  private Facts load(List<Nod> nods, Viewpoint viewpoint) {
    FactNeed need = FactNeed.of(nods, viewpoint.page());
    return facts(catalogue.find(viewpoint.products()), need.newestReviews());
  }

  private Facts facts(Map<Slug, CatalogueProduct> products, int newestReviews) {
    List<Long> ids = products.values().stream().map(product -> product.id().value()).toList();
    var tallies = reviews.tallies(ids);
    var newest = reviews.newest(ids, newestReviews);
    var facets = newestReviews == 0 ? Map.<Long, ReviewFacets>of() : reviews.published(ids);
    var facts = new LinkedHashMap<Slug, ProductFacts>();
    products.forEach(
        (slug, product) -> {
          long id = product.id().value();
          Tally tally = tallies.getOrDefault(id, Tally.NONE);
          facts.put(
              slug,
              new ProductFacts(
                  product.id(),
                  slug,
                  product.title(),
                  product.categories(),
                  product.tags(),
                  product.prices(),
                  tally.summary(),
                  tally.verified(),
                  newest.getOrDefault(id, List.of()),
                  facets.getOrDefault(id, ReviewFacets.NONE)));
        });
    return new Facts(shop.settings().zone(), facts);
  }
}
