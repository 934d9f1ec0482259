package nodyes.server.imports;

import java.util.List;
import nodyes.core.imports.ReviewColumn;
import org.jspecify.annotations.Nullable;

/**
 * What is wrong with a row.
 *
 * @param line the line it starts on, counted from 1
 * @param column the column's name, or null where it is the row itself
 * @param value the value as it stands in the file
 * @param reason why it cannot be taken
 * @param field what that column holds, as long as it can be said what its value means; else null
 * @param nearest what may be meant instead
 */
public record RowErrorView(
    long line,
    @Nullable String column,
    String value,
    String reason,
    @Nullable ReviewColumn field,
    List<String> nearest) {}
