package nodyes.server.delivery;

import java.time.Instant;
import java.util.List;

/**
 * An order of which no promise is kept yet.
 *
 * @param products slugs of what was ordered
 */
record PromisedParcel(long id, Instant placedAt, String country, List<String> products) {}
