package nodyes.server.reviews;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import org.springframework.stereotype.Component;

/** The single things that the owner asks reviewers about. */
@Component
public class Criteria {
  private final CriterionStore store;
  private final Derived<Map<Long, ReviewAspect>> kept;

  Criteria(CriterionStore store, Database database) {
    this.store = store;
    this.kept = database.derive(this::read, Topic.REVIEW_ASPECTS);
  }

  /** All of them in the owner's order, those that are asked no more too. */
  public List<ReviewAspect> all() {
    return List.copyOf(byId().values());
  }

  /** All of them by their ids. */
  public Map<Long, ReviewAspect> byId() {
    return kept.get();
  }

  private Map<Long, ReviewAspect> read() {
    var all = new LinkedHashMap<Long, ReviewAspect>();
    store.all().forEach(criterion -> all.put(criterion.id(), criterion));
    return all;
  }

  /** Those that a product in these categories is asked about. */
  public List<ReviewAspect> askedOf(Set<String> categories) {
    return all().stream()
        .filter(criterion -> criterion.isAsked() && criterion.isFor(categories))
        .toList();
  }

  /**
   * Replaces them, in this order. Those that are missing are asked no more; those that reviews
   * rated stay, with what was rated.
   */
  public List<ReviewAspect> set(List<ReviewAspect> wanted) {
    store.set(wanted);
    return all();
  }
}
