/** All that is the shop's, packed into one file to take along. */
@NullMarked
package nodyes.server.leaving;

import org.jspecify.annotations.NullMarked;
