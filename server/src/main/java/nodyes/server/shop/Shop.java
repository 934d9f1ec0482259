package nodyes.server.shop;

import java.security.SecureRandom;
import java.time.ZoneId;
import java.util.Currency;
import java.util.HexFormat;
import java.util.Locale;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.geo.TimeZoneCountries;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The shop's settings, kept at hand. */
@Component
public class Shop {
  private static final int KEY_BYTES = 8;

  private final ShopStore store;
  private final Derived<ShopSettings> settings;

  Shop(ShopStore store, Database database) {
    this.store = store;
    if (store.shop().isEmpty()) {
      store.save(first());
    }
    this.settings = database.derive(() -> store.shop().orElseThrow(), Topic.SHOP);
  }

  /** The settings as they are now. */
  public ShopSettings settings() {
    return settings.get();
  }

  /** Replaces the settings. */
  public void save(ShopSettings changed) {
    store.save(changed);
  }

  /** A new shop counts in the time zone of its owner's machine, and in the money of its country. */
  public void begin(@Nullable String zone) {
    if (zone == null || !ZoneId.getAvailableZoneIds().contains(zone)) {
      return;
    }
    Currency currency =
        TimeZoneCountries.of(zone)
            .map(country -> Currency.getInstance(Locale.of("", country)))
            .orElseGet(() -> Currency.getInstance(settings().currency()));
    save(settings().with(currency.getCurrencyCode(), ZoneId.of(zone)));
  }

  private static ShopSettings first() {
    var key = new byte[KEY_BYTES];
    new SecureRandom().nextBytes(key);
    return new ShopSettings(
        "My shop",
        HexFormat.of().formatHex(key),
        "EUR",
        ZoneId.of("Europe/Lisbon"),
        "",
        "/products/{product}",
        "/categories/{category}",
        "/basket");
  }
}
