package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.review.Moderation;
import nodyes.core.review.Provenance;
import nodyes.core.review.RelativeDate;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewOrigin;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;
import org.jspecify.annotations.Nullable;

/**
 * A review as shoppers see it, written as one flat object.
 *
 * @param id its id
 * @param stars 1 to 5, to two decimals
 * @param variant the variant it speaks of
 * @param text what it says
 * @param writer who wrote it
 * @param from where it is from, and when it was written
 * @param moderation what the shop made of it
 * @param pictures addresses of its pictures on this server; missing where it has none
 * @param votes what shoppers said of it
 * @param criteria stars for single things; missing where it rated none
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WireReview(
    long id,
    BigDecimal stars,
    @Nullable String variant,
    @JsonUnwrapped WireText text,
    @JsonUnwrapped WireWriter writer,
    @JsonUnwrapped WireFrom from,
    @JsonUnwrapped WireModeration moderation,
    @Nullable List<String> pictures,
    @JsonUnwrapped WireVotes votes,
    @Nullable List<WireRated> criteria) {
  /**
   * What a review says.
   *
   * @param title a line above the words
   * @param language BCP 47 tag of the words
   * @param pros what is good, a line to each; missing where it says none
   * @param cons what is not
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record WireText(
      @Nullable String title,
      @Nullable String words,
      @Nullable String language,
      @Nullable List<String> pros,
      @Nullable List<String> cons) {
    static WireText of(ReviewText text) {
      return new WireText(
          text.title().orElse(null),
          text.body().orElse(null),
          text.language().orElse(null),
          some(text.pros()),
          some(text.cons()));
    }
  }

  /**
   * Who wrote a review.
   *
   * @param reviewer the name
   * @param country ISO 3166-1 alpha-2
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record WireWriter(@Nullable String reviewer, @Nullable String country) {
    static WireWriter of(Writer writer) {
      return new WireWriter(writer.name().orElse(null), writer.country().orElse(null));
    }
  }

  /**
   * Where a review is from.
   *
   * @param writtenOn the day it was written, or the month where no more is known
   * @param ago how long ago that is, where days are told so
   * @param source what the place it was imported from is called
   * @param incentive what was given for it
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record WireFrom(
      @Nullable String writtenOn,
      @Nullable WireAgo ago,
      WireOrigin origin,
      @Nullable String source,
      @Nullable String incentive) {
    static WireFrom of(ReviewOrigin from, Optional<RelativeDate> ago) {
      return new WireFrom(
          from.reviewedOn().map(ReviewDate::toString).orElse(null),
          ago.map(one -> new WireAgo(one.n(), one.unit().name().toLowerCase(Locale.ROOT)))
              .orElse(null),
          origin(from.provenance()),
          from.source().orElse(null),
          from.incentive().orElse(null));
    }

    private static WireOrigin origin(Provenance provenance) {
      return switch (provenance) {
        case Provenance.VerifiedPurchase _ -> WireOrigin.verified;
        case Provenance.Unverified _ -> WireOrigin.unverified;
        case Provenance.BroughtIn _ -> WireOrigin.broughtIn;
      };
    }
  }

  /**
   * What the shop made of a review.
   *
   * @param reply what it answered
   * @param featured that it marked it as one to read; missing where it did not
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record WireModeration(@Nullable String reply, @Nullable Boolean featured) {
    static WireModeration of(Moderation moderation) {
      return new WireModeration(
          moderation.reply().orElse(null), moderation.isFeatured() ? true : null);
    }
  }

  /** How many shoppers said that a review was helpful, and that it was not. */
  public record WireVotes(long helpful, long notHelpful) {
    static WireVotes of(Votes votes) {
      return new WireVotes(votes.helpful(), votes.notHelpful());
    }
  }

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
    return new WireReview(
        review.id().value(),
        review.rating().cut(),
        review.variant().orElse(null),
        WireText.of(review.text()),
        WireWriter.of(review.writer()),
        WireFrom.of(review.origin(), ago),
        WireModeration.of(review.moderation()),
        some(review.media().pictures()),
        WireVotes.of(review.votes()),
        some(
            review.criteria().entrySet().stream()
                .map(rated -> new WireRated(rated.getKey(), rated.getValue()))
                .sorted(Comparator.comparingLong(WireRated::id))
                .toList()));
  }

  private static <T> @Nullable List<T> some(List<T> list) {
    return list.isEmpty() ? null : list;
  }
}
