package nodyes.core.showing;

import java.time.ZoneId;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import nodyes.core.common.Slug;

/**
 * What was loaded for a viewpoint.
 *
 * @param zone the shop's zone
 * @param products the known products among those asked for
 */
public record Facts(ZoneId zone, Map<Slug, ProductFacts> products) {
  /** Keeps the products unchangeable, in their order. */
  public Facts {
    products = Collections.unmodifiableMap(new LinkedHashMap<>(products));
  }
}
