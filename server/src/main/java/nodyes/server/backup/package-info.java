/** Backups of all that is stored: made while the server writes, opened and counted, restored. */
@NullMarked
package nodyes.server.backup;

import org.jspecify.annotations.NullMarked;
