/** A service that translates. */
@NullMarked
package nodyes.simulators.translator;

import org.jspecify.annotations.NullMarked;
