package nodyes.server.storefront;

import nodyes.core.nod.Viewpoint;
import nodyes.server.storefront.wire.WirePage;
import org.jspecify.annotations.Nullable;

/**
 * A page that is asked for.
 *
 * @param viewpoint as whom, and which; of a page that was not recognised its kind says nothing
 * @param recognised what its signs came to; null where it said itself what it is
 */
record AskedPage(Viewpoint viewpoint, WirePage.@Nullable WireRecognised recognised) {
  /** Whether it is of a kind that nods stand on. */
  boolean isAnyKind() {
    return recognised == null || recognised.kind() != null;
  }
}
