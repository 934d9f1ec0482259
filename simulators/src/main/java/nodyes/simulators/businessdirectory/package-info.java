/** A business directory with reviews of the shop itself. */
@NullMarked
package nodyes.simulators.businessdirectory;

import org.jspecify.annotations.NullMarked;
