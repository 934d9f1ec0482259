package nodyes.core.delivery;

/**
 * A value of an order's timing, and the layer that gave it.
 *
 * @param value what it is
 * @param layer of the layers that apply, the narrowest that sets it
 */
public record RuleMatch<T>(T value, DeliveryRule layer) {}
