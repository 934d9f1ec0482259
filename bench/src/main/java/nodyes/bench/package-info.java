/** Measures the product side by side with general-purpose references, in one run. */
@NullMarked
package nodyes.bench;

import org.jspecify.annotations.NullMarked;
