package nodyes.server.reviews;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewState;
import nodyes.server.web.PageOf;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** The stored reviews. */
@Component
public class Reviews {
  private final ReviewStore store;
  private final ReviewWriter writer;
  private final PublishedReviewStore published;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  Reviews(
      ReviewStore store,
      ReviewWriter writer,
      PublishedReviewStore published,
      Clock clock,
      ApplicationEventPublisher events) {
    this.store = store;
    this.writer = writer;
    this.published = published;
    this.clock = clock;
    this.events = events;
  }

  /** Published reviews, counted, for each product that has any. */
  public Map<Long, Tally> tallies(Collection<Long> productIds) {
    return productIds.isEmpty() ? Map.of() : published.tallies(productIds);
  }

  /** The newest published reviews of each product, at most {@code most} each. */
  public Map<Long, List<Review>> newest(Collection<Long> productIds, int most) {
    return productIds.isEmpty() || most == 0 ? Map.of() : published.newest(productIds, most);
  }

  /** A page of a product's published reviews, newest first. */
  public PageOf<Review> publishedPage(long productId, int page, int size) {
    return published.page(productId, PageOf.page(page), PageOf.size(size));
  }

  /** A page of the owner's desk, newest arrivals first. */
  public PageOf<ReviewLine> list(ReviewFilter filter, int page, int size) {
    return store.list(filter, PageOf.page(page), PageOf.size(size));
  }

  /** How many reviews are in each state. */
  public Map<ReviewState, Long> counts() {
    return store.counts();
  }

  /** Ids of reviews that pass the filter, at most {@code most}. */
  public List<Long> ids(ReviewFilter filter, int most) {
    return store.ids(filter, most);
  }

  /** Which of these fingerprints are stored already, and in which state. */
  public Map<Long, ReviewState> known(Collection<Long> asked) {
    return asked.isEmpty() ? Map.of() : store.known(asked);
  }

  /** Stores new reviews; they wait. */
  public void add(List<NewReview> reviews) {
    writer.add(reviews);
  }

  /**
   * Moves reviews to a state.
   *
   * @param reason why they are left out; with {@link ReviewState#LEFT_OUT} alone
   * @param who says so
   */
  public Moved move(Set<Long> ids, ReviewState to, Optional<LeaveOutReason> reason, String who) {
    var outcome = store.move(ids, to, reason, who, clock.instant());
    tell(outcome.changedProducts());
    return new Moved(outcome.move(), outcome.moved());
  }

  /** Takes a move back, once; reviews that have moved on since stay. */
  public int takeBack(long move) {
    var outcome = store.takeBack(move);
    tell(outcome.changedProducts());
    return outcome.moved();
  }

  private void tell(Set<String> products) {
    if (!products.isEmpty()) {
      events.publishEvent(new PublishedReviewsChanged(Set.copyOf(products)));
    }
  }
}
