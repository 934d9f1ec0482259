/** Reviews with their state, and what was done with them. */
@NullMarked
package nodyes.server.reviews;

import org.jspecify.annotations.NullMarked;
