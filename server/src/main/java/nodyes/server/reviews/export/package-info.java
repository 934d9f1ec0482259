/** Reviews going out, in open formats. */
@NullMarked
package nodyes.server.reviews.export;

import org.jspecify.annotations.NullMarked;
