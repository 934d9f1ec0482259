package nodyes.server.delivery;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.Kept;
import nodyes.core.delivery.Order;
import nodyes.core.delivery.Ware;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import nodyes.server.timing.Reckoner;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whether promises were kept, by country. */
@Component
public class KeptPromises {
  private static final int DAYS = 90;

  private final ParcelStore store;
  private final Nods nods;
  private final Reckoner reckoner;
  private final Shop shop;
  private final Clock clock;

  KeptPromises(ParcelStore store, Nods nods, Reckoner reckoner, Shop shop, Clock clock) {
    this.store = store;
    this.nods = nods;
    this.reckoner = reckoner;
    this.shop = shop;
    this.clock = clock;
  }

  /** Days on the way that would have been kept. */
  record ProposalView(SettingsView.DaysView transit, int percent) {}

  /**
   * Of a country.
   *
   * @param slip the median of the carrier's days between the last promised day and the arrival
   * @param broken whether it is no matter of chance that too few are kept
   * @param words all of it as a sentence
   */
  record KeptView(
      String country,
      String name,
      int orders,
      int onTime,
      int early,
      int percent,
      int slip,
      boolean broken,
      SettingsView.@Nullable DaysView today,
      @Nullable ProposalView proposal,
      String words) {}

  /**
   * Of the orders that came in the last days.
   *
   * @param promisedLate how many of them were placed before their promise was reckoned
   */
  record KeptOrders(int days, int promisedLate, List<KeptView> countries) {}

  /** The countries to which too few promises are kept for chance, each as a sentence. */
  public List<String> unkept() {
    return kept().countries().stream().filter(KeptView::broken).map(KeptView::words).toList();
  }

  KeptOrders kept() {
    DeliverySettings settings = nods.published().delivery();
    Estimator estimator = reckoner.of(settings, clock.instant());
    LocalDate since = LocalDate.ofInstant(clock.instant(), shop.settings().zone()).minusDays(DAYS);
    var views = new ArrayList<KeptView>();
    store
        .arrived(since)
        .forEach(
            (country, orders) -> {
              Explained now = explained(estimator, country);
              Kept.of(orders, now.carrier(), now.transit())
                  .map(kept -> view(country, kept, now))
                  .ifPresent(views::add);
            });
    return new KeptOrders(DAYS, store.promisedLate(since), views);
  }

  private Explained explained(Estimator estimator, String country) {
    var anything =
        new Ware(
            "",
            java.util.Set.of(),
            java.util.Set.of(),
            java.util.Optional.empty(),
            false,
            java.util.Optional.empty());
    return estimator.explain(new Order(clock.instant(), shop.settings().zone(), anything, country));
  }

  private static KeptView view(String country, Kept kept, Explained now) {
    String name = Locale.of("", country).getDisplayCountry(Locale.ENGLISH);
    return new KeptView(
        country,
        name,
        kept.orders(),
        kept.onTime(),
        kept.early(),
        kept.percentOnTime(),
        kept.slip(),
        kept.isBroken(),
        now.transit().map(KeptPromises::days).orElse(null),
        kept.proposal()
            .map(one -> new ProposalView(days(one.transit()), one.percent()))
            .orElse(null),
        words(name, kept, now));
  }

  private static String words(String name, Kept kept, Explained now) {
    String today = now.transit().map(days -> "today’s " + text(days)).orElse("what was promised");
    if (kept.proposal().isPresent()) {
      Kept.Proposal proposal = kept.proposal().get();
      return name
          + ": "
          + text(proposal.transit())
          + " would be kept "
          + proposal.percent()
          + "% of the time; "
          + today
          + " is kept "
          + kept.percentOnTime()
          + "%.";
    }
    return name
        + ": "
        + today
        + " is kept "
        + kept.percentOnTime()
        + "% of the time"
        + (kept.orders() < Kept.ENOUGH
            ? ", of " + kept.orders() + (kept.orders() == 1 ? " order" : " orders") + " alone."
            : ".");
  }

  private static String text(DayRange days) {
    return days.least() == days.most()
        ? String.valueOf(days.most())
        : days.least() + " to " + days.most();
  }

  private static SettingsView.DaysView days(DayRange range) {
    return new SettingsView.DaysView(range.least(), range.most());
  }
}
