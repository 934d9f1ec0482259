package nodyes.server.pageimports;

import org.jspecify.annotations.Nullable;

/**
 * Reading the reviews that a page and those after it mark up.
 *
 * @param id its id
 * @param address where it began
 * @param pages pages read so far
 * @param reviews reviews found so far
 * @param state how far it is
 * @param batch the import that was made of them, once it is done
 * @param reading the page that the owner is to look at first, where it marks up no reviews
 * @param failure why it stopped, if it did
 */
public record PageImport(
    long id,
    String address,
    int pages,
    int reviews,
    State state,
    @Nullable Long batch,
    @Nullable Long reading,
    @Nullable String failure) {
  /** How far a visit is. */
  public enum State {
    /** Pages are being read. */
    GOING,
    /** The owner is to look whether it is read right. */
    TO_CHECK,
    /** All is read. */
    DONE,
    /** It could not be read. */
    FAILED,
    /** It was called off. */
    CANCELLED
  }

  PageImport with(int pagesRead, int reviewsFound) {
    return new PageImport(id, address, pagesRead, reviewsFound, state, batch, reading, failure);
  }

  PageImport done(long made) {
    return new PageImport(id, address, pages, reviews, State.DONE, made, null, null);
  }

  PageImport toCheck(long shown) {
    return new PageImport(id, address, pages, reviews, State.TO_CHECK, null, shown, null);
  }

  PageImport failed(String why) {
    return new PageImport(id, address, pages, reviews, State.FAILED, null, null, why);
  }

  PageImport cancelled() {
    return new PageImport(id, address, pages, reviews, State.CANCELLED, null, null, null);
  }
}
