/** Makes rows of whatever is brought: CSV, spreadsheets, JSON and web pages. */
@NullMarked
package nodyes.server.tabular;

import org.jspecify.annotations.NullMarked;
