package nodyes.server.embed.wire;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import nodyes.core.review.Provenance;
import nodyes.core.review.Review;
import org.jspecify.annotations.Nullable;

/**
 * A review as shoppers see it.
 *
 * @param id its id
 * @param stars 1 to 5, to two decimals
 * @param title a line above the words
 * @param words the text
 * @param reviewer the name
 * @param country ISO 3166-1 alpha-2
 * @param language BCP 47 tag of the words
 * @param variant the variant it speaks of
 * @param writtenOn the day it was written
 * @param origin where it is from
 * @param source what the place it was brought in from is called
 * @param incentive what was given for it
 * @param reply what the shop answered
 * @param featured that the shop marked it as one to read; missing where it did not
 * @param pictures addresses of its pictures on this server; missing where it has none
 * @param helpful votes that it was helpful
 * @param notHelpful votes that it was not
 */
public record WireReview(
    long id,
    BigDecimal stars,
    @Nullable String title,
    @Nullable String words,
    @Nullable String reviewer,
    @Nullable String country,
    @Nullable String language,
    @Nullable String variant,
    @Nullable LocalDate writtenOn,
    WireOrigin origin,
    @Nullable String source,
    @Nullable String incentive,
    @Nullable String reply,
    @Nullable Boolean featured,
    @Nullable List<String> pictures,
    long helpful,
    long notHelpful) {
  /** Where a review is from. */
  public enum WireOrigin {
    /** Bought here. */
    verified,
    /** Written here, purchase not checked. */
    unverified,
    /** Brought in, purchase not checked. */
    broughtIn
  }

  /** From the core's. */
  public static WireReview of(Review review) {
    String source =
        review.provenance() instanceof Provenance.BroughtIn broughtIn ? broughtIn.source() : null;
    return new WireReview(
        review.id().value(),
        review.rating().stars(2),
        review.title().orElse(null),
        review.words().orElse(null),
        review.reviewer().orElse(null),
        review.country().orElse(null),
        review.language().orElse(null),
        review.variant().orElse(null),
        review.writtenOn().orElse(null),
        switch (review.provenance()) {
          case Provenance.VerifiedPurchase _ -> WireOrigin.verified;
          case Provenance.Unverified _ -> WireOrigin.unverified;
          case Provenance.BroughtIn _ -> WireOrigin.broughtIn;
        },
        source,
        review.incentive().orElse(null),
        review.reply().orElse(null),
        review.isFeatured() ? true : null,
        review.pictures().isEmpty() ? null : review.pictures(),
        review.votes().helpful(),
        review.votes().notHelpful());
  }
}
