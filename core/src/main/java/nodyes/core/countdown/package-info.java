/** When a countdown runs and ends: at a moment, after a length, again and again, at a cut-off. */
@NullMarked
package nodyes.core.countdown;

import org.jspecify.annotations.NullMarked;
