package nodyes.server.bringin;

import java.math.BigDecimal;
import java.util.Map;
import nodyes.core.bringin.Column;
import org.jspecify.annotations.Nullable;

/**
 * How the owner wants a file read.
 *
 * @param columns which column holds what; null for what was found
 * @param product slug of the product that all rows are for; null to let the column choose
 * @param worst the lowest rating of its scale; null for what was found
 * @param best the highest; null for what was found
 * @param encoding the encoding; null for what was found
 */
public record Choices(
    @Nullable Map<Column, Integer> columns,
    @Nullable String product,
    @Nullable BigDecimal worst,
    @Nullable BigDecimal best,
    @Nullable String encoding) {}
