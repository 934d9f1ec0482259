package nodyes.server.nods;

import java.time.Instant;

/**
 * A change of the draft, which can be undone while no other came after it.
 *
 * @param id goes up
 * @param message what was done
 * @param madeBy by whom
 * @param madeAt when
 * @param isOfDelivery whether it changed the delivery rules
 */
record DraftChange(long id, String message, String madeBy, Instant madeAt, boolean isOfDelivery) {}
