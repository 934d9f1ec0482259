package nodyes.server.proof;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.delivery.KeptPromises;
import nodyes.server.nods.Nods;
import nodyes.server.pages.AllFacts;
import org.springframework.stereotype.Component;

/** What may be held against what shoppers get now. */
@Component
public class PublishedDoubts {
  private final Nods nods;
  private final AllFacts facts;
  private final KeptPromises kept;
  private final Clock clock;

  PublishedDoubts(Nods nods, AllFacts facts, KeptPromises kept, Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.kept = kept;
    this.clock = clock;
  }

  /** All of it: of nods in their order, and then of the promises that were not kept. */
  public List<DoubtOfNod> now() {
    var doubts =
        new ArrayList<>(
            Doubts.of(nods.published().nods(), facts.with(nods.published()), clock.instant()));
    kept.unkept().stream().map(Doubts::unkept).forEach(doubts::add);
    return List.copyOf(doubts);
  }
}
