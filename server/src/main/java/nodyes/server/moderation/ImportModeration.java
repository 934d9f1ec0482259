package nodyes.server.moderation;

import static nodyes.server.messages.Texts.text;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.LeavingOut;
import nodyes.server.database.Database;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Checking what an import brought: all of it counts as kept until it is left out, and nothing is
 * public before all of it is published at once.
 */
@Component
public class ImportModeration {
  /** Most that are decided on at once. */
  static final int MOST_AT_ONCE = 5000;

  private final DecisionStore store;
  private final Reviews reviews;
  private final ModerationStore moves;
  private final Database database;
  private final Clock clock;

  ImportModeration(
      DecisionStore store, Reviews reviews, ModerationStore moves, Database database, Clock clock) {
    this.store = store;
    this.reviews = reviews;
    this.moves = moves;
    this.database = database;
    this.clock = clock;
  }

  /**
   * Ratings, counted.
   *
   * @param average in stars, to one decimal; null without reviews
   * @param stars five counts, for 1 star first
   */
  public record Rated(long reviews, @Nullable BigDecimal average, List<Long> stars) {
    static Rated of(RatingSummary summary) {
      return new Rated(summary.count(), summary.mean(1).orElse(null), summary.histogram().counts());
    }
  }

  /**
   * How the check of an import stands.
   *
   * @param accepted what shoppers would see of it
   * @param all what is usable of it
   * @param open how many were not looked at yet
   * @param low low ratings in all
   * @param lowLeftOut low ratings left out
   * @param isOneSided whether it is mostly low ratings that are left out
   * @param serious how many of the open ones wait for a look, as something serious was found
   */
  public record ImportProgress(
      Rated accepted,
      Rated all,
      long open,
      long low,
      long lowLeftOut,
      boolean isOneSided,
      long serious) {}

  /** A product with how many of its reviews were published. */
  public record OnProduct(String product, String title, int reviews) {}

  /**
   * What publishing came to; the products with the most first.
   *
   * @param waiting how many wait on, as something serious was found in them and nobody has looked
   */
  public record Published(
      long move, int published, int leftOut, int waiting, List<OnProduct> products) {}

  /** How the check of an import stands. */
  public ImportProgress standing(long batch) {
    RatingSummary kept = RatingSummary.NONE;
    RatingSummary all = RatingSummary.NONE;
    long open = 0;
    long serious = 0;
    RatingSummary notLeftOut = RatingSummary.NONE;
    for (DecisionStore.Group group : store.groups(batch)) {
      all = both(all, group.summary());
      boolean isOpen = group.decision() == ReviewFilter.ImportDecision.OPEN;
      if (group.decision() != ReviewFilter.ImportDecision.LEFT_OUT
          && !(isOpen && group.isSerious())) {
        kept = both(kept, group.summary());
      }
      if (group.decision() != ReviewFilter.ImportDecision.LEFT_OUT) {
        notLeftOut = both(notLeftOut, group.summary());
      }
      open += isOpen ? group.summary().count() : 0;
      serious += isOpen && group.isSerious() ? group.summary().count() : 0;
    }
    var leaving = new LeavingOut(notLeftOut.histogram(), all.histogram());
    return new ImportProgress(
        Rated.of(kept),
        Rated.of(all),
        open,
        leaving.low(),
        leaving.lowLeftOut(),
        leaving.isOneSided(),
        serious);
  }

  private static RatingSummary both(RatingSummary one, RatingSummary other) {
    var counts = new java.util.ArrayList<Long>();
    for (int i = 0; i < 5; i++) {
      counts.add(one.histogram().counts().get(i) + other.histogram().counts().get(i));
    }
    return new RatingSummary(one.sumParts() + other.sumParts(), new Histogram(counts));
  }

  /** What was decided on one review. */
  public record Decided(
      long id, ReviewFilter.ImportDecision decision, @Nullable LeaveOutReason reason) {}

  /** A page of what waits, in the order it came. */
  public PagedResult<ReviewListItem> queue(ReviewFilter filter, int page, int size) {
    return reviews.oldestFirst(filter, page, size);
  }

  /** What was decided on those that pass a filter; the first 5,000. */
  public List<Decided> marks(ReviewFilter filter) {
    return store.marks(filter, MOST_AT_ONCE);
  }

  /** Keeps reviews of an import, leaves them out, or makes them open again. */
  public void decide(
      long batch,
      Collection<Long> ids,
      ReviewFilter.ImportDecision sorted,
      Optional<LeaveOutReason> reason) {
    if (reason.isPresent() && sorted != ReviewFilter.ImportDecision.LEFT_OUT) {
      throw ApiProblem.unusable(text("reviews.reasonOnlyLeftOut"));
    }
    store.decide(batch, ids, sorted, reason);
  }

  /** Keeps many without a look at each: those in which something serious was found stay open. */
  public void keepMany(long batch, Collection<Long> ids) {
    store.decide(
        batch, store.withoutSerious(ids), ReviewFilter.ImportDecision.ACCEPTED, Optional.empty());
  }

  /**
   * What publishing an import did to what shoppers see, kept for whoever asks later.
   *
   * @param accepted ratings that were published, from 1 star on
   * @param usable ratings of all that could have been
   * @param isOneSided whether it was mostly low ratings that were left out
   */
  public record PublicationRecord(
      List<Long> accepted, List<Long> usable, boolean isOneSided, String who, Instant when) {}

  /** What publishing an import came to, each time. */
  public List<PublicationRecord> records(long batch) {
    return store.records(batch);
  }

  /** Publishes all that is kept of an import, and sets the others aside, at once. */
  public Published publish(long batch, String who) {
    Instant now = clock.instant();
    return database.write(
        _ -> {
          ImportProgress before = standing(batch);
          if (before.all().reviews() > 0) {
            store.record(batch, before, who, now);
          }
          return moves.publishBatch(batch, who, now);
        });
  }
}
