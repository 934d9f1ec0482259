package nodyes.core.review;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
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
 * @param title a line above the words, if any
 * @param text the text, if any
 * @param reviewer the name to show, if any
 * @param country ISO 3166-1 alpha-2 code of the reviewer's country, if known
 * @param language BCP 47 tag of the words, if known
 * @param variant the variant it speaks of, if known
 * @param reviewedOn the day it was written, in the shop's zone, if known
 * @param provenance where it is from
 * @param incentive what was given for it, if anything
 * @param reply what the shop answered, if it did
 * @param isFeatured whether the shop marked it as one to read
 * @param pictures addresses of its pictures on this server, in the reviewer's order
 * @param votes what shoppers said of it
 * @param details what it says beside its words
 */
public record Review(
    ReviewId id,
    Rating rating,
    Optional<String> title,
    Optional<String> text,
    Optional<String> reviewer,
    Optional<String> country,
    Optional<String> language,
    Optional<String> variant,
    Optional<LocalDate> reviewedOn,
    Provenance provenance,
    Optional<String> incentive,
    Optional<String> reply,
    boolean isFeatured,
    List<String> pictures,
    Votes votes,
    Details details) {
  /**
   * What a review says beside its words.
   *
   * @param pros what is good, a line to each
   * @param cons what is not
   * @param criteria stars for single things, 1 to 5 by the criterion's id
   */
  public record Details(List<String> pros, List<String> cons, Map<Long, Integer> criteria) {
    /** Nothing. */
    public static final Details NONE = new Details(List.of(), List.of(), Map.of());

    /** Keeps all of it unchangeable. */
    public Details {
      pros = pros.stream().map(PlainText::of).toList();
      cons = cons.stream().map(PlainText::of).toList();
      criteria = Map.copyOf(criteria);
    }
  }

  /** Keeps the pictures unchangeable, and of the texts what is text. */
  public Review {
    variant = variant.map(PlainText::of);
    title = title.map(PlainText::of);
    text = text.map(PlainText::of);
    reviewer = reviewer.map(PlainText::of);
    reply = reply.map(PlainText::of);
    pictures = List.copyOf(pictures);
  }

  /** Newest first, those without a day last; of one day, the greater id first. */
  public static final Comparator<Review> NEWEST_FIRST =
      Comparator.comparing((Review review) -> review.reviewedOn().orElse(LocalDate.MIN))
          .thenComparing(Review::id)
          .reversed();
}
