/** When an order arrives: the days that count, whose timing wins, and whether promises are kept. */
@NullMarked
package nodyes.core.delivery;

import org.jspecify.annotations.NullMarked;
