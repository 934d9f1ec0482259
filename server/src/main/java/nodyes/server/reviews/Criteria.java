package nodyes.server.reviews;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.form.Criterion;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** The single things that the owner asks reviewers about. */
@Component
public class Criteria {
  private final CriterionStore store;
  private final ApplicationEventPublisher events;
  private volatile SingletonSupplier<Map<Long, Criterion>> kept;

  Criteria(CriterionStore store, ApplicationEventPublisher events) {
    this.store = store;
    this.events = events;
    this.kept = SingletonSupplier.of(this::read);
  }

  /** All of them in the owner's order, those that are asked no more too. */
  public List<Criterion> all() {
    return List.copyOf(byId().values());
  }

  Map<Long, Criterion> byId() {
    return kept.obtain();
  }

  private Map<Long, Criterion> read() {
    var all = new LinkedHashMap<Long, Criterion>();
    store.all().forEach(criterion -> all.put(criterion.id(), criterion));
    return all;
  }

  /** Those that a product in these categories is asked about. */
  public List<Criterion> askedOf(Set<String> categories) {
    return all().stream()
        .filter(criterion -> criterion.isAsked() && criterion.isFor(categories))
        .toList();
  }

  /**
   * Replaces them, in this order. Those that are missing are asked no more; those that reviews
   * rated stay, with what was rated.
   */
  public List<Criterion> set(List<Criterion> wanted) {
    store.set(wanted);
    kept = SingletonSupplier.of(this::read);
    // their names stand in summaries of all products
    events.publishEvent(new PublishedReviewsChanged(store.ratedProducts()));
    return all();
  }
}
