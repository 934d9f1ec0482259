package nodyes.server.shop;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
import nodyes.server.web.Refusal;
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
      @NotBlank(message = "give the shop a name")
          @Size(max = 120, message = "at most 120 characters")
          String name,
      String publicKey,
      String currency,
      String zone,
      @Pattern(
              regexp = "|https?://[a-zA-Z0-9.-]+(:\\d{1,5})?",
              message = "write it as https://shop.example, without a path")
          String address,
      @Pattern(regexp = "/.*\\{product\\}.*", message = "starts with / and holds {product}")
          String productPath,
      @Pattern(regexp = "/.*\\{category\\}.*", message = "starts with / and holds {category}")
          String listingPath,
      @Pattern(regexp = "/.*", message = "starts with /") String basketPath) {}

  @GetMapping
  ShopView get() {
    return view(shop.settings());
  }

  @PutMapping
  ShopView put(@Valid @RequestBody ShopView wanted) {
    ZoneId zone;
    try {
      zone = ZoneId.of(wanted.zone());
    } catch (DateTimeException e) {
      throw Refusal.value("zone", "is not a time zone such as Europe/Lisbon");
    }
    String currency;
    try {
      currency = Currency.getInstance(wanted.currency()).getCurrencyCode();
    } catch (IllegalArgumentException e) {
      throw Refusal.value("currency", "is not a currency such as EUR");
    }
    shop.save(
        new ShopSettings(
            wanted.name().strip(),
            shop.settings().publicKey(),
            currency,
            zone,
            wanted.address(),
            wanted.productPath(),
            wanted.listingPath(),
            wanted.basketPath()));
    return get();
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
