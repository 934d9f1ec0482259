package nodyes.server.today;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.sales.SalesBook;
import nodyes.core.showing.ProductFacts;
import nodyes.core.today.Figures;
import nodyes.server.feeds.StalledFeeds;
import nodyes.server.orders.Sales;
import nodyes.server.pages.AllFacts;
import nodyes.server.pages.Sightings;
import nodyes.server.proof.DoubtOfNod;
import nodyes.server.proof.PublishedDoubts;
import nodyes.server.reviews.ReviewLine;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import org.springframework.stereotype.Component;

/** What there is in the shop to do something about. */
@Component
class TodayFigures {
  /** Sales are looked back on for so long. */
  private static final int DAYS = 30;

  private final TodayStore store;
  private final PublishedDoubts doubts;
  private final StalledFeeds feeds;
  private final Sightings sightings;
  private final Reviews reviews;
  private final AllFacts facts;
  private final Sales sales;
  private final Shop shop;
  private final Clock clock;

  TodayFigures(
      TodayStore store,
      PublishedDoubts doubts,
      StalledFeeds feeds,
      Sightings sightings,
      Reviews reviews,
      AllFacts facts,
      Sales sales,
      Shop shop,
      Clock clock) {
    this.store = store;
    this.doubts = doubts;
    this.feeds = feeds;
    this.sightings = sightings;
    this.reviews = reviews;
    this.facts = facts;
    this.sales = sales;
    this.shop = shop;
    this.clock = clock;
  }

  Figures now() {
    return new Figures(
        doubts.now().stream().map(TodayFigures::doubted).toList(),
        feeds.now().stream()
            .map(
                feed ->
                    new Figures.Stalled(feed.what(), day(feed.at()), feed.isHeld(), feed.gone()))
            .toList(),
        facts.get().products().size(),
        sightings.isSeen(),
        store.waiting().flatMap(this::waiting),
        unanswered(store.unanswered()),
        unreviewed());
  }

  private LocalDate day(Instant instant) {
    return LocalDate.ofInstant(instant, zone());
  }

  private ZoneId zone() {
    return shop.settings().zone();
  }

  private static Figures.Doubted doubted(DoubtOfNod doubt) {
    return new Figures.Doubted(
        doubt.rule(),
        doubt.words(),
        doubt.page().isEmpty() ? "" : doubt.name(),
        doubt.page().isEmpty()
            ? "/" + doubt.nod()
            : OfficePlaces.nod(
                doubt.page(),
                doubt.named().stream().findFirst().map(DoubtOfNod.DoubtedProduct::slug),
                doubt.nod()),
        doubt.products());
  }

  private Optional<Figures.Waiting> waiting(TodayStore.Waiting waiting) {
    return reviews
        .find(waiting.oldest())
        .map(
            (ReviewLine oldest) ->
                new Figures.Waiting(
                    waiting.count(),
                    waiting.pictured(),
                    waiting.low(),
                    day(oldest.arrivedAt()),
                    Optional.ofNullable(oldest.reviewer()),
                    oldest.productTitle()));
  }

  private static Optional<Figures.Unanswered> unanswered(Map<Integer, Long> byStars) {
    return byStars.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(most -> new Figures.Unanswered(most.getKey(), most.getValue()));
  }

  private record Sold(String title, long units) {}

  private Optional<Figures.Unreviewed> unreviewed() {
    SalesBook book = sales.book();
    LocalDate today = day(clock.instant());
    List<Sold> sold =
        facts.get().products().values().stream()
            .filter(product -> product.rating().count() == 0)
            .map((ProductFacts one) -> new Sold(one.title(), book.units(one.id(), DAYS, today)))
            .filter(one -> one.units() > 0)
            .sorted(Comparator.comparingLong(Sold::units).reversed())
            .toList();
    return sold.stream()
        .findFirst()
        .map(most -> new Figures.Unreviewed(most.title(), most.units(), DAYS, sold.size() - 1L));
  }
}
