package nodyes.core.nod;

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
        DeliveryPromise {
  /** Its id. */
  NodId id();

  /** Where it stands, for whom, and whether it is on. */
  Placement placement();

  /** Its kind. */
  NodKind kind();

  /** What the owner calls it: a name of its own, else that of its kind. */
  default String called() {
    return kind().words();
  }

  /** What it says in the owner's words, and how it looks. */
  Dress dress();

  /** What is set of its kind beside its look. */
  NodOptions options();

  /** The same nod with another placement. */
  Nod placed(Placement placement);

  /** The same nod in other dress. */
  Nod dressed(Dress dress);

  /** The same nod with other options. */
  Nod opted(NodOptions options);

  /** The same settings under another id. */
  Nod copied(NodId id);
}
