package nodyes.server.reviews;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** The stored reviews. */
@Component
public class Reviews {
  private final ReviewStore store;
  private final ReviewWriter writer;
  private final BatchReviewStore batches;
  private final PictureStore pictures;
  private final ReviewExportStore out;
  private final DetailStore details;

  private final Derived<Facets> facets;

  Reviews(
      ReviewStore store,
      ReviewWriter writer,
      BatchReviewStore batches,
      PictureStore pictures,
      ReviewExportStore out,
      DetailStore details,
      Database database) {
    this.store = store;
    this.writer = writer;
    this.batches = batches;
    this.pictures = pictures;
    this.out = out;
    this.details = details;
    this.facets = database.derive(store::facets, Topic.REVIEW_ORIGINS);
  }

  /** A page of the owner's desk, newest arrivals first. */
  public PagedResult<ReviewListItem> list(ReviewFilter filter, int page, int size) {
    return store.list(
        filter, ReviewStore.Order.NEWEST_FIRST, PagedResult.page(page), PagedResult.size(size));
  }

  /** A page in the order they came. */
  public PagedResult<ReviewListItem> oldestFirst(ReviewFilter filter, int page, int size) {
    return store.list(
        filter, ReviewStore.Order.OLDEST_FIRST, PagedResult.page(page), PagedResult.size(size));
  }

  /** The same page without the count of all; it is there at once however many there are. */
  public ReviewSlice rows(ReviewFilter filter, int page, int size) {
    return store.rows(
        filter, ReviewStore.Order.NEWEST_FIRST, PagedResult.page(page), PagedResult.size(size));
  }

  /** How many pass the filter. */
  public long count(ReviewFilter filter) {
    return store.found(filter);
  }

  /** One review of the desk. */
  public Optional<ReviewListItem> find(long id) {
    return store.find(id);
  }

  /** What the stored reviews can be parted by. */
  public Facets facets() {
    return facets.get();
  }

  /** Hands on each review that passes the filter, in the order they came. */
  public void each(ReviewFilter filter, Consumer<ExportedReview> taker) {
    out.each(filter, taker);
  }

  /** Products with how their reviews stand, those with the most waiting first. */
  public PagedResult<ProductReviewCounts> byProduct(String text, int page, int size) {
    return out.byProduct(text.strip(), PagedResult.page(page), PagedResult.size(size));
  }

  /** How many reviews are in each state. */
  public Map<ReviewStatus, Long> counts() {
    return store.counts();
  }

  /** Ids of reviews that pass the filter, at most {@code most}. */
  public List<Long> ids(ReviewFilter filter, int most) {
    return store.ids(filter, most);
  }

  /** Which of these fingerprints are stored already, and in which state. */
  public Map<Long, ReviewStatus> known(Collection<Long> asked) {
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

  /** Keeps the stars that a new review gives to single things, and the files of its pictures. */
  public void detail(long id, Map<Long, Integer> criteria, List<String> files) {
    details.rate(id, criteria);
    pictures.add(id, files);
  }

  /** Stores a review that was typed in, with the file of a picture of its original; it waits. */
  public ReviewListItem addByHand(NewReview review, Optional<String> evidence) {
    long id = add(review);
    evidence.ifPresent(file -> batches.evidence(id, file));
    return store.find(id).orElseThrow();
  }

  /** Puts reviews that were left out back among the waiting, with another import. */
  public void wake(Collection<Long> fingerprints, long batch) {
    if (!fingerprints.isEmpty()) {
      batches.wake(fingerprints, batch);
    }
  }

  /** How many reviews of each of these imports wait. */
  public Map<Long, Long> waiting(Collection<Long> ofBatches) {
    return ofBatches.isEmpty() ? Map.of() : batches.waiting(ofBatches);
  }

  /** The products that reviews of an import speak of. */
  public List<Long> productsOf(long batch) {
    return batches.products(batch);
  }

  /** What reviews of a product say: the newest arrivals, at most {@code most}, oldest first. */
  public List<ReviewDigest> told(long productId, int most) {
    return batches.told(productId, most);
  }

  /** Something to check in a review; of a copy, which earlier one it repeats. */
  public record Mark(long id, ReviewFlag flag, Optional<Long> duplicateOf) {}

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
  }

  /** Removes the reviews of an import but those that are remembered. */
  public void removeBatch(long batch) {
    batches.remove(batch);
  }

  /** What was written in the shop behind a review, oldest first, at most {@code most}. */
  public List<ReviewListItem> ownSince(long id, int most) {
    return store.ownSince(id, most);
  }
}
