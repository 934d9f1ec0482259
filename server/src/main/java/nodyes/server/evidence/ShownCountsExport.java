package nodyes.server.evidence;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import nodyes.server.shop.Shop;
import nodyes.server.visitors.ShownVisitorCount;
import nodyes.server.visitors.VisitorCounts;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** The record of all numbers that shoppers were shown. */
@Component
class ShownCountsExport implements ExportContributor {
  private static final int AT_ONCE = 10_000;

  private final VisitorCounts presence;
  private final Shop shop;
  private final Clock clock;

  ShownCountsExport(VisitorCounts presence, Shop shop, Clock clock) {
    this.presence = presence;
    this.shop = shop;
    this.clock = clock;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    ZoneId zone = shop.settings().zone();
    Instant now = clock.instant();
    into.write(
        "shown-numbers.csv",
        out -> {
          var file = new ShownCountsCsv(out);
          PagedResult<ShownVisitorCount> found;
          int page = 1;
          do {
            found = presence.shown(Instant.EPOCH, now, page++, AT_ONCE);
            for (ShownVisitorCount one : found.items()) {
              file.write(LocalDateTime.ofInstant(one.hour(), zone), one);
            }
          } while (found.items().size() == AT_ONCE);
        });
  }
}
