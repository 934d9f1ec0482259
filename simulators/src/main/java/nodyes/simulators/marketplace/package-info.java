/** A marketplace where the shop's products sell as well, with reviews of them. */
@NullMarked
package nodyes.simulators.marketplace;

import org.jspecify.annotations.NullMarked;
