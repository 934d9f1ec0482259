package nodyes.core.review;

import java.util.List;
import java.util.Optional;

/**
 * Pictures of a review.
 *
 * @param pictures their addresses, in the reviewer's order
 */
public record ReviewMedia(List<String> pictures) {
  /** None. */
  public static final ReviewMedia NONE = new ReviewMedia(List.of());

  /** Keeps the addresses unchangeable. */
  public ReviewMedia {
    pictures = List.copyOf(pictures);
  }

  /** The first of them, if there is one. */
  public Optional<String> first() {
    return pictures.stream().findFirst();
  }

  /** Whether there is none. */
  public boolean isEmpty() {
    return pictures.isEmpty();
  }
}
