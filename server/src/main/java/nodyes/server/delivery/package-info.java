/**
 * Delivery: the owner's delivery rules, what they come to on any day, and whether promises were
 * kept.
 */
@NullMarked
package nodyes.server.delivery;

import org.jspecify.annotations.NullMarked;
