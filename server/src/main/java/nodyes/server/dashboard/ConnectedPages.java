package nodyes.server.dashboard;

import nodyes.core.suggestions.ShopStatus;
import nodyes.server.connection.SeenPages;
import nodyes.server.pages.ScriptDetections;
import nodyes.server.shop.ShopClock;
import org.springframework.stereotype.Component;

/** How the shop's pages are connected. */
@Component
class ConnectedPages {
  private final ScriptDetections detections;
  private final SeenPages seen;
  private final ShopClock clock;

  ConnectedPages(ScriptDetections detections, SeenPages seen, ShopClock clock) {
    this.detections = detections;
    this.seen = seen;
    this.clock = clock;
  }

  ShopStatus.Pages now() {
    SeenPages.Standing standing = seen.standing();
    return new ShopStatus.Pages(
        detections.isSeen(),
        standing.silentSince(clock.now()).map(clock::dayOf),
        standing.needTheOwner());
  }
}
