package nodyes.server.shop;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
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
      @Pattern(regexp = "|https?://[a-zA-Z0-9.-]+(:\\d{1,5})?", message = "{shop.origin}")
          String address,
      @Pattern(regexp = "/.*\\{product\\}.*", message = "{shop.productPath}") String productPath,
      @Pattern(regexp = "/.*\\{category\\}.*", message = "{shop.categoryPath}") String listingPath,
      @Pattern(regexp = "/.*", message = "{shop.path}") String basketPath) {}

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
      throw ApiProblem.value("zone", text("shop.timeZone"));
    }
    String currency;
    try {
      currency = Currency.getInstance(wanted.currency()).getCurrencyCode();
    } catch (IllegalArgumentException e) {
      throw ApiProblem.value("currency", text("shop.currency"));
    }
    refuseOtherForms("productPath", wanted.productPath(), "shop.productPath");
    refuseOtherForms("listingPath", wanted.listingPath(), "shop.categoryPath");
    refuseOtherForms("basketPath", wanted.basketPath(), "shop.path");
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

  private static void refuseOtherForms(String field, String template, String reason) {
    if (AddressPattern.parse(template).isEmpty()) {
      throw ApiProblem.value(field, text(reason));
    }
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
