package nodyes.server.shop;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import nodyes.core.recognition.AddressPattern;
import nodyes.server.web.ApiProblem;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "shop")
@RequestMapping("/api/v1/shop")
class ShopApi {
  private final Shop shop;

  ShopApi(Shop shop) {
    this.shop = shop;
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

  @PutMapping
  ShopView put(@Valid @RequestBody ShopView wanted) {
    ZoneId zone =
        TypedSettings.zone(wanted.zone())
            .orElseThrow(() -> ApiProblem.value("zone", text("shop.timeZone")));
    String currency =
        TypedSettings.currency(wanted.currency())
            .orElseThrow(() -> ApiProblem.value("currency", text("shop.currency")));
    String address =
        TypedSettings.origin(wanted.address())
            .orElseThrow(() -> ApiProblem.value("address", text("shop.origin")));
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
