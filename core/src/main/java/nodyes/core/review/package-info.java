/** A review with where it is from, and the states it may pass through. */
@NullMarked
package nodyes.core.review;

import org.jspecify.annotations.NullMarked;
