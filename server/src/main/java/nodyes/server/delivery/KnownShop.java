package nodyes.server.delivery;

import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.core.delivery.Gaps;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.pages.AllFacts;
import nodyes.server.timing.PublicHolidays;
import org.springframework.stereotype.Component;

/** What timings can be for. */
@Component
class KnownShop {
  private final AllFacts facts;
  private final Catalogue catalogue;
  private final ParcelStore parcels;
  private final PublicHolidays holidays;

  KnownShop(AllFacts facts, Catalogue catalogue, ParcelStore parcels, PublicHolidays holidays) {
    this.facts = facts;
    this.catalogue = catalogue;
    this.parcels = parcels;
    this.holidays = holidays;
  }

  Gaps.Known now() {
    var products = facts.get().products();
    Set<String> categories =
        products.values().stream()
            .flatMap(product -> product.categories().stream())
            .collect(Collectors.toSet());
    Set<String> tags =
        catalogue.tags().stream().map(Catalogue.TagLine::tag).collect(Collectors.toSet());
    return new Gaps.Known(
        products.keySet().stream().map(Slug::value).collect(Collectors.toSet()),
        categories,
        tags,
        parcels.countries(),
        region -> !holidays.knows(region));
  }
}
