package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import nodyes.core.recognition.PageRecogniser;
import nodyes.core.recognition.RecognisedPage;
import nodyes.core.recognition.ShopAddresses;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductNameStore;
import nodyes.server.nods.CustomSpot;
import nodyes.server.nods.KnownAddresses;
import nodyes.server.nods.Nods;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.outbound.OutboundResponse;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.web.ApiProblem;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.select.Selector;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Fetches a page of the shop as any visitor does, and looks for what nods need on it. */
@Component
class PageCheck {
  /** The spot that every page has. */
  private static final String EVERYWHERE = "screen-edge";

  private static final int MOST_NAMED = 5;

  private final OutboundHttp fetch;
  private final Shop shop;
  private final Nods nods;
  private final KnownAddresses addresses;
  private final Catalogue catalogue;
  private final ProductNameStore names;

  PageCheck(
      OutboundHttp fetch,
      Shop shop,
      Nods nods,
      KnownAddresses addresses,
      Catalogue catalogue,
      ProductNameStore names) {
    this.addresses = addresses;
    this.names = names;
    this.fetch = fetch;
    this.shop = shop;
    this.nods = nods;
    this.catalogue = catalogue;
  }

  /** A spot that was pointed at, and how many places of the page its selector matches. */
  record PointedFound(String name, String selector, int matches) {}

  /**
   * Our script on a page.
   *
   * @param hasScript whether it is there with this shop's key
   * @param otherKey the key of another shop that it has; missing where it has none
   */
  record ScriptFound(boolean hasScript, @Nullable String otherKey) {}

  /**
   * Spots on a page.
   *
   * @param spots standard spots that are marked on it
   * @param missing spots that shown nods stand in and the page does not have
   */
  record SpotsFound(List<String> spots, List<PointedFound> pointed, List<String> missing) {}

  /**
   * What was found.
   *
   * @param failure why the page could not be had; the rest is then empty
   * @param marks what is wrong with how the page says what it is; empty where all is well
   * @param framing the header that keeps it from being framed; empty where none does
   * @param structured what becomes of the ratings in structured data, where the page has its own
   */
  record Checked(
      PageKind kind,
      String address,
      @Nullable String failure,
      @JsonUnwrapped ScriptFound script,
      List<String> marks,
      String framing,
      @JsonUnwrapped SpotsFound places,
      String structured) {
    static Checked failed(PageKind kind, String address, String failure) {
      return new Checked(
          kind,
          address,
          failure,
          new ScriptFound(false, null),
          List.of(),
          "",
          new SpotsFound(List.of(), List.of(), List.of()),
          "");
    }
  }

  /** One page of each kind, with the first product and category. */
  List<Checked> all(String office) {
    var checked = new ArrayList<Checked>();
    for (PageKind kind : PageKind.values()) {
      address(kind, null).ifPresent(address -> checked.add(check(kind, address, office)));
    }
    return checked;
  }

  /** The page of a kind, of a product or a category where it has one. */
  Checked one(PageKind kind, @Nullable String slug, String office) {
    return check(
        kind,
        address(kind, slug).orElseThrow(() -> ApiProblem.unusable(text("pages.noPageOfKind"))),
        office);
  }

  private Optional<String> address(PageKind kind, @Nullable String slug) {
    ShopSettings settings = shop.settings();
    if (settings.address().isEmpty()) {
      throw ApiProblem.unusable(text("pages.notConnected"));
    }
    Optional<String> path =
        switch (kind) {
          case PRODUCT ->
              Optional.ofNullable(slug)
                  .or(
                      () ->
                          catalogue.list("", 1, 1).items().stream().map(p -> p.slug()).findFirst())
                  .map(settings::productPage);
          case LISTING ->
              Optional.ofNullable(slug)
                  .or(
                      () ->
                          catalogue.categories(1, 1).items().stream()
                              .map(c -> c.slug())
                              .findFirst())
                  .map(category -> settings.listingPath().replace("{category}", category));
          case BASKET -> Optional.of(settings.basketPath());
          case HOME -> Optional.of("/");
          // each is of one order, and of the shopper who placed it
          case CONFIRMATION -> Optional.empty();
        };
    return path.map(one -> settings.address() + one);
  }

  private Checked check(PageKind kind, String address, String office) {
    OutboundResponse page;
    try {
      page = fetch.get(address, OutboundHttp.Limits.PAGE);
    } catch (ApiProblem e) {
      return Checked.failed(kind, address, String.valueOf(e.getMessage()));
    }
    Document html = Jsoup.parse(page.text(), address);
    // where nothing is marked the script finds the standard spots itself
    boolean isMarked = html.selectFirst("[data-nod-spot]") != null;
    List<String> spots =
        Spot.STANDARD.stream()
            .map(Spot::name)
            .filter(name -> !isMarked || html.selectFirst("[data-nod-spot=" + name + "]") != null)
            .toList();
    List<PointedFound> pointed =
        nods.draft().spots().stream()
            .filter(spot -> spot.page() == kind)
            .map(spot -> new PointedFound(spot.name(), spot.selector(), matches(html, spot)))
            .toList();
    String origin = origin(page.address());
    FramePolicy framing =
        FramePolicy.of(
            page.header("Content-Security-Policy"), page.header("X-Frame-Options"), origin, office);
    return new Checked(
        kind,
        address,
        null,
        script(html),
        marks(html, kind),
        framing.because(),
        new SpotsFound(spots, pointed, missing(kind, spots, pointed)),
        kind == PageKind.PRODUCT ? PageProducts.of(html).becomes() : "");
  }

  private ScriptFound script(Document html) {
    String own = shop.settings().publicKey();
    List<String> keys = ScriptLine.in(html).stream().map(ScriptLine::key).toList();
    return new ScriptFound(
        keys.contains(own),
        keys.stream().filter(key -> !key.isEmpty() && !key.equals(own)).findFirst().orElse(null));
  }

  private List<String> missing(PageKind kind, List<String> spots, List<PointedFound> pointed) {
    return nods.draft().nods().stream()
        .map(nod -> nod.placement())
        .filter(placement -> placement.on() && placement.pages().contains(kind))
        .map(placement -> placement.spot().name())
        .filter(name -> !spots.contains(name) && !name.equals(EVERYWHERE))
        .filter(
            name ->
                pointed.stream().noneMatch(spot -> spot.name().equals(name) && spot.matches() > 0))
        .distinct()
        .toList();
  }

  private static int matches(Document html, CustomSpot spot) {
    try {
      return html.select(spot.selector()).size();
    } catch (Selector.SelectorParseException | IllegalArgumentException e) {
      return 0;
    }
  }

  private List<String> marks(Document html, PageKind kind) {
    var wrong = new ArrayList<String>();
    Element marked = html.selectFirst("[data-nod-page]");
    if (marked == null) {
      return bySigns(html, kind).stream().toList();
    }
    if (!marked.attr("data-nod-page").equals(kind.wireName())) {
      wrong.add(
          text("pages.otherKind", "has", marked.attr("data-nod-page"), "kind", kind.wireName()));
    }
    boolean hasProducts = kind == PageKind.PRODUCT || kind == PageKind.LISTING;
    List<String> named =
        html.select("[data-nod-product]").stream()
            .map(one -> one.attr("data-nod-product").strip())
            .distinct()
            .toList();
    if (hasProducts && named.isEmpty()) {
      wrong.add(text("pages.noProduct"));
    }
    List<String> unknown = named.stream().filter(name -> !isKnown(name)).toList();
    if (!unknown.isEmpty()) {
      wrong.add(
          text(
              "pages.unknownProducts",
              "products",
              String.join(", ", unknown.subList(0, Math.min(MOST_NAMED, unknown.size()))),
              "more",
              Math.max(0, unknown.size() - MOST_NAMED)));
    }
    return wrong;
  }

  /** Why a page without marks is not known by its signs for what it is. */
  private Optional<String> bySigns(Document html, PageKind kind) {
    ShopAddresses known = addresses.published();
    RecognisedPage page =
        new PageRecogniser(known, names)
            .recognise(SignsOfPage.of(html, html.location(), known, nods.published().pages()));
    if (page.kind().filter(kind::equals).isPresent()) {
      return Optional.empty();
    }
    return Optional.of(
        page.doubt()
            .map(doubt -> text("pages.doubt." + doubt))
            .orElseGet(() -> text("pages.notRecognised", "kind", text("pages.kind." + kind))));
  }

  private boolean isKnown(String name) {
    return Slug.parse(name).filter(slug -> !catalogue.find(List.of(slug)).isEmpty()).isPresent();
  }

  private static String origin(URI address) {
    return address.getScheme().toLowerCase(Locale.ROOT) + "://" + address.getAuthority();
  }
}
