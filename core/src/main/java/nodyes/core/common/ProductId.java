package nodyes.core.common;

/**
 * A product of the catalogue.
 *
 * @param value positive
 */
public record ProductId(long value) {}
