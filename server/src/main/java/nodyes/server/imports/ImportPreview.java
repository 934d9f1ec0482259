package nodyes.server.imports;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.NameDisplay;
import org.jspecify.annotations.Nullable;

/**
 * What would come of reading a file with some choices.
 *
 * @param usable reviews that would be taken
 * @param unreadable rows that cannot be read
 * @param problems the first of them
 * @param duplicates reviews that are here already
 * @param hereLines lines of the first of them
 * @param leftOutBefore reviews that were left out before
 * @param leftOutLines lines of the first of them
 * @param notSelected good rows that are not chosen
 * @param marked what there is to check in those taken
 * @param unsold the variants that they name and that are not sold, the most frequent first
 * @param shown the first of those taken, as shoppers would read them
 * @param asksPermission whether the owner has yet to say that reviews from there may be published
 */
public record ImportPreview(
    long usable,
    long unreadable,
    List<RowErrorView> problems,
    long duplicates,
    List<Long> hereLines,
    long leftOutBefore,
    List<Long> leftOutLines,
    long notSelected,
    List<Marked> marked,
    List<Unsold> unsold,
    List<Shown> shown,
    boolean asksPermission) {
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
      @Nullable LocalDate reviewedOn,
      @Nullable String variant) {
    static Shown of(ImportChunk.Placed placed, ImportOptions choices) {
      ImportedReview review = placed.review();
      NameDisplay form = choices.nameForm() == null ? NameDisplay.AS_GIVEN : choices.nameForm();
      return new Shown(
          review.line(),
          review.rating().stars(1),
          review.givenRating(),
          review.title().orElse(null),
          review.text().orElse(null),
          Optional.ofNullable(review.reviewer().orElse(null)).flatMap(form::of).orElse(null),
          review.country().orElse(null),
          review.language().orElse(null),
          review.reviewedOn().orElse(null),
          placed.variant().orElse(null));
    }
  }
}
