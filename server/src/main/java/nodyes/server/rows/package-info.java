/** Makes rows of whatever is brought: CSV, spreadsheets, JSON and web pages. */
@NullMarked
package nodyes.server.rows;

import org.jspecify.annotations.NullMarked;
