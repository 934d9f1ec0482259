package nodyes.server.imports;

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
 * @param failure why it stopped, if it did
 */
public record PageImport(
    long id,
    String address,
    int pages,
    int reviews,
    State state,
    @Nullable Long batch,
    @Nullable String failure) {
  /** How far a visit is. */
  public enum State {
    /** Pages are being read. */
    GOING,
    /** All is read. */
    DONE,
    /** It could not be read. */
    FAILED,
    /** It was called off. */
    CANCELLED
  }

  PageImport with(int pagesRead, int reviewsFound) {
    return new PageImport(id, address, pagesRead, reviewsFound, state, batch, failure);
  }

  PageImport done(long made) {
    return new PageImport(id, address, pages, reviews, State.DONE, made, null);
  }

  PageImport failed(String why) {
    return new PageImport(id, address, pages, reviews, State.FAILED, null, why);
  }

  PageImport cancelled() {
    return new PageImport(id, address, pages, reviews, State.CANCELLED, null, null);
  }
}
