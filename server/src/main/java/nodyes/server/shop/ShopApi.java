package nodyes.server.shop;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import nodyes.core.recognition.AddressPattern;
import nodyes.server.web.ApiProblem;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "shop")
@RequestMapping("/api/v1/shop")
class ShopApi {
  private final Shop shop;
  private final StoredPrices prices;

  ShopApi(Shop shop, StoredPrices prices) {
    this.shop = shop;
    this.prices = prices;
  }

  /** The shop as the owner sees and changes it; the public key stays. */
  record ShopView(
      @NotBlank(message = "{shop.enterName}") @Size(max = 120, message = "{shop.upTo120}")
          String name,
      String publicKey,
      String currency,
      String zone,
      String address,
      String productPath,
      String listingPath,
      String basketPath) {}

  @GetMapping
  ShopView get() {
    return view(shop.settings());
  }

  /**
   * Replaces the settings.
   *
   * @param knowsPrices whether the owner knows what becomes of prices in other money
   */
  @PutMapping
  ShopView put(
      @Valid @RequestBody ShopView wanted,
      @RequestParam(defaultValue = "false") boolean knowsPrices) {
    ZoneId zone =
        TypedSettings.zone(wanted.zone())
            .orElseThrow(() -> ApiProblem.value("zone", text("shop.timeZone")));
    String currency =
        TypedSettings.currency(wanted.currency())
            .orElseThrow(() -> ApiProblem.value("currency", text("shop.currency")));
    String address =
        TypedSettings.origin(wanted.address())
            .orElseThrow(() -> ApiProblem.value("address", text("shop.origin")));
    if (!knowsPrices) {
      askAboutPrices(currency);
    }
    shop.save(
        new ShopSettings(
            wanted.name().strip(),
            shop.settings().publicKey(),
            currency,
            zone,
            address,
            path("productPath", wanted.productPath(), "{product}", "shop.productPath"),
            path("listingPath", wanted.listingPath(), "{category}", "shop.categoryPath"),
            path("basketPath", wanted.basketPath(), "", "shop.path")));
    return get();
  }

  /** Amounts are never converted, so what becomes of them is told before. */
  private void askAboutPrices(String wanted) {
    String before = shop.settings().currency();
    long products = wanted.equals(before) ? 0 : prices.productsPricedIn(before);
    if (products > 0) {
      throw new ApiProblem(
          HttpStatus.CONFLICT,
          text("shop.pricesStay", "products", products, "before", before, "after", wanted));
    }
  }

  /** How a kind of page is addressed; what it must name is in it. */
  private static String path(String field, String typed, String needed, String reason) {
    return AddressPattern.parse(TypedSettings.path(typed))
        .map(AddressPattern::template)
        .filter(template -> template.contains(needed))
        .orElseThrow(() -> ApiProblem.value(field, text(reason)));
  }

  private static ShopView view(ShopSettings settings) {
    return new ShopView(
        settings.name(),
        settings.publicKey(),
        settings.currency(),
        settings.zone().getId(),
        settings.address(),
        settings.productPath(),
        settings.listingPath(),
        settings.basketPath());
  }
}
