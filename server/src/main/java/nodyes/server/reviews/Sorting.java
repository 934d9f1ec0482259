package nodyes.server.reviews;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.LeavingOut;
import nodyes.server.database.Database;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Sorting what a batch brought: all of it counts as kept until it is left out, and nothing is
 * public before all of it is published at once.
 */
@Component
public class Sorting {
  /** Most that are decided on at once. */
  static final int MOST_AT_ONCE = 5000;

  private final BatchReviewStore store;
  private final ReviewStore reviews;
  private final MoveStore moves;
  private final Database database;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  Sorting(
      BatchReviewStore store,
      ReviewStore reviews,
      MoveStore moves,
      Database database,
      Clock clock,
      ApplicationEventPublisher events) {
    this.store = store;
    this.reviews = reviews;
    this.moves = moves;
    this.database = database;
    this.clock = clock;
    this.events = events;
  }

  /**
   * Ratings, counted.
   *
   * @param mean in stars, to one decimal; null without reviews
   * @param stars five counts, for 1 star first
   */
  public record Rated(long reviews, @Nullable BigDecimal mean, List<Long> stars) {
    static Rated of(RatingSummary summary) {
      return new Rated(summary.count(), summary.mean(1).orElse(null), summary.histogram().counts());
    }
  }

  /**
   * How sorting a batch stands.
   *
   * @param kept what shoppers would see of it
   * @param all what is usable of it
   * @param open how many were not looked at yet
   * @param low low ratings in all
   * @param lowLeftOut low ratings left out
   * @param isOneSided whether it is mostly low ratings that are left out
   * @param serious how many of the open ones wait for a look, as something serious was found
   */
  public record Standing(
      Rated kept,
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

  /** How sorting a batch stands. */
  public Standing standing(long batch) {
    RatingSummary kept = RatingSummary.NONE;
    RatingSummary all = RatingSummary.NONE;
    long open = 0;
    long serious = 0;
    RatingSummary notLeftOut = RatingSummary.NONE;
    for (BatchReviewStore.Group group : store.groups(batch)) {
      all = both(all, group.summary());
      boolean isOpen = group.sorted() == ReviewFilter.Sorted.OPEN;
      if (group.sorted() != ReviewFilter.Sorted.LEFT_OUT && !(isOpen && group.isSerious())) {
        kept = both(kept, group.summary());
      }
      if (group.sorted() != ReviewFilter.Sorted.LEFT_OUT) {
        notLeftOut = both(notLeftOut, group.summary());
      }
      open += isOpen ? group.summary().count() : 0;
      serious += isOpen && group.isSerious() ? group.summary().count() : 0;
    }
    var leaving = new LeavingOut(notLeftOut.histogram(), all.histogram());
    return new Standing(
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
  public record Decided(long id, ReviewFilter.Sorted sorted, @Nullable LeaveOutReason reason) {}

  /** A page of what waits, in the order it came. */
  public PageOf<ReviewLine> queue(ReviewFilter filter, int page, int size) {
    return reviews.list(
        filter, ReviewStore.Order.OLDEST_FIRST, PageOf.page(page), PageOf.size(size));
  }

  /** What was decided on those that pass a filter; the first 5,000. */
  public List<Decided> marks(ReviewFilter filter) {
    return store.marks(filter, MOST_AT_ONCE);
  }

  /** Keeps reviews of a batch, leaves them out, or makes them open again. */
  public void decide(
      long batch,
      Collection<Long> ids,
      ReviewFilter.Sorted sorted,
      Optional<LeaveOutReason> reason) {
    if (reason.isPresent() && sorted != ReviewFilter.Sorted.LEFT_OUT) {
      throw Refusal.unusable("Only what is left out has a reason.");
    }
    store.decide(batch, ids, sorted, reason);
  }

  /** Keeps many without a look at each: those in which something serious was found stay open. */
  public void keepMany(long batch, Collection<Long> ids) {
    store.decide(batch, store.withoutSerious(ids), ReviewFilter.Sorted.KEPT, Optional.empty());
  }

  /**
   * What publishing a batch did to what shoppers see, kept for whoever asks later.
   *
   * @param kept ratings that were published, from 1 star on
   * @param usable ratings of all that could have been
   * @param isOneSided whether it was mostly low ratings that were left out
   */
  public record SortingRecord(
      List<Long> kept, List<Long> usable, boolean isOneSided, String who, Instant when) {}

  /** What publishing a batch came to, each time. */
  public List<SortingRecord> records(long batch) {
    return store.records(batch);
  }

  /** Publishes all that is kept of a batch, and sets the others aside, at once. */
  public Published publish(long batch, String who) {
    Instant now = clock.instant();
    Published outcome =
        database.write(
            _ -> {
              Standing before = standing(batch);
              if (before.all().reviews() > 0) {
                store.record(batch, before, who, now);
              }
              return moves.publishBatch(batch, who, now);
            });
    if (!outcome.products().isEmpty()) {
      events.publishEvent(
          new PublishedReviewsChanged(
              outcome.products().stream().map(OnProduct::product).collect(Collectors.toSet())));
    }
    return outcome;
  }
}
