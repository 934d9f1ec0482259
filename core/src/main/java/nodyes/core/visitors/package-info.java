/** How many look at a product: exact while few, by sketches with a stated error where many. */
@NullMarked
package nodyes.core.visitors;

import org.jspecify.annotations.NullMarked;
