/** A service that translates. */
@NullMarked
package nodyes.standins.translator;

import org.jspecify.annotations.NullMarked;
