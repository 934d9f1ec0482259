/** From a row of a file to a review, or to the reasons why not. */
@NullMarked
package nodyes.core.imports;

import org.jspecify.annotations.NullMarked;
