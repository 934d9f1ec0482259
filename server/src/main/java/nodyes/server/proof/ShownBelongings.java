package nodyes.server.proof;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import nodyes.server.leaving.Belongings;
import nodyes.server.leaving.Suitcase;
import nodyes.server.presence.Presence;
import nodyes.server.presence.ShownNumber;
import nodyes.server.shop.Shop;
import nodyes.server.web.PageOf;
import org.springframework.stereotype.Component;

/** The record of all numbers that shoppers were shown. */
@Component
class ShownBelongings implements Belongings {
  private static final int AT_ONCE = 10_000;

  private final Presence presence;
  private final Shop shop;
  private final Clock clock;

  ShownBelongings(Presence presence, Shop shop, Clock clock) {
    this.presence = presence;
    this.shop = shop;
    this.clock = clock;
  }

  @Override
  public void pack(Suitcase into) throws IOException {
    ZoneId zone = shop.settings().zone();
    Instant now = clock.instant();
    into.write(
        "shown-numbers.csv",
        out -> {
          var file = new ShownFile(out);
          PageOf<ShownNumber> found;
          int page = 1;
          do {
            found = presence.shown(Instant.EPOCH, now, page++, AT_ONCE);
            for (ShownNumber one : found.items()) {
              file.write(LocalDateTime.ofInstant(one.hour(), zone), one);
            }
          } while (found.items().size() == AT_ONCE);
        });
  }
}
