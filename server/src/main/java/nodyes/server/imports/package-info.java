/** From a file to stored reviews: looking at it, reading it, reporting. */
@NullMarked
package nodyes.server.imports;

import org.jspecify.annotations.NullMarked;
