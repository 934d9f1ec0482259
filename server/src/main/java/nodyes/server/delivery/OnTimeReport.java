package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.delivery.BusinessCalendar;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.EstimateExplanation;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.OnTimePerformance;
import nodyes.core.delivery.ShippableItem;
import nodyes.server.estimates.EstimatorFactory;
import nodyes.server.messages.Texts;
import nodyes.server.messages.Written;
import nodyes.server.nods.Nods;
import nodyes.server.nods.PublishedDelivery;
import nodyes.server.shop.ShopClock;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whether promises were kept, by country. */
@Component
public class OnTimeReport {
  private static final int DAYS = 90;

  private final PromisedParcelStore store;
  private final Nods nods;
  private final EstimatorFactory reckoner;
  private final ShopClock clock;

  OnTimeReport(PromisedParcelStore store, Nods nods, EstimatorFactory reckoner, ShopClock clock) {
    this.store = store;
    this.nods = nods;
    this.reckoner = reckoner;
    this.clock = clock;
  }

  /** Days on the way that would have been kept. */
  record ProposalView(SettingsView.DaysView transit, int percent) {}

  /** How many of the orders came when it was promised, and how many before. */
  record KeptShare(int orders, int onTime, int early, int percent) {}

  /**
   * Of a country.
   *
   * @param medianDelayDays the median of the carrier's days between the last promised day and the
   *     arrival
   * @param broken whether it is no matter of chance that too few are kept
   * @param before the days that were promised when these orders were placed, where that are others
   *     than today's, of which too few came yet
   * @param text all of it as a sentence
   */
  record KeptView(
      String country,
      String name,
      @JsonUnwrapped KeptShare share,
      int medianDelayDays,
      boolean broken,
      SettingsView.@Nullable DaysView today,
      @Nullable ProposalView proposal,
      SettingsView.@Nullable DaysView before,
      String text) {}

  /**
   * Of the orders that came in the last days.
   *
   * @param promisedLate how many of them were placed before their promise was computed
   */
  record KeptOrders(int days, int promisedLate, List<KeptView> countries) {}

  /** The countries to which too few promises are kept for chance, each as a sentence. */
  public List<String> unkept() {
    return kept().countries().stream().filter(KeptView::broken).map(KeptView::text).toList();
  }

  KeptOrders kept() {
    List<PublishedDelivery> published = nods.publishedDeliveries();
    LocalDate since = clock.today().minusDays(DAYS);
    var views = new ArrayList<KeptView>();
    store
        .arrived(since)
        .forEach(
            (country, came) -> {
              EstimateExplanation now = explained(nods.published().delivery(), country);
              Told told = told(came, now, changed(published, country, now));
              OnTimePerformance.of(told.orders(), now.carrier(), now.transit())
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
  private record Told(List<OnTimePerformance.Arrived> orders, Optional<Before> before) {}

  /** The other days that were promised before, and until when, if any were. */
  private Optional<Before> changed(
      List<PublishedDelivery> published, String country, EstimateExplanation now) {
    Instant since = clock.now();
    for (PublishedDelivery one : published) {
      Optional<DayRange> transit = explained(one.settings(), country).transit();
      if (transit.isPresent() && !transit.equals(now.transit())) {
        return Optional.of(new Before(transit.get(), since));
      }
      since = one.since();
    }
    return Optional.empty();
  }

  private static Told told(
      List<PromisedParcelStore.Came> came, EstimateExplanation now, Optional<Before> before) {
    List<OnTimePerformance.Arrived> all =
        came.stream().map(PromisedParcelStore.Came::arrived).toList();
    if (before.isEmpty() || now.transit().isEmpty()) {
      return new Told(all, Optional.empty());
    }
    Map<Boolean, List<OnTimePerformance.Arrived>> bySide =
        came.stream()
            .collect(
                Collectors.partitioningBy(
                    one ->
                        !one.placedAt().isBefore(before.get().since())
                            || transit(one.arrived(), now.carrier()).equals(now.transit().get()),
                    Collectors.mapping(PromisedParcelStore.Came::arrived, Collectors.toList())));
    List<OnTimePerformance.Arrived> ofToday = bySide.getOrDefault(true, List.of());
    List<OnTimePerformance.Arrived> ofBefore = bySide.getOrDefault(false, List.of());
    return ofToday.size() >= OnTimePerformance.ENOUGH || ofBefore.isEmpty()
        ? new Told(ofToday, Optional.empty())
        : new Told(ofBefore, before);
  }

  /** The days on the way that an order was promised. */
  private static DayRange transit(OnTimePerformance.Arrived one, BusinessCalendar carrier) {
    int least = carrier.between(one.leaves().first(), one.arrives().first());
    return new DayRange(
        least, Math.max(least, carrier.between(one.leaves().last(), one.arrives().last())));
  }

  private EstimateExplanation explained(DeliverySettings settings, String country) {
    Estimator estimator = reckoner.of(settings, clock.now());
    var anything =
        new ShippableItem(
            "",
            java.util.Set.of(),
            java.util.Set.of(),
            java.util.Optional.empty(),
            false,
            java.util.Optional.empty());
    return estimator.explain(new EstimateRequest(clock.now(), clock.zone(), anything, country));
  }

  private KeptView view(
      String country, OnTimePerformance kept, EstimateExplanation now, Optional<Before> before) {
    String name = Written.country(country);
    return new KeptView(
        country,
        name,
        new KeptShare(kept.orders(), kept.onTime(), kept.early(), kept.percentOnTime()),
        kept.medianDelayDays(),
        // what was promised before is no longer held against what is promised now
        before.isEmpty() && kept.isBroken(),
        now.transit().map(OnTimeReport::days).orElse(null),
        kept.proposal()
            .map(one -> new ProposalView(days(one.transit()), one.percent()))
            .orElse(null),
        before.map(one -> days(one.transit())).orElse(null),
        before.map(one -> words(name, kept, now, one)).orElseGet(() -> words(name, kept, now)));
  }

  private String words(
      String name, OnTimePerformance kept, EstimateExplanation now, Before before) {
    return text(
        "kept.changed",
        "country",
        name,
        "before",
        range(before.transit()),
        "percent",
        kept.percentOnTime(),
        "since",
        Written.dayOfMonth(clock.dayOf(before.since())),
        "now",
        now.transit().map(OnTimeReport::range).orElse("none"));
  }

  private static String words(String name, OnTimePerformance kept, EstimateExplanation now) {
    String today = now.transit().map(OnTimeReport::range).orElse("none");
    Map<String, Object> values =
        Map.of(
            "country",
            name,
            "percent",
            kept.percentOnTime(),
            "orders",
            kept.orders(),
            "today",
            today);
    return kept.proposal()
        .map(
            proposal -> {
              var all = new HashMap<String, Object>(values);
              all.put("days", range(proposal.transit()));
              all.put("then", proposal.percent());
              return Texts.text("kept.proposal", all);
            })
        .orElseGet(
            () ->
                Texts.text(
                    kept.orders() < OnTimePerformance.ENOUGH ? "kept.few" : "kept.onTime", values));
  }

  private static String range(DayRange days) {
    return Written.range(days.least(), days.most());
  }

  private static SettingsView.DaysView days(DayRange range) {
    return new SettingsView.DaysView(range.least(), range.most());
  }
}
