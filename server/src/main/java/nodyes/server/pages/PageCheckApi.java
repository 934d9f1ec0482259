package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import nodyes.core.nod.PageKind;
import nodyes.server.ServerSettings;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The shop's live pages, looked at from here. */
@RestController
@Tag(name = "page-check")
@RequestMapping("/api/v1/page/check")
class PageCheckApi {
  private final PageCheck check;
  private final AddressCheck addresses;
  private final ListingCheck listings;
  private final LivePages pages;
  private final Shop shop;
  private final ServerSettings settings;

  PageCheckApi(
      PageCheck check,
      AddressCheck addresses,
      ListingCheck listings,
      LivePages pages,
      Shop shop,
      ServerSettings settings) {
    this.check = check;
    this.addresses = addresses;
    this.listings = listings;
    this.pages = pages;
    this.shop = shop;
    this.settings = settings;
  }

  record AllChecked(List<PageCheck.Checked> pages) {}

  @GetMapping
  PageCheck.Checked one(
      @RequestParam String kind,
      @RequestParam(required = false) @Nullable String of,
      HttpServletRequest request) {
    PageKind page =
        PageKind.parse(kind).orElseThrow(() -> ApiProblem.value("kind", text("pages.noSuchKind")));
    return check.one(page, of, office(request));
  }

  /** What the live pages lack for the nods of the draft. */
  @GetMapping("/lacking")
  LivePages.PagesLack lacking() {
    return pages.look();
  }

  @GetMapping("/all")
  AllChecked all(HttpServletRequest request) {
    return new AllChecked(check.all(office(request)));
  }

  /** One address of the shop, step by step. */
  @GetMapping("/address")
  AddressReport.AddressChecked address(@RequestParam String address, HttpServletRequest request) {
    return addresses.check(address, settings.address().orElseGet(() -> office(request)));
  }

  /**
   * The shop's listings.
   *
   * @param listings some of them, each with how many of its cards are known
   */
  record ListingsTried(List<ListingCheck.TriedListing> listings) {}

  /** How far what is known of cards goes, on the shop's other listings. */
  @GetMapping("/listings")
  ListingsTried listings() {
    return new ListingsTried(listings.check());
  }

  /** What the shop's templates need: the line, one of two, and what strict pages have to let in. */
  record Snippets(String line, String heldLine, String sources, boolean isPublic) {}

  @GetMapping("/snippets")
  Snippets snippets(HttpServletRequest request) {
    String from = settings.address().orElseGet(() -> office(request));
    return new Snippets(
        ScriptLine.of(from, shop.settings().publicKey()),
        ScriptLine.held(from, shop.settings().publicKey()),
        ScriptPolicy.sources(from),
        ScriptLine.isPublic(from));
  }

  private static String office(HttpServletRequest request) {
    return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
  }
}
