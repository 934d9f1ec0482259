package nodyes.server.imports;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.List;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewDate;
import org.jspecify.annotations.Nullable;

/**
 * What would come of reading a file with some choices.
 *
 * @param usable reviews that would be taken
 * @param unreadable rows that cannot be read
 * @param duplicates reviews that are here already
 * @param leftOutBefore reviews that were left out before
 * @param notSelected good rows that are not chosen
 * @param marked what there is to check in those taken
 * @param unsold the variants that they name and that are not sold, the most frequent first
 * @param shown the first of those taken, as shoppers would read them
 * @param asksPermission whether the owner has yet to say that reviews from there may be published
 */
public record ImportPreview(
    long usable,
    @JsonUnwrapped Unreadable unreadable,
    @JsonUnwrapped Duplicates duplicates,
    @JsonUnwrapped LeftOutBefore leftOutBefore,
    long notSelected,
    List<Marked> marked,
    List<Unsold> unsold,
    List<Shown> shown,
    boolean asksPermission) {
  /** How many rows cannot be read, and the first of them. */
  public record Unreadable(long unreadable, List<RowErrorView> problems) {}

  /** How many reviews are here already, and the lines of the first of them. */
  public record Duplicates(long duplicates, List<Long> hereLines) {}

  /** How many reviews were left out before, and the lines of the first of them. */
  public record LeftOutBefore(long leftOutBefore, List<Long> leftOutLines) {}

  /**
   * Something to check.
   *
   * @param lines of the first of them
   */
  public record Marked(ReviewFlag flag, long reviews, List<Long> lines) {}

  /**
   * A variant that is named and not sold.
   *
   * @param given as it stands in the file
   * @param reviews how many name it
   * @param product title of the product
   * @param sold the product's variants
   */
  public record Unsold(String given, long reviews, String product, List<String> sold) {}

  /** A review as shoppers would read it. */
  public record Shown(
      long line,
      BigDecimal stars,
      String givenRating,
      @Nullable String title,
      @Nullable String text,
      @Nullable String reviewer,
      @Nullable String country,
      @Nullable String language,
      @Nullable String reviewedOn,
      @Nullable String variant) {
    static Shown of(ImportChunk.Placed placed, ImportOptions choices) {
      ImportedReview review = placed.review();
      NameDisplay form = choices.handling().nameFormOrAsGiven();
      return new Shown(
          review.line(),
          review.rating().stars(1),
          review.givenRating(),
          review.text().title().orElse(null),
          review.text().body().orElse(null),
          review.writer().name().flatMap(form::of).orElse(null),
          review.writer().country().orElse(null),
          review.text().language().orElse(null),
          review.source().reviewedOn().map(ReviewDate::toString).orElse(null),
          placed.variant().orElse(null));
    }
  }
}
