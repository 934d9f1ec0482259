package nodyes.core.price;

import java.time.Instant;
import org.joda.money.Money;

/**
 * A price that came into force.
 *
 * @param from when
 * @param price what it costs from then on, until the next change
 */
public record PriceChange(Instant from, Money price) {}
