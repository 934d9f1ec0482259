package nodyes.core.review;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.PlainText;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;

/**
 * One review as shoppers may see it.
 *
 * @param id its id
 * @param rating 1 to 5 stars
 * @param criteria stars for single things, 1 to 5 by the criterion's id
 * @param variant the variant it speaks of, if known
 * @param text what it says
 * @param writer who wrote it, with the name to show
 * @param origin where it is from
 * @param moderation what the shop made of it
 * @param media its pictures, with addresses on this server
 * @param votes what shoppers said of it
 */
public record Review(
    ReviewId id,
    Rating rating,
    Map<Long, Integer> criteria,
    Optional<String> variant,
    ReviewText text,
    Writer writer,
    ReviewOrigin origin,
    Moderation moderation,
    ReviewMedia media,
    Votes votes) {
  /** Keeps the stars unchangeable, and of the variant what is text. */
  public Review {
    criteria = Map.copyOf(criteria);
    variant = variant.map(PlainText::of);
  }

  /** Newest first, those without a date last; of one day, the greater id first. */
  public static final Comparator<Review> NEWEST_FIRST =
      Comparator.comparing(
              (Review review) -> review.origin().reviewedOn().map(ReviewDate::toString).orElse(""))
          .thenComparing(Review::id)
          .reversed();
}
