package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.ProductNames;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductNameStore;
import nodyes.server.nods.KnownAddresses;
import nodyes.server.nods.Nods;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.web.ApiProblem;
import org.jsoup.Jsoup;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How many cards of the shop's listings are known, as the draft has it and their sources stand. */
@Component
class ListingCheck {
  private static final int TRIED = 8;

  /** A shop may answer slowly: what was not tried by then is left out. */
  private static final Duration LONGEST = Duration.ofSeconds(25);

  private final OutboundHttp fetch;
  private final Shop shop;
  private final KnownAddresses addresses;
  private final Nods nods;
  private final Catalogue catalogue;
  private final ProductNameStore names;
  private final Clock clock;

  ListingCheck(
      OutboundHttp fetch,
      Shop shop,
      KnownAddresses addresses,
      Nods nods,
      Catalogue catalogue,
      ProductNameStore names,
      Clock clock) {
    this.fetch = fetch;
    this.shop = shop;
    this.addresses = addresses;
    this.nods = nods;
    this.catalogue = catalogue;
    this.names = names;
    this.clock = clock;
  }

  /**
   * One listing.
   *
   * @param category of which one; null where it is of the shop as a whole
   * @param cards how many cards its source has
   * @param known on how many of them one product is known
   * @param failure why it could not be had; null where it could
   */
  record TriedListing(
      String path,
      @Nullable String category,
      String title,
      int cards,
      int known,
      @Nullable String failure) {}

  private record Listing(String path, @Nullable String category, String title) {}

  List<TriedListing> check() {
    ShopSettings settings = shop.settings();
    if (settings.address().isEmpty()) {
      throw ApiProblem.unusable(text("pages.notConnected"));
    }
    Instant end = clock.instant().plus(LONGEST);
    return listings(settings).stream()
        .takeWhile(_ -> clock.instant().isBefore(end))
        .map(listing -> tried(settings.address(), listing))
        .toList();
  }

  /** The home page has cards too; a shop may have all its products on one page. */
  private List<Listing> listings(ShopSettings settings) {
    var listings = new ArrayList<Listing>();
    String path = settings.listingPath();
    if (path.contains("{category}")) {
      catalogue
          .categories(1, TRIED)
          .items()
          .forEach(
              one ->
                  listings.add(
                      new Listing(
                          path.replace("{category}", one.slug()), one.slug(), one.title())));
    } else if (path.length() > 1) {
      listings.add(new Listing(path, null, text("pages.kind." + PageKind.LISTING)));
    }
    listings.add(new Listing("/", null, text("pages.kind." + PageKind.HOME)));
    return listings;
  }

  private TriedListing tried(String origin, Listing listing) {
    try {
      var page = fetch.get(origin + listing.path(), OutboundHttp.Limits.PAGE);
      var html = Jsoup.parse(page.text(), page.address().toString());
      List<Set<Identifier>> cards =
          new CardsOfPage(html, addresses.drafted(), nods.draft().pages()).cards();
      Map<Identifier, List<ProductNames.Named>> found =
          names.find(cards.stream().flatMap(Set::stream).distinct().toList());
      long known = cards.stream().filter(card -> products(card, found) == 1).count();
      return new TriedListing(
          listing.path(), listing.category(), listing.title(), cards.size(), (int) known, null);
    } catch (ApiProblem e) {
      return new TriedListing(
          listing.path(),
          listing.category(),
          listing.title(),
          0,
          0,
          String.valueOf(e.getMessage()));
    }
  }

  /** How many products a card is about: none and several are no one's card. */
  private static long products(
      Set<Identifier> card, Map<Identifier, List<ProductNames.Named>> found) {
    return card.stream()
        .map(name -> found.getOrDefault(name, List.of()))
        .flatMap(Collection::stream)
        .map(ProductNames.Named::product)
        .distinct()
        .count();
  }
}
