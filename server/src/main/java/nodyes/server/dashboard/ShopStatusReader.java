package nodyes.server.dashboard;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import nodyes.core.suggestions.Matter;
import nodyes.core.suggestions.ShopStatus;
import nodyes.server.evidence.NodClaimRisk;
import nodyes.server.evidence.PublishedClaimRisks;
import nodyes.server.feeds.FailingFeeds;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.ShopClock;
import org.springframework.stereotype.Component;

/** What there is in the shop to do something about. */
@Component
class ShopStatusReader {
  /** Sales are looked back on for so long. */
  private static final int DAYS = 30;

  private final DashboardStore store;
  private final PublishedClaimRisks doubts;
  private final FailingFeeds feeds;
  private final ConnectedPages pages;
  private final Reviews reviews;
  private final ProductSales sold;
  private final ShopClock clock;

  ShopStatusReader(
      DashboardStore store,
      PublishedClaimRisks doubts,
      FailingFeeds feeds,
      ConnectedPages pages,
      Reviews reviews,
      ProductSales sold,
      ShopClock clock) {
    this.store = store;
    this.doubts = doubts;
    this.feeds = feeds;
    this.pages = pages;
    this.reviews = reviews;
    this.sold = sold;
    this.clock = clock;
  }

  ShopStatus now() {
    return new ShopStatus(
        doubts.now().stream().map(ShopStatusReader::doubted).toList(),
        feeds.now().stream()
            .map(
                feed ->
                    new Matter.FailedUpdate(
                        feed.what(), day(feed.at()), feed.isHeld(), feed.removed()))
            .toList(),
        sold.products(),
        pages.now(),
        store.waiting().flatMap(this::waiting),
        unanswered(store.unanswered()),
        sold.unreviewed(DAYS));
  }

  private LocalDate day(Instant instant) {
    return clock.dayOf(instant);
  }

  private static Matter.RiskyClaim doubted(NodClaimRisk doubt) {
    return new Matter.RiskyClaim(
        doubt.rule(),
        doubt.text(),
        doubt.page().isEmpty() ? "" : doubt.name(),
        doubt.page().isEmpty()
            ? "/" + doubt.nod()
            : BackOfficeRoutes.nod(
                doubt.page(),
                doubt.named().stream().findFirst().map(NodClaimRisk.DoubtedProduct::slug),
                doubt.nod()),
        doubt.products());
  }

  private Optional<Matter.WaitingReviews> waiting(DashboardStore.Waiting waiting) {
    return reviews
        .find(waiting.oldest())
        .map(
            (ReviewListItem oldest) ->
                new Matter.WaitingReviews(
                    waiting.count(),
                    waiting.pictured(),
                    waiting.low(),
                    day(oldest.from().receivedAt()),
                    Optional.ofNullable(oldest.writer().reviewer()),
                    oldest.subject().productTitle()));
  }

  private static Optional<Matter.UnrepliedReviews> unanswered(Map<Integer, Long> byStars) {
    return byStars.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(most -> new Matter.UnrepliedReviews(most.getKey(), most.getValue()));
  }
}
