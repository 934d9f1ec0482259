/** From a file to stored reviews: looking at it, reading it, reporting. */
@NullMarked
package nodyes.server.bringin;

import org.jspecify.annotations.NullMarked;
