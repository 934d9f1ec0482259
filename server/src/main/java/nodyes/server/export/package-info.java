/** All that is the shop's, packed into one file to take along. */
@NullMarked
package nodyes.server.export;

import org.jspecify.annotations.NullMarked;
