/** Conditions on product, shopper and time; each explains itself and says when it may change. */
@NullMarked
package nodyes.core.audience;

import org.jspecify.annotations.NullMarked;
