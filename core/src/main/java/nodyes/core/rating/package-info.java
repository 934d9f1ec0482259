/** Ratings, their scale, mean, histogram and the two rankings. */
@NullMarked
package nodyes.core.rating;

import org.jspecify.annotations.NullMarked;
