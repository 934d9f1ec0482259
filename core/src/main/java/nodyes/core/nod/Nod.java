package nodyes.core.nod;

import nodyes.core.common.NodId;

/**
 * One piece of social proof as the owner set it. It holds names and settings, never looked-up data:
 * what is so comes as facts, what is shown as a verdict.
 */
public sealed interface Nod permits StarLine, ReviewWall {
  /** Its id. */
  NodId id();

  /** Where it stands, for whom, and whether it is on. */
  Placement placement();

  /** Its kind. */
  NodKind kind();

  /** The same nod with another placement. */
  Nod placed(Placement placement);
}
