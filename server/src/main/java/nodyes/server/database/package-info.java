/** SQLite with one writer and many readers; migrations. */
@NullMarked
package nodyes.server.database;

import org.jspecify.annotations.NullMarked;
