/** Starting it: the commands serve and demo. */
@NullMarked
package nodyes.app;

import org.jspecify.annotations.NullMarked;
