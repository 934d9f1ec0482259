package nodyes.server.nods;

import java.time.Instant;

/**
 * A change of the draft, which can be taken back while no other came after it.
 *
 * @param id goes up
 * @param words what was done
 * @param madeBy by whom
 * @param madeAt when
 */
record Step(long id, String words, String madeBy, Instant madeAt) {}
