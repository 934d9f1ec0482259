package nodyes.server.publishedreviews;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which published reviews of a product a shopper asks for; what is null or empty takes all.
 *
 * @param stars whole stars that ratings count under
 * @param pictured those with pictures alone
 * @param bought verified purchases alone
 * @param language primary subtag of the words' language (BCP 47)
 * @param variant title of the variant they speak of
 * @param words all of which occur, each by its beginning
 */
public record PublishedReviewFilter(
    Set<Integer> stars,
    boolean pictured,
    boolean bought,
    @Nullable String language,
    @Nullable String variant,
    @Nullable String words) {
  /** All of them. */
  public static final PublishedReviewFilter ALL =
      new PublishedReviewFilter(Set.of(), false, false, null, null, null);

  /** Keeps the stars unchangeable. */
  public PublishedReviewFilter {
    stars = Set.copyOf(stars);
  }
}
