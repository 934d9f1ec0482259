package nodyes.server.shop;

import java.security.SecureRandom;
import java.time.ZoneId;
import java.util.Currency;
import java.util.HexFormat;
import java.util.Locale;
import nodyes.server.where.ZoneCountries;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** The shop's settings, kept at hand. */
@Component
public class Shop {
  private static final int KEY_BYTES = 8;

  private final ShopStore store;
  private final ApplicationEventPublisher events;
  private volatile ShopSettings settings;

  Shop(ShopStore store, ApplicationEventPublisher events) {
    this.store = store;
    this.events = events;
    this.settings = store.shop().orElseGet(this::first);
  }

  /** The settings as they are now. */
  public ShopSettings settings() {
    return settings;
  }

  /** Replaces the settings. */
  public void save(ShopSettings changed) {
    store.save(changed);
    settings = changed;
    events.publishEvent(new ShopChanged());
  }

  /** A new shop counts in the time zone of its owner's machine, and in the money of its country. */
  public void begin(@Nullable String zone) {
    if (zone == null || !ZoneId.getAvailableZoneIds().contains(zone)) {
      return;
    }
    Currency currency =
        ZoneCountries.of(zone)
            .map(country -> Currency.getInstance(Locale.of("", country)))
            .orElseGet(() -> Currency.getInstance(settings.currency()));
    save(settings.with(currency.getCurrencyCode(), ZoneId.of(zone)));
  }

  private ShopSettings first() {
    var key = new byte[KEY_BYTES];
    new SecureRandom().nextBytes(key);
    var first =
        new ShopSettings(
            "My shop",
            HexFormat.of().formatHex(key),
            "EUR",
            ZoneId.of("Europe/Lisbon"),
            "",
            "/products/{product}",
            "/categories/{category}",
            "/basket");
    store.save(first);
    return first;
  }
}
