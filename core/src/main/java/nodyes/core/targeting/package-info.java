/** Conditions on product, shopper and time; each explains itself and says when it may change. */
@NullMarked
package nodyes.core.targeting;

import org.jspecify.annotations.NullMarked;
