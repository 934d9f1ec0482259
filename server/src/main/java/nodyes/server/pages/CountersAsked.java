package nodyes.server.pages;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.nod.VisitorCount;
import nodyes.core.presence.ViewWindow;
import nodyes.server.nods.Arrangement;
import nodyes.server.nods.ArrangementPublished;
import nodyes.server.nods.Nods;
import nodyes.server.presence.AskedNumbers;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The visitor counters of the shop's pages; the published ones are kept at hand. */
@Component
class CountersAsked implements AskedNumbers {
  private final Nods nods;
  private volatile Optional<Set<VisitorCount.Content>> published = Optional.empty();

  CountersAsked(Nods nods) {
    this.nods = nods;
  }

  @Override
  public boolean isPublished(ViewWindow window, int quietUnder) {
    Set<VisitorCount.Content> known = published.orElseGet(this::read);
    return known.contains(new VisitorCount.Content(window, quietUnder));
  }

  private Set<VisitorCount.Content> read() {
    Set<VisitorCount.Content> read = counters(nods.published());
    published = Optional.of(read);
    return read;
  }

  @Override
  public boolean isDrafted(ViewWindow window, int quietUnder) {
    return counters(nods.draft()).contains(new VisitorCount.Content(window, quietUnder));
  }

  private static Set<VisitorCount.Content> counters(Arrangement arrangement) {
    return arrangement.nods().stream()
        .filter(VisitorCount.class::isInstance)
        .map(VisitorCount.class::cast)
        .map(count -> new VisitorCount.Content(count.window(), count.quietUnder()))
        .collect(Collectors.toUnmodifiableSet());
  }

  @EventListener
  void published(ArrangementPublished event) {
    published = Optional.empty();
  }
}
