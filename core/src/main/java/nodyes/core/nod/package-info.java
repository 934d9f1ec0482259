/** The vocabulary: nods, their content, spots, kinds of page and viewpoints. */
@NullMarked
package nodyes.core.nod;

import org.jspecify.annotations.NullMarked;
