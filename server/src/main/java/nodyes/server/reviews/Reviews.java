package nodyes.server.reviews;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import nodyes.core.bringin.Flag;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.core.review.ReviewState;
import nodyes.server.web.PageOf;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The stored reviews. */
@Component
public class Reviews {
  private static final int MOST_TOTALS = 5_000;

  private final ReviewStore store;
  private final MoveStore moves;
  private final ReviewWriter writer;
  private final BatchReviewStore batches;
  private final PublishedReviewStore published;
  private final PictureStore pictures;
  private final OutStore out;
  private final DetailStore details;
  private final Kin kin;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  private record FacetsAt(Facets facets, Instant at) {}

  /** Counted before or after a change: what was begun before one is never taken after it. */
  private record Asked(Set<Long> of, WallFilter filter, long state) {}

  private final AtomicLong state = new AtomicLong();

  /** How many each filter takes; counting takes longer than finding the first of them. */
  private final Cache<Asked, Long> totals = Caffeine.newBuilder().maximumSize(MOST_TOTALS).build();

  private volatile @Nullable FacetsAt facets;

  Reviews(
      ReviewStore store,
      MoveStore moves,
      ReviewWriter writer,
      BatchReviewStore batches,
      PublishedReviewStore published,
      PictureStore pictures,
      OutStore out,
      DetailStore details,
      Kin kin,
      Clock clock,
      ApplicationEventPublisher events) {
    this.store = store;
    this.moves = moves;
    this.writer = writer;
    this.batches = batches;
    this.published = published;
    this.pictures = pictures;
    this.out = out;
    this.details = details;
    this.kin = kin;
    this.clock = clock;
    this.events = events;
  }

  /** A page of a product's published reviews, of those that a filter takes. */
  public PageOf<Review> publishedPage(
      long productId, WallFilter filter, ReviewOrder order, int page, int size) {
    Set<Long> products = kin.ids(productId);
    long total =
        totals.get(
            new Asked(products, filter, state.get()), asked -> published.total(asked.of(), filter));
    int number = PageOf.page(page);
    int most = PageOf.size(size);
    return new PageOf<>(published.page(products, filter, order, number, most), number, most, total);
  }

  /** What was written of a product in this shop, or elsewhere too, with its newest. */
  public FirstParty markup(long productId, int most, boolean withBroughtIn) {
    return published.firstParty(kin.ids(productId), most, withBroughtIn);
  }

  /** A page of the owner's desk, newest arrivals first. */
  public PageOf<ReviewLine> list(ReviewFilter filter, int page, int size) {
    return store.list(filter, ReviewStore.Order.NEWEST_FIRST, PageOf.page(page), PageOf.size(size));
  }

  /** The same page without the count of all; it is there at once however many there are. */
  public ReviewRows rows(ReviewFilter filter, int page, int size) {
    return store.rows(filter, ReviewStore.Order.NEWEST_FIRST, PageOf.page(page), PageOf.size(size));
  }

  /** How many pass the filter. */
  public long count(ReviewFilter filter) {
    return store.found(filter);
  }

  /** One review of the desk. */
  public Optional<ReviewLine> find(long id) {
    return store.find(id);
  }

  /** What the stored reviews can be parted by; at most a minute old. */
  public Facets facets() {
    Instant now = clock.instant();
    FacetsAt kept = facets;
    if (kept == null || kept.at().plusSeconds(60).isBefore(now) || kept.at().isAfter(now)) {
      kept = new FacetsAt(store.facets(), now);
      facets = kept;
    }
    return kept.facets();
  }

  /** Hands on each review that passes the filter, in the order they came. */
  public void each(ReviewFilter filter, Consumer<OutRow> taker) {
    out.each(filter, taker);
  }

  /** Products with how their reviews stand, those with the most waiting first. */
  public PageOf<ProductStanding> byProduct(String text, int page, int size) {
    return out.byProduct(text.strip(), PageOf.page(page), PageOf.size(size));
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
    if (!reviews.isEmpty()) {
      writer.add(reviews);
    }
  }

  /** Stores one new review, which waits; its id. */
  public long add(NewReview review) {
    return writer.add(List.of(review));
  }

  /** Keeps what a new review says beside its words, and the files of its pictures. */
  public void detail(long id, Review.Details details, List<String> files) {
    this.details.keep(id, details.pros(), details.cons(), details.criteria());
    pictures.add(id, files);
  }

  /** Stores a review that was typed in, with the file of a picture of its original; it waits. */
  public ReviewLine addByHand(NewReview review, Optional<String> evidence) {
    long id = add(review);
    evidence.ifPresent(file -> batches.evidence(id, file));
    return store.find(id).orElseThrow();
  }

  /** Puts reviews that were left out back among the waiting, with another batch. */
  public void wake(Collection<Long> fingerprints, long batch) {
    if (!fingerprints.isEmpty()) {
      batches.wake(fingerprints, batch);
    }
  }

  /** How many reviews of each of these batches wait. */
  public Map<Long, Long> waiting(Collection<Long> ofBatches) {
    return ofBatches.isEmpty() ? Map.of() : batches.waiting(ofBatches);
  }

  /** The products that reviews of a batch speak of. */
  public List<Long> productsOf(long batch) {
    return batches.products(batch);
  }

  /** What reviews of a product say: the newest arrivals, at most {@code most}, oldest first. */
  public List<Told> told(long productId, int most) {
    return batches.told(productId, most);
  }

  /** Something to check in a review; of a copy, which earlier one it repeats. */
  public record Mark(long id, Flag flag, Optional<Long> copyOf) {}

  /** Marks what there is to check. */
  public void mark(List<Mark> marks) {
    if (!marks.isEmpty()) {
      batches.mark(marks);
    }
  }

  /** A picture that a review names. */
  public record Picture(long review, int position, String address) {}

  /** Pictures that are named and not here yet, at most {@code most}. */
  public List<Picture> picturesToHave(int most) {
    return pictures.toHave(most);
  }

  /** Keeps the name of a picture's file, or that it cannot be had. */
  public void hasPicture(Picture picture, Optional<String> file) {
    pictures.have(picture, file);
    state.incrementAndGet();
    // the page of what is published already shows it from now on
    tell(
        store
            .find(picture.review())
            .filter(line -> line.state() == ReviewState.PUBLISHED)
            .map(line -> Set.of(line.product()))
            .orElse(Set.of()));
  }

  /** Removes the reviews of a batch but those that are remembered. */
  public void removeBatch(long batch) {
    tell(batches.remove(batch));
  }

  /**
   * Moves reviews to a state.
   *
   * @param reason why they are left out; with {@link ReviewState#LEFT_OUT} alone
   * @param who says so
   */
  public Moved move(Set<Long> ids, ReviewState to, Optional<LeaveOutReason> reason, String who) {
    var outcome = moves.move(ids, to, reason, who, clock.instant());
    tell(outcome.changedProducts());
    return new Moved(outcome.move(), outcome.moved());
  }

  /** Takes a move back, once; reviews that have moved on since stay. */
  public int takeBack(long move) {
    var outcome = moves.takeBack(move);
    tell(outcome.changedProducts());
    return outcome.moved();
  }

  /** What was written in the shop behind a review, oldest first, at most {@code most}. */
  public List<ReviewLine> ownSince(long id, int most) {
    return store.ownSince(id, most);
  }

  private void tell(Set<String> products) {
    if (!products.isEmpty()) {
      events.publishEvent(new PublishedReviewsChanged(Set.copyOf(products)));
    }
  }

  /** What was counted counts no more. */
  @EventListener(PublishedReviewsChanged.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forgetTotals() {
    state.incrementAndGet();
    totals.invalidateAll();
  }
}
