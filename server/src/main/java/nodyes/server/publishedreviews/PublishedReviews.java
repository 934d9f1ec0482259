package nodyes.server.publishedreviews;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Set;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.server.database.Database;
import nodyes.server.database.Revisions;
import nodyes.server.database.Topic;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** Published reviews of a product, with those that other products share with it. */
@Component
public class PublishedReviews {
  private static final int MOST_TOTALS = 5_000;

  private final PublishedReviewStore store;
  private final SharedReviews kin;
  private final Revisions revisions;

  private record Asked(Set<Long> of, PublishedReviewFilter filter) {}

  private record Counted(long total, long at) {}

  /** How many each filter takes; counting takes longer than finding the first of them. */
  private final Cache<Asked, Counted> totals =
      Caffeine.newBuilder().maximumSize(MOST_TOTALS).build();

  PublishedReviews(PublishedReviewStore store, SharedReviews kin, Database database) {
    this.store = store;
    this.kin = kin;
    this.revisions = database.revisions();
  }

  /** A page of those that a filter takes. */
  public PagedResult<Review> page(
      long productId, PublishedReviewFilter filter, ReviewOrder order, int page, int size) {
    Set<Long> products = kin.ids(productId);
    long total = total(new Asked(products, filter));
    int number = PagedResult.page(page);
    int most = PagedResult.size(size);
    return new PagedResult<>(
        store.page(products, filter, order, number, most), number, most, total);
  }

  private long total(Asked asked) {
    Counted before = totals.getIfPresent(asked);
    if (before != null && revisions.isUnchanged(before.at(), Topic.REVIEWS, asked.of())) {
      return before.total();
    }
    long at = revisions.now();
    var counted = new Counted(store.total(asked.of(), asked.filter()), at);
    totals.put(asked, counted);
    return counted.total();
  }

  /** What was written of a product in this shop, with its newest. */
  public FirstPartyReviews firstParty(long productId, int most) {
    return store.firstParty(kin.ids(productId), most);
  }

  /** What was written of a product here and elsewhere, with its newest. */
  public FirstPartyReviews withBroughtIn(long productId, int most) {
    return store.withBroughtIn(kin.ids(productId), most);
  }
}
