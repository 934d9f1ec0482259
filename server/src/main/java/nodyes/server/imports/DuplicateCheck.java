package nodyes.server.imports;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.NearDuplicateIndex;
import nodyes.core.imports.RatingBurst;
import nodyes.core.imports.ReviewFlag;
import nodyes.server.reviews.ReviewDigest;
import nodyes.server.reviews.Reviews;
import org.springframework.stereotype.Component;

/** Looks at the reviews of an import beside the others of their products. */
@Component
class DuplicateCheck {
  /** Most reviews of one product that are compared: the newest arrivals. */
  private static final int MOST = 50_000;

  private final Reviews reviews;

  DuplicateCheck(Reviews reviews) {
    this.reviews = reviews;
  }

  /** Marks what nearly repeats another review, and what came in a burst; products side by side. */
  void run(long batch) {
    reviews.productsOf(batch).parallelStream().forEach(product -> compare(product, batch));
  }

  private void compare(long product, long batch) {
    List<ReviewDigest> told = reviews.told(product, MOST);
    var marks = new ArrayList<Reviews.Mark>();
    copies(told, batch, marks);
    bursts(told, batch, marks);
    if (!marks.isEmpty()) {
      reviews.mark(marks);
    }
  }

  private static void copies(List<ReviewDigest> told, long batch, List<Reviews.Mark> marks) {
    Map<Long, Long> copies =
        NearDuplicateIndex.among(
            told.stream()
                .map(review -> new NearDuplicateIndex.Text(review.id(), review.text()))
                .toList());
    for (ReviewDigest review : told) {
      Long earlier = copies.get(review.id());
      if (review.batch() == batch && earlier != null) {
        marks.add(new Reviews.Mark(review.id(), ReviewFlag.NEAR_DUPLICATE, Optional.of(earlier)));
      }
    }
  }

  private static void bursts(List<ReviewDigest> told, long batch, List<Reviews.Mark> marks) {
    List<ReviewDigest> dated =
        told.stream().filter(review -> review.reviewedOn().isPresent()).toList();
    if (dated.isEmpty()) {
      return;
    }
    Map<Integer, Map<LocalDate, Integer>> byStar = new HashMap<>();
    LocalDate first = LocalDate.MAX;
    LocalDate last = LocalDate.MIN;
    for (ReviewDigest review : dated) {
      LocalDate day = review.reviewedOn().get();
      first = day.isBefore(first) ? day : first;
      last = day.isAfter(last) ? day : last;
      byStar.computeIfAbsent(review.wholeStar(), _ -> new HashMap<>()).merge(day, 1, Integer::sum);
    }
    long days = ChronoUnit.DAYS.between(first, last) + 1;
    Map<Integer, Set<LocalDate>> bursts = new HashMap<>();
    byStar.forEach(
        (star, counts) ->
            RatingBurst.in(counts, star, days)
                .forEach(
                    burst -> bursts.computeIfAbsent(star, _ -> new HashSet<>()).add(burst.day())));
    for (ReviewDigest review : dated) {
      if (review.batch() == batch
          && bursts
              .getOrDefault(review.wholeStar(), Set.of())
              .contains(review.reviewedOn().get())) {
        marks.add(new Reviews.Mark(review.id(), ReviewFlag.BURST, Optional.empty()));
      }
    }
  }
}
