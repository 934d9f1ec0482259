package nodyes.core.imports;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.common.PlainText;
import nodyes.core.rating.Rating;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;

/**
 * A review as read from one row, its product not yet looked up.
 *
 * @param line where it starts in the file, counted from 1
 * @param product what the row says of the product
 * @param variant what it says of the variant
 * @param rating in stars
 * @param givenRating as it stands in the file
 * @param text what it says
 * @param writer who wrote it
 * @param source what ties it to where it is from
 * @param media its pictures, with addresses as they stand there
 * @param extras what is told besides
 */
public record ImportedReview(
    long line,
    Optional<String> product,
    Optional<String> variant,
    Rating rating,
    String givenRating,
    ReviewText text,
    Writer writer,
    Source source,
    ReviewMedia media,
    Extras extras) {
  /**
   * What ties a review to where it is from.
   *
   * @param reviewedOn its day, or its month where no more is told
   * @param order the order's number
   * @param sourceId its id where it comes from
   * @param isVerifiedThere whether it is called a verified purchase there, which proves nothing
   *     here
   * @param incentive what was given for it
   */
  public record Source(
      Optional<ReviewDate> reviewedOn,
      Optional<String> order,
      Optional<String> sourceId,
      boolean isVerifiedThere,
      Optional<String> incentive) {
    /** Keeps of the texts what is text. */
    public Source {
      incentive = incentive.map(PlainText::of);
    }

    /** One of whose writing the date alone may be known. */
    public static Source writtenOn(Optional<ReviewDate> date) {
      return new Source(date, Optional.empty(), Optional.empty(), false, Optional.empty());
    }
  }

  /**
   * What the shop answered.
   *
   * @param text its words
   * @param at when; empty where that is not told
   */
  public record Reply(String text, Optional<Instant> at) {
    /** Keeps of the words what is text. */
    public Reply {
      text = PlainText.of(text);
    }
  }

  /**
   * Where a review stood in the shop that it went out of.
   *
   * @param status its state
   * @param reason why it was left out, where it was
   * @param isFeatured whether it was picked to be shown first
   */
  public record Decided(ReviewStatus status, Optional<LeaveOutReason> reason, boolean isFeatured) {
    /** Not looked at. */
    public static final Decided OPEN = new Decided(ReviewStatus.PENDING, Optional.empty(), false);
  }

  /**
   * What is told of a review besides.
   *
   * @param reply what the shop answered
   * @param criteria stars for single things, 1 to 5, by their names
   * @param votes what shoppers said of it where it comes from
   * @param decided what was made of it before
   */
  public record Extras(
      Optional<Reply> reply, Map<String, Integer> criteria, Votes votes, Decided decided) {
    /** Nothing. */
    public static final Extras NONE =
        new Extras(Optional.empty(), Map.of(), Votes.NONE, Decided.OPEN);

    /** Keeps the stars unchangeable, and of their names what is text. */
    public Extras {
      criteria =
          criteria.entrySet().stream()
              .collect(
                  Collectors.toUnmodifiableMap(
                      one -> PlainText.of(one.getKey()), Map.Entry::getValue, (a, _) -> a));
    }
  }

  /** Keeps of the texts what is text. */
  public ImportedReview {
    variant = variant.map(PlainText::of);
  }

  /** The same with a rating that stands otherwise in the file. */
  public ImportedReview givenAs(String rated) {
    return new ImportedReview(
        line, product, variant, rating, rated, text, writer, source, media, extras);
  }

  /** The same with another language. */
  public ImportedReview inLanguage(Optional<String> other) {
    return new ImportedReview(
        line,
        product,
        variant,
        rating,
        givenRating,
        text.inLanguage(other),
        writer,
        source,
        media,
        extras);
  }
}
