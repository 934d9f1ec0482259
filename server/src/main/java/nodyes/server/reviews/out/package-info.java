/** Reviews going out, in open formats. */
@NullMarked
package nodyes.server.reviews.out;

import org.jspecify.annotations.NullMarked;
