/** What things cost and cost before. */
@NullMarked
package nodyes.core.price;

import org.jspecify.annotations.NullMarked;
