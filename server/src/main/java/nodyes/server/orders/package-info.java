/** Orders, as far as reviews and rules need them. */
@NullMarked
package nodyes.server.orders;

import org.jspecify.annotations.NullMarked;
