package nodyes.server.pages;

import java.math.BigDecimal;
import java.net.URI;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.BusinessProfile;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.PageChanges;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.ReviewFacts;
import nodyes.core.evaluation.ShopSales;
import nodyes.core.nod.FactRequirements;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Rating;
import nodyes.core.review.Excerpt;
import nodyes.core.review.Provenance;
import nodyes.core.review.Quote;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewOrigin;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import nodyes.core.sales.DailySales;
import nodyes.server.businessprofile.BusinessProfileView;
import nodyes.server.businessprofile.BusinessProfiles;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.estimates.EstimatorFactory;
import nodyes.server.nods.NodLayout;
import nodyes.server.orders.SalesIndex;
import nodyes.server.publishedreviews.PublishedReviewFacts;
import nodyes.server.shop.Shop;
import org.springframework.stereotype.Component;

/** Loads what some nods need to know of a page's products, in a fixed number of queries. */
@Component
public class FactLoader {
  /** More products than a shop of our size has. */
  static final int MOST = 20_000;

  private final Catalogue catalogue;
  private final PublishedReviewFacts reviews;
  private final BusinessProfiles listing;
  private final SalesIndex sales;
  private final EstimatorFactory reckoner;
  private final Shop shop;

  FactLoader(
      Catalogue catalogue,
      PublishedReviewFacts reviews,
      BusinessProfiles listing,
      SalesIndex sales,
      EstimatorFactory reckoner,
      Shop shop) {
    this.catalogue = catalogue;
    this.reviews = reviews;
    this.listing = listing;
    this.sales = sales;
    this.reckoner = reckoner;
    this.shop = shop;
  }

  /** Composes a page from what is so now. */
  public Page compose(NodLayout arrangement, Viewpoint viewpoint) {
    return Page.compose(arrangement.nods(), load(arrangement, viewpoint), viewpoint);
  }

  /** The next points in time at which a page changes by itself, with what is so now. */
  PageChanges moments(NodLayout arrangement, Viewpoint viewpoint) {
    return PageChanges.of(arrangement.nods(), load(arrangement, viewpoint), viewpoint);
  }

  /** All products of the shop, up to {@link #MOST}, without their reviews and what was sold. */
  Facts all() {
    return facts(catalogue.all(MOST), FactRequirements.FIGURES, Locale.ENGLISH, shopListing());
  }

  /** What the nods need to know of a page. */
  public Facts load(NodLayout arrangement, Viewpoint viewpoint) {
    FactRequirements need = FactRequirements.of(arrangement.nods(), viewpoint.page());
    Facts facts =
        facts(
                catalogue.find(viewpoint.products()),
                need,
                viewpoint.language(),
                need.listing() ? shopListing() : BusinessProfile.NONE)
            .with(shopSales())
            .with(
                reckoner.of(
                    arrangement.delivery(), viewpoint.orderedAt().orElse(viewpoint.moment())));
    return need.lastOrders() ? withLastOrders(facts, viewpoint.moment()) : facts;
  }

  private Facts withLastOrders(Facts facts, Instant moment) {
    List<Long> ids = facts.products().values().stream().map(one -> one.id().value()).toList();
    return facts.with(facts.sales().with(sales.last(ids, moment)));
  }

  /** The same facts with what was sold until now. */
  Facts withSalesOfNow(Facts facts) {
    return facts.with(shopSales());
  }

  /** What was sold, and which products are compared. */
  private ShopSales shopSales() {
    Map<String, DailySales.Group> groups = catalogue.groups();
    return new ShopSales(sales.book(), groups.getOrDefault("", ShopSales.NONE.shop()), groups);
  }

  private BusinessProfile shopListing() {
    return listing.find().map(FactLoader::shopListing).orElse(BusinessProfile.NONE);
  }

  /** What a directory says of the shop; a review without words quotes nothing. */
  private static BusinessProfile shopListing(BusinessProfileView view) {
    return new BusinessProfile(
        Optional.ofNullable(view.entry().rating()),
        Optional.ofNullable(view.entry().reviews()),
        Optional.ofNullable(view.entry().link()),
        view.items().stream()
            .filter(item -> item.text() != null && !item.text().isBlank())
            .map(item -> quote(view, item))
            .toList());
  }

  private static Quote quote(BusinessProfileView view, BusinessProfileView.Item item) {
    String words = Objects.requireNonNullElse(item.text(), "");
    Instant asked = Objects.requireNonNullElse(view.lookup().answeredAt(), Instant.EPOCH);
    return new Quote(
        Optional.empty(),
        new Rating(item.stars().multiply(BigDecimal.valueOf(Rating.PER_STAR)).intValue()),
        ReviewText.of(Optional.empty(), Optional.of(words), Optional.ofNullable(item.language())),
        new Excerpt(words, false),
        new Writer(Optional.ofNullable(item.reviewer()), Optional.empty()),
        new ReviewOrigin(
            new Provenance.BroughtIn(host(view), Optional.empty(), asked),
            Optional.ofNullable(item.reviewedOn()).map(ReviewDate::on),
            Optional.empty()),
        Optional.empty());
  }

  /** What shoppers know the directory by: the host of its link. */
  private static String host(BusinessProfileView view) {
    String link = Objects.requireNonNullElse(view.entry().link(), view.connection().service());
    try {
      return Objects.requireNonNullElse(URI.create(link).getHost(), link);
    } catch (IllegalArgumentException e) {
      return link;
    }
  }

  private Facts facts(
      Map<Slug, CatalogueProduct> products,
      FactRequirements need,
      Locale language,
      BusinessProfile shopListing) {
    List<Long> ids = products.values().stream().map(product -> product.id().value()).toList();
    Map<Long, ReviewFacts> reviewed = reviews.of(ids, need, language.getLanguage());
    var facts = new LinkedHashMap<Slug, ProductFacts>();
    products.forEach(
        (slug, product) ->
            facts.put(
                slug,
                new ProductFacts(
                    product.id(),
                    slug,
                    product.title(),
                    product.categories(),
                    product.tags(),
                    product.traits(),
                    product.variants(),
                    reviewed.getOrDefault(product.id().value(), ReviewFacts.NONE))));
    return new Facts(shop.settings().zone(), facts, shopListing, ShopSales.NONE);
  }
}
