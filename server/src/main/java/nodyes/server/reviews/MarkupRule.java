package nodyes.server.reviews;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Which reviews of a product search engines are told of. */
@Component
public class MarkupRule {
  /** The rule changed. */
  public record Changed() {}

  private final MarkupRuleStore store;
  private volatile boolean countsBroughtIn;
  private final ApplicationEventPublisher events;

  MarkupRule(MarkupRuleStore store, ApplicationEventPublisher events) {
    this.store = store;
    this.events = events;
    this.countsBroughtIn = store.countsBroughtIn();
  }

  /** Whether reviews from elsewhere count beside those written in this shop. */
  public boolean countsBroughtIn() {
    return countsBroughtIn;
  }

  /** Sets it. */
  public synchronized void follow(boolean counts) {
    store.save(counts);
    countsBroughtIn = counts;
    events.publishEvent(new Changed());
  }
}
