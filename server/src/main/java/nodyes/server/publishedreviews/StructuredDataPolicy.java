package nodyes.server.publishedreviews;

import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import org.springframework.stereotype.Component;

/** Which reviews of a product search engines are told of. */
@Component
public class StructuredDataPolicy {
  private final StructuredDataPolicyStore store;
  private final Derived<Boolean> countsBroughtIn;

  StructuredDataPolicy(StructuredDataPolicyStore store, Database database) {
    this.store = store;
    this.countsBroughtIn = database.derive(store::countsBroughtIn, Topic.STRUCTURED_DATA_POLICY);
  }

  /** Whether reviews from elsewhere count beside those written in this shop. */
  public boolean countsBroughtIn() {
    return countsBroughtIn.get();
  }

  /** Sets it. */
  public void follow(boolean counts) {
    store.save(counts);
  }
}
