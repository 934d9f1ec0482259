package nodyes.server.nods;

import java.time.Instant;
import nodyes.core.delivery.DeliverySettings;

/**
 * Delivery rules as they were published.
 *
 * @param since when they were first published, and stayed the same over the versions since
 * @param settings what they were
 */
public record PublishedDelivery(Instant since, DeliverySettings settings) {}
