package nodyes.server.evidence;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.delivery.OnTimeReport;
import nodyes.server.nods.Nods;
import nodyes.server.pages.CatalogueFactsCache;
import org.springframework.stereotype.Component;

/** What may be held against what shoppers get now. */
@Component
public class PublishedClaimRisks {
  private final Nods nods;
  private final CatalogueFactsCache facts;
  private final OnTimeReport kept;
  private final Clock clock;

  PublishedClaimRisks(Nods nods, CatalogueFactsCache facts, OnTimeReport kept, Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.kept = kept;
    this.clock = clock;
  }

  /** All of it: of nods in their order, and then of the promises that were not kept. */
  public List<NodClaimRisk> now() {
    var doubts =
        new ArrayList<>(
            ClaimRisks.of(nods.published().nods(), facts.with(nods.published()), clock.instant()));
    kept.unkept().stream().map(ClaimRisks::unkept).forEach(doubts::add);
    return List.copyOf(doubts);
  }
}
