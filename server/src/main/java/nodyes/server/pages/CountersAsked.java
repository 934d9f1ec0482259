package nodyes.server.pages;

import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.nod.VisitorCount;
import nodyes.core.visitors.TimeWindow;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.Nods;
import nodyes.server.visitors.AskedNumbers;
import org.springframework.stereotype.Component;

/** The visitor counters of the shop's pages; the published ones are kept at hand. */
@Component
class CountersAsked implements AskedNumbers {
  private final Nods nods;
  private final Derived<Set<VisitorCount.VisitorCountContent>> published;

  CountersAsked(Nods nods, Database database) {
    this.nods = nods;
    this.published = database.derive(() -> counters(nods.published()), Topic.PUBLISHED_LAYOUT);
  }

  @Override
  public boolean isPublished(TimeWindow window, int quietUnder) {
    return published.get().contains(new VisitorCount.VisitorCountContent(window, quietUnder));
  }

  @Override
  public boolean isDrafted(TimeWindow window, int quietUnder) {
    return counters(nods.draft())
        .contains(new VisitorCount.VisitorCountContent(window, quietUnder));
  }

  private static Set<VisitorCount.VisitorCountContent> counters(NodLayout arrangement) {
    return arrangement.nods().stream()
        .filter(VisitorCount.class::isInstance)
        .map(VisitorCount.class::cast)
        .map(count -> new VisitorCount.VisitorCountContent(count.window(), count.quietUnder()))
        .collect(Collectors.toUnmodifiableSet());
  }
}
