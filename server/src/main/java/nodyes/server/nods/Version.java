package nodyes.server.nods;

import java.time.Instant;
import java.util.List;

/**
 * A published version in the list of them.
 *
 * @param version its number
 * @param publishedAt when
 * @param publishedBy by whom
 * @param note what the owner said of it; may be empty
 * @param changes what it changed against the one before it
 */
record Version(
    int version,
    Instant publishedAt,
    String publishedBy,
    String note,
    List<LayoutDiff.Change> changes) {}
