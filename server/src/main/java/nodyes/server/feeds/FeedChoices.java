package nodyes.server.feeds;

import java.util.Map;
import nodyes.core.imports.DateOrder;
import org.jspecify.annotations.Nullable;

/**
 * How the owner wants a table read. What is null is taken as it was found.
 *
 * @param columns which column holds which schema.org term, from 0; those that are left out are not
 *     used
 * @param dateOrder the order of day and month
 * @param sheet the sheet of a workbook
 * @param encoding the encoding of a CSV file
 */
record FeedChoices(
    @Nullable Map<String, Integer> columns,
    @Nullable DateOrder dateOrder,
    @Nullable String sheet,
    @Nullable String encoding) {
  /** All as it was found. */
  static final FeedChoices FOUND = new FeedChoices(null, null, null, null);

  String sheetOrFirst() {
    return sheet == null ? "" : sheet;
  }

  String encodingOrFound() {
    return encoding == null ? "" : encoding;
  }
}
