/** Delivery: the owner's timings, what they come to on any day, and whether promises were kept. */
@NullMarked
package nodyes.server.delivery;

import org.jspecify.annotations.NullMarked;
