package nodyes.server.delivery;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.Kept;
import nodyes.core.delivery.Order;
import nodyes.core.delivery.Ware;
import nodyes.core.delivery.WorkCalendar;
import nodyes.server.nods.Nods;
import nodyes.server.nods.PublishedDelivery;
import nodyes.server.shop.Shop;
import nodyes.server.timing.Reckoner;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whether promises were kept, by country. */
@Component
public class KeptPromises {
  private static final int DAYS = 90;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

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
   * @param before the days that were promised when these orders were placed, where that are others
   *     than today's, of which too few came yet
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
      SettingsView.@Nullable DaysView before,
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
    List<PublishedDelivery> published = nods.publishedDeliveries();
    LocalDate since = LocalDate.ofInstant(clock.instant(), shop.settings().zone()).minusDays(DAYS);
    var views = new ArrayList<KeptView>();
    store
        .arrived(since)
        .forEach(
            (country, came) -> {
              Explained now = explained(nods.published().delivery(), country);
              Told told = told(came, now, changed(published, country, now));
              Kept.of(told.orders(), now.carrier(), now.transit())
                  .map(kept -> view(country, kept, now, told.before()))
                  .ifPresent(views::add);
            });
    return new KeptOrders(DAYS, store.promisedLate(since), views);
  }

  /**
   * Days on the way that were promised before.
   *
   * @param transit the days
   * @param since when others were published
   */
  private record Before(DayRange transit, Instant since) {}

  /** The orders that a share is told of; those of a promise before where today's has too few. */
  private record Told(List<Kept.Arrived> orders, Optional<Before> before) {}

  /** The other days that were promised before, and until when, if any were. */
  private Optional<Before> changed(
      List<PublishedDelivery> published, String country, Explained now) {
    Instant since = clock.instant();
    for (PublishedDelivery one : published) {
      Optional<DayRange> transit = explained(one.settings(), country).transit();
      if (transit.isPresent() && !transit.equals(now.transit())) {
        return Optional.of(new Before(transit.get(), since));
      }
      since = one.since();
    }
    return Optional.empty();
  }

  private static Told told(List<ParcelStore.Came> came, Explained now, Optional<Before> before) {
    List<Kept.Arrived> all = came.stream().map(ParcelStore.Came::arrived).toList();
    if (before.isEmpty() || now.transit().isEmpty()) {
      return new Told(all, Optional.empty());
    }
    Map<Boolean, List<Kept.Arrived>> bySide =
        came.stream()
            .collect(
                Collectors.partitioningBy(
                    one ->
                        !one.placedAt().isBefore(before.get().since())
                            || transit(one.arrived(), now.carrier()).equals(now.transit().get()),
                    Collectors.mapping(ParcelStore.Came::arrived, Collectors.toList())));
    List<Kept.Arrived> ofToday = bySide.getOrDefault(true, List.of());
    List<Kept.Arrived> ofBefore = bySide.getOrDefault(false, List.of());
    return ofToday.size() >= Kept.ENOUGH || ofBefore.isEmpty()
        ? new Told(ofToday, Optional.empty())
        : new Told(ofBefore, before);
  }

  /** The days on the way that an order was promised. */
  private static DayRange transit(Kept.Arrived one, WorkCalendar carrier) {
    int least = carrier.between(one.leaves().first(), one.arrives().first());
    return new DayRange(
        least, Math.max(least, carrier.between(one.leaves().last(), one.arrives().last())));
  }

  private Explained explained(DeliverySettings settings, String country) {
    Estimator estimator = reckoner.of(settings, clock.instant());
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

  private KeptView view(String country, Kept kept, Explained now, Optional<Before> before) {
    String name = Locale.of("", country).getDisplayCountry(Locale.ENGLISH);
    return new KeptView(
        country,
        name,
        kept.orders(),
        kept.onTime(),
        kept.early(),
        kept.percentOnTime(),
        kept.slip(),
        // what was promised before is no longer held against what is promised now
        before.isEmpty() && kept.isBroken(),
        now.transit().map(KeptPromises::days).orElse(null),
        kept.proposal()
            .map(one -> new ProposalView(days(one.transit()), one.percent()))
            .orElse(null),
        before.map(one -> days(one.transit())).orElse(null),
        before.map(one -> words(name, kept, now, one)).orElseGet(() -> words(name, kept, now)));
  }

  private String words(String name, Kept kept, Explained now, Before before) {
    return name
        + ": "
        + text(before.transit())
        + " days was kept for "
        + kept.percentOnTime()
        + "%; since "
        + DAY.format(before.since().atZone(shop.settings().zone()))
        + " you promise "
        + now.transit().map(KeptPromises::text).orElse("nothing")
        + ": not enough orders yet.";
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
