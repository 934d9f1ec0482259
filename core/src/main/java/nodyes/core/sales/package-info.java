/** What was sold, and how products stand to one another by it. */
@NullMarked
package nodyes.core.sales;

import org.jspecify.annotations.NullMarked;
