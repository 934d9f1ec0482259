package nodyes.server.storefront;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nodyes.core.recognition.AddressPattern;
import nodyes.core.recognition.LearnedPages;
import nodyes.core.recognition.ShopAddresses;
import nodyes.server.nods.KnownAddresses;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the script needs to know of a shop to find signs on its pages. */
@RestController
@Tag(name = "embed")
class RecognitionApi {
  private static final Duration FRESH = Duration.ofMinutes(1);
  private static final Duration USABLE = Duration.ofDays(1);

  private final Shop shop;
  private final Nods nods;
  private final KnownAddresses addresses;
  private final PreviewPages previews;
  private final RateLimit limit = new RateLimit(600, Duration.ofMinutes(1));

  RecognitionApi(Shop shop, Nods nods, KnownAddresses addresses, PreviewPages previews) {
    this.shop = shop;
    this.nods = nods;
    this.addresses = addresses;
    this.previews = previews;
  }

  /**
   * How the shop's addresses are built.
   *
   * @param products of products' pages: links that fit lead to products
   * @param parameters the parameters of addresses that matter; others are nobody's business
   * @param landmarks CSS selectors of what the owner pointed at
   * @param leftOut CSS selectors of what is no card
   */
  record WireAddresses(
      List<AddressPattern.Compact> products,
      List<String> parameters,
      Map<LearnedPages.Landmark, String> landmarks,
      List<String> leftOut) {}

  @GetMapping("/embed/v1/addresses")
  @Operation(summary = "How the shop's addresses are built")
  ResponseEntity<WireAddresses> addresses(
      @RequestParam("shop") @Nullable String key,
      @RequestParam(required = false) @Nullable String preview,
      HttpServletRequest request) {
    limit.count(Network.of(request));
    boolean isOurs = shop.settings().publicKey().equals(key);
    if (preview != null && isOurs) {
      previews.check(preview);
      return ResponseEntity.ok()
          .header("Access-Control-Allow-Origin", "*")
          .cacheControl(CacheControl.noStore())
          .body(wire(addresses.drafted(), nods.draft().pages()));
    }
    return ResponseEntity.ok()
        .header("Access-Control-Allow-Origin", "*")
        .cacheControl(CacheControl.maxAge(FRESH).cachePublic().staleWhileRevalidate(USABLE))
        .body(
            isOurs
                ? wire(addresses.published(), nods.published().pages())
                : new WireAddresses(List.of(), List.of(), Map.of(), List.of()));
  }

  private static WireAddresses wire(ShopAddresses known, LearnedPages learned) {
    return new WireAddresses(
        known.product().stream().map(AddressPattern::compact).toList(),
        Stream.of(known.product(), known.listing(), known.basket())
            .flatMap(List::stream)
            .flatMap(pattern -> pattern.parameters().stream())
            .distinct()
            .toList(),
        learned.landmarks(),
        learned.leftOut());
  }
}
