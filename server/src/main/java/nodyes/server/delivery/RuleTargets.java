package nodyes.server.delivery;

import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.core.delivery.SettingsCheck;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.estimates.PublicHolidays;
import nodyes.server.pages.CatalogueFactsCache;
import org.springframework.stereotype.Component;

/** What delivery rules can be for. */
@Component
class RuleTargets {
  private final CatalogueFactsCache facts;
  private final Catalogue catalogue;
  private final PromisedParcelStore parcels;
  private final PublicHolidays holidays;

  RuleTargets(
      CatalogueFactsCache facts,
      Catalogue catalogue,
      PromisedParcelStore parcels,
      PublicHolidays holidays) {
    this.facts = facts;
    this.catalogue = catalogue;
    this.parcels = parcels;
    this.holidays = holidays;
  }

  SettingsCheck.Known now() {
    var products = facts.get().products();
    Set<String> categories =
        products.values().stream()
            .flatMap(product -> product.categories().stream())
            .collect(Collectors.toSet());
    Set<String> tags =
        catalogue.tags().stream().map(Catalogue.TagLine::tag).collect(Collectors.toSet());
    return new SettingsCheck.Known(
        products.keySet().stream().map(Slug::value).collect(Collectors.toSet()),
        categories,
        tags,
        parcels.countries(),
        region -> !holidays.knows(region));
  }
}
