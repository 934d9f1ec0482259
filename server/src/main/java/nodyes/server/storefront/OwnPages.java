package nodyes.server.storefront;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import nodyes.core.nod.PageKind;
import nodyes.server.pages.ScriptDetections;
import nodyes.server.shop.Shop;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Notes that the script is at work on the shop's own pages. */
@Component
class OwnPages {
  private final ScriptDetections sightings;
  private final Shop shop;

  OwnPages(ScriptDetections sightings, Shop shop) {
    this.sightings = sightings;
    this.shop = shop;
  }

  /** Whoever asks from another origin, or with another key, is not the shop. */
  void see(PageKind kind, @Nullable String key, HttpServletRequest request) {
    boolean isOwn =
        shop.settings().origin().equals(Optional.ofNullable(request.getHeader("Origin")));
    if (isOwn && shop.settings().publicKey().equals(key)) {
      sightings.see(kind);
    }
  }
}
