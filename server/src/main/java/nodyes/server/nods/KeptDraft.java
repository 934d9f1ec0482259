package nodyes.server.nods;

import java.time.Instant;
import java.util.List;

/**
 * A draft that gave way to a version.
 *
 * @param message when and for what it was put aside
 * @param changes how it differs from what shoppers get
 */
record KeptDraft(long id, String message, String by, Instant at, List<LayoutDiff.Change> changes) {}
