package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.net.URI;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.PageRecogniser;
import nodyes.core.recognition.RecognisedPage;
import nodyes.core.recognition.ShopAddresses;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductNameStore;
import nodyes.server.nods.KnownAddresses;
import nodyes.server.nods.Nods;
import nodyes.server.outbound.NonPublicProblem;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.outbound.OutboundResponse;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.web.ApiProblem;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.springframework.stereotype.Component;

/** Looks at one address of the shop step by step; the first trouble says what to do next. */
@Component
class AddressCheck {
  /** Seconds: what is shorter is said as this. */
  private static final double LEAST_SHOWN = 0.1;

  private final OutboundHttp fetch;
  private final Shop shop;
  private final KnownAddresses addresses;
  private final Nods nods;
  private final Catalogue catalogue;
  private final ProductNameStore names;
  private final Clock clock;

  AddressCheck(
      OutboundHttp fetch,
      Shop shop,
      KnownAddresses addresses,
      Nods nods,
      Catalogue catalogue,
      ProductNameStore names,
      Clock clock) {
    this.addresses = addresses;
    this.nods = nods;
    this.fetch = fetch;
    this.shop = shop;
    this.catalogue = catalogue;
    this.names = names;
    this.clock = clock;
  }

  /**
   * Looks at an address.
   *
   * @param given a whole address of the shop, or a path
   * @param office where the script comes from
   */
  AddressReport.AddressChecked check(String given, String office) {
    String address = ofTheShop(given);
    var report = new AddressReport();
    long began = clock.millis();
    OutboundResponse page;
    try {
      page = fetch.get(address, OutboundHttp.Limits.PAGE);
    } catch (NonPublicProblem _) {
      report.local(text("addressCheck.opened.local", "host", URI.create(address).getAuthority()));
      return report.done(address, Optional.empty());
    } catch (ApiProblem e) {
      report.trouble(AddressReport.Step.OPENED, "opened", String.valueOf(e.getMessage()), null);
      return report.done(address, Optional.empty());
    }
    report.fine(
        AddressReport.Step.OPENED,
        "opened",
        text(
            "addressCheck.opened.time",
            "seconds",
            Math.max(LEAST_SHOWN, (clock.millis() - began) / 1000.0)));
    Document html = Jsoup.parse(page.text(), page.address().toString());
    Optional<Element> line = line(html, office, report);
    if (line.isPresent()) {
      rules(page, html, line.get(), report);
    } else {
      report.notLookedAt(AddressReport.Step.POLICY);
    }
    Optional<AddressReport.Known> known = known(html, report);
    places(html, known.map(AddressReport.Known::kind), report);
    return report.done(page.address().toString(), known);
  }

  private String ofTheShop(String given) {
    ShopSettings settings = shop.settings();
    String origin =
        settings.origin().orElseThrow(() -> ApiProblem.unusable(text("pages.notConnected")));
    String text = given.strip();
    if (text.isEmpty()) {
      throw ApiProblem.value("address", text("addressCheck.enter"));
    }
    if (text.startsWith("/")) {
      return settings.address() + text;
    }
    URI uri;
    try {
      // people leave out the scheme
      uri =
          text.contains("://")
              ? URI.create(OutboundHttp.address(text))
              : URI.create(OutboundHttp.address(URI.create(origin).getScheme() + "://" + text));
    } catch (IllegalArgumentException e) {
      throw ApiProblem.value("address", text("addressCheck.notAnAddress"));
    }
    if (!isSameHost(uri, URI.create(origin))) {
      throw ApiProblem.value(
          "address", text("addressCheck.otherShop", "shop", URI.create(origin).getAuthority()));
    }
    return uri.toString();
  }

  /** Shops answer with and without 'www.' before their name. */
  private static boolean isSameHost(URI one, URI other) {
    return bare(one).equals(bare(other));
  }

  private static String bare(URI uri) {
    return uri.getAuthority().toLowerCase(Locale.ROOT).replaceFirst("^www\\.", "");
  }

  private Optional<Element> line(Document html, String office, AddressReport report) {
    String key = shop.settings().publicKey();
    List<Element> lines = ScriptLine.in(html);
    Optional<Element> own =
        lines.stream().filter(one -> ScriptLine.key(one).equals(key)).findFirst();
    String wrong = own.map(one -> insecure(html, one)).orElseGet(() -> notOurs(lines));
    if (!wrong.isEmpty()) {
      report.trouble(AddressReport.Step.LINE, "line", wrong, ScriptLine.of(office, key));
      return Optional.empty();
    }
    report.fine(
        AddressReport.Step.LINE,
        "line",
        text(lines.size() == 1 ? "addressCheck.line.once" : "addressCheck.line.twice"));
    return own;
  }

  private static String notOurs(List<Element> lines) {
    if (lines.isEmpty()) {
      return text("addressCheck.line.none");
    }
    String other = ScriptLine.key(lines.getFirst());
    return other.isEmpty()
        ? text("addressCheck.line.noKey")
        : text("addressCheck.line.otherKey", "key", other);
  }

  private static String insecure(Document html, Element line) {
    String source = line.attr("abs:src");
    return html.location().startsWith("https:") && source.startsWith("http:")
        ? text("addressCheck.line.insecure", "src", source)
        : "";
  }

  private static void rules(
      OutboundResponse page, Document html, Element line, AddressReport report) {
    Map<String, String> missing =
        ScriptPolicy.missing(
            page.header("Content-Security-Policy"),
            html,
            line.attr("abs:src"),
            Optional.of(line.attr("nonce")).filter(nonce -> !nonce.isEmpty()));
    if (missing.isEmpty()) {
      report.fine(AddressReport.Step.POLICY, "policy", text("addressCheck.policy.lets"));
    } else {
      report.trouble(
          AddressReport.Step.POLICY,
          "policy",
          text("addressCheck.policy.add"),
          missing.entrySet().stream()
              .map(one -> one.getKey() + " " + one.getValue())
              .collect(Collectors.joining("; ")));
    }
  }

  private Optional<AddressReport.Known> known(Document html, AddressReport report) {
    Element marked = html.selectFirst("[data-nod-page]");
    Optional<PageKind> kind =
        marked == null ? Optional.empty() : PageKind.parse(marked.attr("data-nod-page").strip());
    if (kind.isPresent()) {
      return byMarks(html, kind.get(), report);
    }
    ShopAddresses shopAddresses = addresses.published();
    RecognisedPage page =
        new PageRecogniser(shopAddresses, names)
            .recognise(
                SignsOfPage.of(html, html.location(), shopAddresses, nods.published().pages()));
    if (page.kind().isEmpty()) {
      report.trouble(
          AddressReport.Step.PAGE,
          "page",
          page.doubt()
              .map(
                  doubt ->
                      text(
                          "addressCheck.page." + doubt,
                          "named",
                          page.named().map(Identifier::value).orElse("")))
              .orElseGet(() -> text("addressCheck.page.nothing")),
          null);
      return Optional.empty();
    }
    PageKind is = page.kind().get();
    report.known(
        page.product().map(this::title).orElseGet(() -> text("pages.kind." + is)),
        page.named().isEmpty() && page.by().filter(RecognisedPage.Sign.ADDRESS::equals).isPresent()
            ? text("addressCheck.sign.ADDRESS_ALONE")
            : text(
                "addressCheck.sign." + page.by().orElseThrow(),
                "named",
                page.named().map(Identifier::value).orElse("")),
        page.cards().size());
    return Optional.of(new AddressReport.Known(is, page.product()));
  }

  private Optional<AddressReport.Known> byMarks(
      Document html, PageKind kind, AddressReport report) {
    List<String> named =
        html.select("[data-nod-product]").stream()
            .map(one -> one.attr("data-nod-product").strip())
            .filter(name -> !name.isEmpty())
            .distinct()
            .toList();
    List<Slug> slugs = named.stream().flatMap(name -> Slug.parse(name).stream()).toList();
    var known = catalogue.find(slugs);
    Optional<String> unknown =
        named.stream()
            .filter(name -> Slug.parse(name).filter(known::containsKey).isEmpty())
            .findFirst();
    if (kind == PageKind.PRODUCT && (named.isEmpty() || unknown.isPresent())) {
      report.trouble(
          AddressReport.Step.PAGE,
          "page",
          named.isEmpty()
              ? text("addressCheck.page.noProduct")
              : text("addressCheck.page.UNKNOWN_PRODUCT", "named", unknown.orElse("")),
          null);
      return Optional.empty();
    }
    Optional<Slug> product =
        kind == PageKind.PRODUCT ? slugs.stream().findFirst() : Optional.empty();
    report.known(
        product.map(this::title).orElseGet(() -> text("pages.kind." + kind)),
        text("addressCheck.sign.MARKS", "named", ""),
        kind == PageKind.PRODUCT ? 0 : known.size());
    return Optional.of(new AddressReport.Known(kind, product));
  }

  private String title(Slug slug) {
    var found = catalogue.find(List.of(slug)).get(slug);
    return found == null ? slug.value() : found.title();
  }

  private void places(Document html, Optional<PageKind> kind, AddressReport report) {
    if (kind.isEmpty()) {
      report.notLookedAt(AddressReport.Step.PLACES);
      return;
    }
    List<String> marked =
        html.select("[data-nod-spot]").stream()
            .map(one -> one.attr("data-nod-spot").strip())
            .distinct()
            .toList();
    if (!marked.isEmpty()) {
      report.marked(marked);
      return;
    }
    if (kind.get() != PageKind.PRODUCT) {
      report.fine(AddressReport.Step.PLACES, "places", text("addressCheck.places.onCards"));
      return;
    }
    report.places(PlacesOfPage.found(html, nods.published().pages().landmarks()));
  }
}
