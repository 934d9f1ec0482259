package nodyes.server.storefront.wire;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.review.Provenance;
import nodyes.core.review.RelativeDate;
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
 * @param source what the place it was imported from is called
 * @param incentive what was given for it
 * @param reply what the shop answered
 * @param featured that the shop marked it as one to read; missing where it did not
 * @param pictures addresses of its pictures on this server; missing where it has none
 * @param helpful votes that it was helpful
 * @param notHelpful votes that it was not
 * @param ago how long ago it was written, where days are told so
 * @param pros what is good, a line to each; missing where it says none
 * @param cons what is not
 * @param criteria stars for single things; missing where it rated none
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
    long notHelpful,
    @Nullable WireAgo ago,
    @Nullable List<String> pros,
    @Nullable List<String> cons,
    @Nullable List<WireRated> criteria) {
  /** How long ago: so many of a CLDR unit. */
  public record WireAgo(long n, String unit) {}

  /** Stars for a single thing, by its id. */
  public record WireRated(long id, int stars) {}

  /** Where a review is from. */
  public enum WireOrigin {
    /** Bought here. */
    verified,
    /** Written here, purchase not checked. */
    unverified,
    /** Imported, purchase not checked. */
    broughtIn
  }

  /** From the core's, with how long ago it was written where days are told so. */
  public static WireReview of(Review review, Optional<RelativeDate> ago) {
    String source =
        review.provenance() instanceof Provenance.BroughtIn broughtIn ? broughtIn.source() : null;
    return new WireReview(
        review.id().value(),
        review.rating().cut(),
        review.title().orElse(null),
        review.text().orElse(null),
        review.reviewer().orElse(null),
        review.country().orElse(null),
        review.language().orElse(null),
        review.variant().orElse(null),
        review.reviewedOn().orElse(null),
        origin(review.provenance()),
        source,
        review.incentive().orElse(null),
        review.reply().orElse(null),
        review.isFeatured() ? true : null,
        review.pictures().isEmpty() ? null : review.pictures(),
        review.votes().helpful(),
        review.votes().notHelpful(),
        ago.map(one -> new WireAgo(one.n(), one.unit().name().toLowerCase(Locale.ROOT)))
            .orElse(null),
        some(review.details().pros()),
        some(review.details().cons()),
        some(
            review.details().criteria().entrySet().stream()
                .map(rated -> new WireRated(rated.getKey(), rated.getValue()))
                .sorted(Comparator.comparingLong(WireRated::id))
                .toList()));
  }

  private static <T> @Nullable List<T> some(List<T> list) {
    return list.isEmpty() ? null : list;
  }

  static WireOrigin origin(Provenance provenance) {
    return switch (provenance) {
      case Provenance.VerifiedPurchase _ -> WireOrigin.verified;
      case Provenance.Unverified _ -> WireOrigin.unverified;
      case Provenance.BroughtIn _ -> WireOrigin.broughtIn;
    };
  }
}
