package nodyes.server.reviews;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Which reviews of a product search engines are told of. */
@Component
public class MarkupRule {
  /** The rule changed. */
  public record Changed() {}

  private final MarkupRuleStore store;
  private final ApplicationEventPublisher events;

  MarkupRule(MarkupRuleStore store, ApplicationEventPublisher events) {
    this.store = store;
    this.events = events;
  }

  /** Whether reviews from elsewhere count beside those written in this shop. */
  public boolean countsBroughtIn() {
    return store.countsBroughtIn();
  }

  /** Sets it. */
  public void follow(boolean countsBroughtIn) {
    store.save(countsBroughtIn);
    events.publishEvent(new Changed());
  }
}
