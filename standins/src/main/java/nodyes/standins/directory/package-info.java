/** A business directory with reviews of the shop itself. */
@NullMarked
package nodyes.standins.directory;

import org.jspecify.annotations.NullMarked;
