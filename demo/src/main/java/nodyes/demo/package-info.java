/** Makes the demo shop's data: its catalogue, orders and reviews, in open formats. */
@NullMarked
package nodyes.demo;

import org.jspecify.annotations.NullMarked;
