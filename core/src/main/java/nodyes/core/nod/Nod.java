package nodyes.core.nod;

import java.util.Optional;
import nodyes.core.common.NodId;

/**
 * One piece of social proof as the owner set it. It holds names and settings, never looked-up data:
 * what is so comes as facts, what is shown as a verdict.
 */
public sealed interface Nod
    permits StarLine,
        ReviewWall,
        ReviewTab,
        PickedQuotes,
        Label,
        TrustBadges,
        Countdown,
        VisitorCount,
        StockLine,
        RecentOrders,
        DeliveryPromise,
        ReturnsLine {
  /** Its id. */
  NodId id();

  /** Where it stands, for whom, and whether it is on. */
  Placement placement();

  /** Its kind. */
  NodKind kind();

  /** A name that the owner gave it; empty where it is called as its kind is. */
  default Optional<String> ownName() {
    return Optional.empty();
  }

  /** What it says in the owner's words, and how it looks. */
  Appearance dress();

  /** What is set of its kind beside its look. */
  NodOptions options();

  /** What must be loaded to say what it shows. */
  FactRequirements needs();

  /** The same nod with another placement. */
  Nod placed(Placement placement);

  /** The same nod in other dress. */
  Nod dressed(Appearance dress);

  /** The same nod with other options. */
  Nod opted(NodOptions options);

  /** The same settings under another id. */
  Nod copied(NodId id);
}
